import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { areasOf } from '../points/areas';
import { assess } from '../points/doorbell/assessment';
import { bagList } from '../points/doorbell/bagList';
import { beforeList, customerPage, customerText } from './before';
import { wifiOf } from '../points/wifi';
import { asked, startedLog, type TestLog, TOMAS } from './forTests';
import { ENTRY_KINDS } from '../kinds/register';
import { ladderOf } from '../points/ladder';
import { stepStandings } from '../points/stepStandings';
import { missingAtLook } from '../points/missing';
import { nextMove } from '../points/nextMove';
import { partsOf } from '../points/parts';
import { surveyOf } from '../points/doorbell/survey';
import { worriesOf } from '../points/worries';

const worries = ({ job, point }: TestLog): readonly string[] =>
  worriesOf(job, point, assess(job, point, 200)).map(({ id }) => id);

describe('departing from the policy', () => {
  it('keeps its words with the matter that they were said for', () => {
    const log = startedLog().write('policyTaken', { weakSupply: 'headroom', why: 'a larger device comes' });
    expect(log.job.policyWhy).toEqual({ weakSupply: 'a larger device comes' });
    log.write('policyTaken', { bellSide: 'live', why: 'no board within reach' });
    expect(log.job.policyWhy).toEqual({ weakSupply: 'a larger device comes', bellSide: 'no board within reach' });
    expect(log.job.policy).toMatchObject({ weakSupply: 'headroom', bellSide: 'live' });
  });
});

describe('before the visit', () => {
  it('asks the customer for what is open and nothing else', () => {
    const log = startedLog().write('customerDescribed', {
      name: 'R. Tamsin',
      wifiName: 'tern',
      wifiPassword: 'ready',
      wifiBand: '2.4',
      phone: 'missing',
      owner: 'R. Tamsin',
      pointNames: 'ready',
      someoneHome: 'ready',
      recording: 'ready',
      permission: 'notNeeded',
    });
    const page = customerPage(log.job, 'Thursday, 5 March');
    expect(say(page.opening)).toContain('Dear R. Tamsin');
    expect(say(page.opening)).toContain('Thursday, 5 March to fit the device at the front door');
    expect(page.asks).toHaveLength(2);
    expect(customerText(page, say)).toMatch(/– Make your account.*\n– Charge your phone/);
    expect(page.asks.map(say).join(' ')).not.toContain('landlord');
  });
  it('is short when all is ready, and speaks by the firm’s school of accounts', () => {
    const log = startedLog().write('policyTaken', { account: 'shared' });
    expect(say(beforeList(log.job).find(({ id }) => id === 'account')?.ask)).toContain('shared sign-in');
    const states = beforeList(log.job).map(({ state }) => state);
    expect(states).toEqual(Array(states.length).fill('open'));
  });
  it('tells many open things in one worry and few by name', () => {
    expect(worries(startedLog())).toContain('customer');
    const few = startedLog().write('customerDescribed', {
      wifiName: 'tern',
      wifiBand: '5',
      wifiPassword: 'missing',
      account: 'ready',
      phone: 'ready',
      owner: 'R.',
      pointNames: 'ready',
      someoneHome: 'ready',
      recording: 'ready',
      permission: 'given',
    });
    expect(worries(few)).toContain('wifiPassword');
    expect(worries(few)).not.toContain('customer');
  });
});

describe('unpack and check', () => {
  it('turns what is missing or wrong into a part to bring and a worry', () => {
    const log = startedLog()
      .write('bagChecked', { pointId: 'p', item: 'fuse', state: 'wrong', note: 'no continuity' })
      .write('bagChecked', { pointId: 'p', item: 'connectors', state: 'missing' })
      .write('bagChecked', { pointId: 'p', item: 'device', state: 'there' });
    expect(inWords(partsOf(log.job, log.point), say)).toEqual(
      expect.arrayContaining(['2 fuse links, tested', 'connectors one size up']),
    );
    expect(worries(log)).toEqual(expect.arrayContaining(['bag-fuse', 'bag-connectors']));
    log.write('bagChecked', { pointId: 'p', item: 'connectors', state: 'there' });
    expect(inWords(partsOf(log.job, log.point), say)).not.toContain('connectors one size up');
  });
  it('follows the firm’s school of fixings, and says who looked last', () => {
    const log = startedLog().write('pointDescribed', { pointId: 'p', wall: 'brick' });
    const items = () => bagList(log.job, log.door).map(({ item }) => item.id);
    expect(inWords(partsOf(log.job, log.point), say)).toContain('anchors 6 mm (1/4 in)');
    expect(items()).not.toContain('anchors');
    log.write('policyTaken', { fixings: 'bag' });
    expect(inWords(partsOf(log.job, log.point), say)).not.toContain('anchors 6 mm (1/4 in)');
    expect(items()).toContain('anchors');
    log
      .write('bagChecked', { pointId: 'p', item: 'anchors', state: 'wrong' })
      .write('bagChecked', { pointId: 'p', item: 'anchors', note: 'for timber' }, TOMAS);
    expect(log.door.bag.anchors).toMatchObject({ state: 'wrong', note: 'for timber', by: TOMAS });
    expect(inWords(partsOf(log.job, log.point), say)).toContain('anchors and screws for this wall');
  });
});

describe('boards', () => {
  it('number ways from 1 and take further ones, each number once', () => {
    const log = startedLog()
      .write('boardListed', { boardId: 'main', name: 'Cellar', ways: 3 })
      .write('wayListed', { boardId: 'main', way: '2', label: 'Freezer', doNotDrop: true, why: 'full' })
      .write('wayListed', { boardId: 'main', way: '7a', label: 'Bell' })
      .write('wayListed', { boardId: 'main', way: '7A ', ratingAmps: 15 });
    const [board] = log.job.boards;
    expect(board?.ways.map(({ way }) => way)).toEqual(['1', '2', '3', '7A']);
    expect(board?.ways[3]).toMatchObject({ label: 'Bell', ratingAmps: 15 });
    expect(board?.ways[1]).toMatchObject({ doNotDrop: true, why: 'full' });
    log.write('wayListed', { boardId: 'main', way: '7A', gone: true });
    expect(log.job.boards[0]?.ways).toHaveLength(3);
  });
});

describe('worries of the survey', () => {
  it('name the light that takes the bell with it', () => {
    const log = startedLog().write('switchTried', { supplyId: 'p', name: 'stair light', bellDies: true });
    expect(worries(log)).toContain('switchedFeed');
  });
  it('ask for an extender at −74 dBm, which is then a part', () => {
    const log = startedLog().write('wifiRead', { pointId: 'p', dbm: -74, upMbit: 1.2 });
    expect(worries(log)).toContain('wifi');
    expect(inWords(partsOf(log.job, log.point), say)).toContain('Wi-Fi extender');
    expect(inWords(wifiOf(log.job, log.point), say)).toMatchObject({ measured: true, word: 'extender' });
  });
  it('let a prediction stand only until something is read', () => {
    const log = startedLog().write('pointDescribed', { pointId: 'p', routerM: 10, routerWalls: ['brick'] });
    expect(wifiOf(log.job, log.point)).toMatchObject({ measured: false, dbm: -67 });
    log.write('wifiRead', { pointId: 'p', dbm: -55 });
    expect(wifiOf(log.job, log.point)).toMatchObject({ measured: true, dbm: -55 });
  });
  it('name a second transformer that is joined on and not isolated', () => {
    const log = startedLog()
      .write('transformerDescribed', { supplyId: 'p', joined: 'yes' })
      .write('circuitListed', { circuitId: 'a', way: '7', feeds: ['p'] });
    expect(worries(log)).toContain('feed-joined');
    log.write('circuitListed', { circuitId: 'b', way: '9', feeds: ['p'] });
    expect(worries(log)).not.toContain('feed-joined');
  });
});

describe('areas of the survey', () => {
  it('show the search only where there was a bell, the supply only where there was none', () => {
    const names = (log: TestLog) => areasOf(log.job, log.point).map(({ area }) => area);
    const bell = startedLog().write('pointDescribed', { pointId: 'p', wasThere: 'button' });
    expect(names(bell)).toContain('transformer');
    expect(names(bell)).not.toContain('supply');
    const none = startedLog().write('pointDescribed', { pointId: 'p', wasThere: 'nothing' });
    expect(names(none)).toContain('supply');
    expect(names(none)).not.toContain('transformer');
  });
  it('count what is there', () => {
    const log = startedLog().write('pointDescribed', { pointId: 'p', wasThere: 'button', leadReachM: 0.1 });
    const state = (area: string) => areasOf(log.job, log.point).find((one) => one.area === area);
    expect(inWords(state('door'), say)).toMatchObject({ state: 'inHand', words: '1 of 2' });
    expect(inWords(state('plate'), say)).toMatchObject({ state: 'inHand', words: '1 of 4' });
    expect(inWords(state('photos'), say)).toMatchObject({ state: 'open' });
  });
});

describe('a floodlight point', () => {
  const yard = () =>
    startedLog()
      .write('pointAdded', { pointId: 'y', pointKind: 'floodlight', name: 'Yard', boxId: 'y' })
      .write('pointDescribed', {
        pointId: 'y',
        oldFixture: 'sensorLight',
        mountedOn: 'eave',
      });
  const stand = (log: TestLog) => {
    const { job } = log;
    const point = job.points[1];
    if (!point) throw new Error('no yard');
    return { job, point, assessment: assess(job, point, 100) };
  };
  it('has a survey of its own: fixture and view, no plate, chime or transformer', () => {
    const { job, point } = stand(yard());
    const areas = areasOf(job, point).map(({ area }) => area);
    expect(areas).toEqual(expect.arrayContaining(['fixture', 'view', 'wifi', 'photos']));
    for (const area of ['door', 'plate', 'chime', 'transformer', 'bag']) expect(areas).not.toContain(area);
    expect(missingAtLook(job, point).map(({ id }) => id)).toEqual(['fixtureHeightM', 'wifi']);
  });
  it('goes on to its box, and offers nothing on mains before that is known', () => {
    const log = yard()
      .write('pointDescribed', { pointId: 'y', fixtureHeightM: 2.9, wall: 'render' })
      .write('wifiRead', { pointId: 'y', dbm: -74 });
    const { job, point, assessment } = stand(log);
    expect(inWords(nextMove(job, point, assessment, asked('ines')), say)).toMatchObject({
      rung: 'measure',
      words: expect.stringContaining('Name the box'),
    });
    const marks = ladderOf(job, point, assessment, asked('ines')).map(({ state }) => state);
    expect(marks).toEqual(['done', ...Array<string>(7).fill('open')]);
    expect(inWords(partsOf(job, point), say)).toEqual(['Wi-Fi extender']);
    // It may be looked at; its cover stays on until a circuit is named, off and locked
    expect(stepStandings(job, point, asked('ines')).map(({ step, heldBy }) => [step.id, heldBy])).toEqual([
      ['box-photo', []],
      ['box-open', ['noCircuit']],
      ['box-spread', ['noCircuit']],
      ['box-read', ['stepBefore', 'noCircuit']],
      ['box-dead-after', ['switchOnFirst', 'noCircuit']],
    ]);
  });
});

describe('photos', () => {
  it('are pinned, marked and taken away by entries of their own', () => {
    const sha256 = 'a'.repeat(64);
    const log = startedLog()
      .write('photoAttached', { photoId: 'f', sha256, widthPx: 800, heightPx: 600 })
      .write('photoDescribed', { photoId: 'f', rung: 'look', pointOf: 'p', caption: 'hole', trial: true })
      .write('photoDescribed', {
        photoId: 'f',
        marks: [{ shape: 'circle', fromX: 0.2, fromY: 0.2, toX: 0.3, toY: 0.3, text: '' }],
      });
    expect(log.job.photos[0]).toMatchObject({
      caption: 'hole',
      trial: true,
      pointId: 'p',
      marks: [{ shape: 'circle' }],
    });
    log.write('photoDescribed', { photoId: 'f', gone: true });
    expect(log.job.photos).toEqual([]);
    log.write('entryStruck', { target: log.last });
    expect(log.job.photos).toHaveLength(1);
  });
  it('refuse marks outside the picture and a hash that is none', () => {
    const marks = [{ shape: 'arrow', fromX: 1.2, fromY: 0, toX: 0, toY: 0 }];
    expect(() => ENTRY_KINDS.photoDescribed.validateSync({ photoId: 'f', marks }, { strict: true })).toThrow();
    const attached = { photoId: 'f', sha256: 'x', widthPx: 1, heightPx: 1 };
    expect(() => ENTRY_KINDS.photoAttached.validateSync(attached, { strict: true })).toThrow('SHA-256');
  });
});

describe('a new supply', () => {
  it('gives the circuit its run and the bag its parts', () => {
    const log = startedLog()
      .write('pointDescribed', { pointId: 'p', wasThere: 'nothing' })
      .write('supplyPlanned', { supplyId: 'p', from: 'adapter', segments: [{ way: 'surface', lengthM: 6, holes: 0 }] });
    expect(surveyOf(log.job, log.door).runs.toDoor.lengthM).toEqual({ low: 6, high: 6 });
    expect(inWords(partsOf(log.job, log.point), say)).toContain('plug-in adapter, AC out');
    const supply = () => areasOf(log.job, log.point).find(({ area }) => area === 'supply');
    expect(inWords(supply(), say)).toMatchObject({ state: 'done' });
    // A battery has no route to be asked for
    log.write('supplyPlanned', { supplyId: 'p', from: 'battery', segments: null });
    expect(inWords(supply(), say)).toMatchObject({ state: 'done', words: 'battery' });
  });
});

describe('what two people said of lists', () => {
  it('is the same where the same was said', () => {
    const log = startedLog()
      .write('pointDescribed', { pointId: 'p', shouldSee: ['faces', 'parcel'] })
      .write('pointDescribed', { pointId: 'p', shouldSee: ['faces', 'parcel'] }, TOMAS);
    expect(log.job.alsoSaid).toEqual([]);
    log.write('pointDescribed', { pointId: 'p', shouldSee: ['gate'] });
    expect(log.job.alsoSaid).toMatchObject([{ field: 'shouldSee', by: TOMAS }]);
  });
});
