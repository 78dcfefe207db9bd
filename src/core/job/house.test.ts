// Over 300 lines: each case climbs a whole house by its log, and the acts that build one belong to all of them.
import { NOBODY } from '../isolation';
import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { DEVICES } from '../catalogue';
import { assess, rememberingAssess } from '../points/doorbell/assessment';
import { carriedProfile } from '../points/doorbell/survey';
import { chooseAmong, optionsFor } from '../advice';
import { choiceOf } from '../points/doorbell/choiceOf';
import { ladderOf } from '../points/ladder';
import { stepStandings } from '../points/stepStandings';
import { missingAtLook } from '../points/missing';
import { nextMove } from '../points/nextMove';
import { partsOf } from '../points/parts';
import { pointSteps } from '../points/planOf';
import { asked, TestLog } from './forTests';
import type { Doorbell } from '../points/doorbell/doorbell';
import type { Point } from '../points/point';
import { circuitsOfPoint } from '../points/supplyOf';
import { worriesOf } from '../points/worries';

const pointOf = (log: TestLog, id: string): Point => {
  const point = log.job.points.find((one) => one.id === id);
  if (!point) throw new Error(`no point ${id}`);
  return point;
};
const door = (log: TestLog, id: string): Doorbell => {
  const point = pointOf(log, id);
  if (point.kind !== 'doorbell') throw new Error(`${id} is no doorbell`);
  return point;
};

/** A house with a front door whose bell was surveyed, on 16 V 30 VA. */
const surveyed = (): TestLog =>
  new TestLog()
    .write('siteDescribed', { region: 'na-120', lengths: 'metric' })
    .write('pointAdded', {
      pointId: 'front',
      pointKind: 'doorbell',
      name: 'Front',
      supplyId: 's',
      chimeId: 'c',
      boxId: 'b',
    })
    .write('pointDescribed', { pointId: 'front', wasThere: 'button', wall: 'brick', leadReachM: 0.1 })
    .write('transformerDescribed', {
      supplyId: 's',
      ratedVolts: 16,
      ratedVa: 30,
      foundAt: 'board',
      toldApart: 'label',
      alwaysFed: 'yes',
    })
    .write('chimeDescribed', { chimeId: 'c', chimeKind: 'mechanical', ratedVolts: 16 })
    .write('runDescribed', { chimeId: 'c', run: 'toChime', lengthLowM: 6, lengthHighM: 6, awg: 18 })
    .write('runDescribed', { pointId: 'front', run: 'toDoor', lengthLowM: 5, lengthHighM: 5, awg: 18 })
    .write('readingTaken', { pointId: 'front', what: 'volts', at: 'transformer', state: 'open', low: 19, high: 19 });
const withBack = (log = surveyed()): TestLog =>
  log
    .write('pointAdded', {
      pointId: 'back',
      pointKind: 'doorbell',
      name: 'Back door',
      supplyId: 's',
      chimeId: 'c',
      terminal: 'Rear',
      boxId: 'b',
    })
    .write('pointDescribed', { pointId: 'back', wasThere: 'button', wall: 'brick', leadReachM: 0.1 })
    .write('runDescribed', { pointId: 'back', run: 'toDoor', lengthLowM: 9, lengthHighM: 9, awg: 18 });

const take = (log: TestLog, pointId: string, pick: (id: string) => boolean): TestLog => {
  const { survey, premises, known } = assess(log.job, door(log, pointId), 400);
  const { options } = chooseAmong(
    survey,
    known.houses,
    optionsFor(survey, premises).filter(({ id }) => pick(id)),
    'soundest',
  );
  const [way] = options;
  if (!way) throw new Error('no such way');
  return log.write('choiceMade', choiceOf(pointId, way, '', say));
};
const isModuleOn = (transformer: string) => (id: string) => id === `${transformer}+powerModule`;

describe('a second door on the same chime and transformer', () => {
  it('asks nothing again that belongs to the house', () => {
    const log = withBack();
    const [front, back] = [door(log, 'front'), door(log, 'back')];
    expect(back.transformer).toEqual(front.transformer);
    expect(back.chime).toEqual(front.chime);
    expect(back.runs.toChime).toEqual(front.runs.toChime);
    expect(back.runs.toDoor).toMatchObject({ lengthLowM: 9 });
    expect(back.readings.map(({ entryId }) => entryId)).toEqual(front.readings.map(({ entryId }) => entryId));
    expect(missingAtLook(log.job, back).map(({ id }) => id)).toEqual(['wifi']);
    expect(log.job.house).toMatchObject({ supplies: [{ id: 's' }], chimes: [{ id: 'c' }], boxes: [{ id: 'b' }] });
  });
  it('keeps what is read at a door to that door', () => {
    const log = withBack().write('readingTaken', {
      pointId: 'back',
      what: 'volts',
      at: 'door',
      state: 'open',
      low: 18,
      high: 18,
    });
    log.write('readingTaken', { pointId: 'back', what: 'mainsVolts', low: 120, high: 120 });
    expect(door(log, 'front').readings.map(({ data }) => data.what)).toEqual(['volts', 'mainsVolts']);
    expect(door(log, 'back').readings.map(({ data }) => data.at)).toEqual(['transformer', 'door', undefined]);
  });
  it('hangs on the circuit that was named at the other one', () => {
    const log = withBack().write('circuitListed', { circuitId: 'k', way: '4', feeds: ['front'] });
    expect(circuitsOfPoint(log.job, door(log, 'back')).map(({ id }) => id)).toEqual(['k']);
  });
  it('is judged together with it: each door’s verdict counts the other', () => {
    const log = withBack();
    const alone = assess(surveyed().job, door(surveyed(), 'front'), 400).reference.judgement;
    const both = assess(log.job, door(log, 'front'), 400).reference.judgement;
    expect(both.governingVolts).toBeLessThan(alone.governingVolts);
    expect(both.others.map(({ id }) => id)).toEqual(['back']);
    const seenFromBack = assess(log.job, door(log, 'back'), 400).reference.judgement;
    expect(seenFromBack.others.map(({ id }) => id)).toEqual(['front']);
    // What each says of the other is what that one says of itself
    expect(seenFromBack.others[0]?.low.likely).toBeCloseTo(both.governingVolts, 0);
  });
  it('takes its supply from the choice made first, whose plan alone has the steps of it', () => {
    const log = take(withBack(), 'front', isModuleOn('box-24-40'));
    const { premises } = assess(log.job, door(log, 'back'), 200);
    expect(inWords(premises.decided, say)).toMatchObject({ at: 'Front', transformer: { id: 'box-24-40', cost: 0 } });
    const ways = optionsFor(assess(log.job, door(log, 'back'), 200).survey, premises);
    expect(new Set(ways.map(({ transformer }) => transformer?.id))).toEqual(new Set(['box-24-40']));
    take(log, 'back', isModuleOn('box-24-40'));
    const places = (id: string) => new Set(pointSteps(door(log, id)).map(({ place }) => place));
    expect(places('front').has('transformer')).toBe(true);
    expect(places('back').has('transformer')).toBe(false);
    expect(partsOf(log.job, door(log, 'front')).map(say).join()).toContain('24 V 40 VA');
    expect(partsOf(log.job, door(log, 'back')).map(say).join()).not.toContain('24 V 40 VA');
    const words = pointSteps(door(log, 'back')).map(({ words: one }) => say(one));
    expect(words.join()).not.toContain('pick a way again');
    // The back door’s module goes under its own screw
    expect(words.some((said) => said.includes('Rear'))).toBe(true);
    expect(words.some((said) => said.includes('Front'))).toBe(false);
  });
  it('follows when the supply is chosen anew at either door', () => {
    const log = take(take(withBack(), 'front', isModuleOn('box-24-40')), 'back', isModuleOn('box-24-40'));
    take(log, 'front', isModuleOn('box-16-30'));
    expect(door(log, 'back').choice?.data.transformer?.id).toBe('box-16-30');
    expect(door(log, 'back').feed?.pointId).toBe('front');
  });
  it('stays whole where the supply it hung on was never described, or was struck', () => {
    const log = new TestLog()
      .write('siteDescribed', { region: 'na-120' })
      .write('thingFound', { thingId: 's2', thing: 'supply', name: 'attic' })
      .write('pointAdded', { pointId: 'p', pointKind: 'doorbell', name: 'Side', supplyId: 's2' });
    log.write('entryStruck', { target: 'e2' });
    const point = door(log, 'p');
    expect(point.transformer).toEqual({});
    expect(nextMove(log.job, point, assess(log.job, point, 200), NOBODY).rung).toBe('look');
  });
});

/** A house where nothing was: no bell, no chime, no transformer. */
const bare = (from: 'adapter' | 'board' | null = null): TestLog => {
  const log = new TestLog()
    .write('siteDescribed', { region: 'na-120', lengths: 'metric' })
    .write('customerDescribed', {
      wifiName: 'x',
      wifiPassword: 'ready',
      account: 'ready',
      phone: 'ready',
      someoneHome: 'ready',
      permission: 'notNeeded',
    })
    .write('pointAdded', { pointId: 'p', pointKind: 'doorbell', name: 'Door', supplyId: 's', chimeId: 'c', boxId: 'b' })
    .write('pointDescribed', { pointId: 'p', wasThere: 'nothing', wall: 'brick' })
    .write('wifiRead', { pointId: 'p', dbm: -55 });
  if (from)
    log.write('supplyPlanned', {
      supplyId: 's',
      from,
      segments: [
        { way: 'surface', lengthM: 5, holes: 0 },
        { way: 'throughWall', lengthM: 0.3, holes: 1 },
      ],
    });
  return log;
};

describe('a house without a bell', () => {
  it('is asked for a supply, and for no nameplate, chime or search', () => {
    const log = bare();
    const point = door(log, 'p');
    expect(point.toBeMade).toBe(true);
    expect(missingAtLook(log.job, point).map(({ id }) => id)).toEqual(['supply']);
    const planned = bare('adapter');
    const move = nextMove(planned.job, door(planned, 'p'), assess(planned.job, door(planned, 'p'), 200), NOBODY);
    expect(move.rung).toBe('choose');
    expect(say(move.words)).not.toMatch(/nameplate/i);
  });
  it('has no run to a chime in its loop, nor a splice in it', () => {
    const log = bare('adapter');
    const { known, survey } = assess(log.job, door(log, 'p'), 400);
    expect(survey.chime.kind).toBe('none');
    expect(known.toChimeOhms).toEqual({ low: 0, likely: 0, high: 0 });
    expect(known.guesses.map(say).join()).not.toContain('to the chime');
  });
  it('is offered what fits where the supply comes from', () => {
    const fits = (from: 'adapter' | 'board') => {
      const log = bare(from);
      const { survey, premises } = assess(log.job, door(log, 'p'), 200);
      return new Set(optionsFor(survey, premises).map(({ transformer }) => transformer?.fit));
    };
    expect(fits('adapter')).toEqual(new Set(['plugIn']));
    expect(fits('board').has('plugIn')).toBe(false);
  });
  it('climbs with a plug from cable to device, no breaker asked, nothing taken off that is not there', () => {
    const log = bare('adapter');
    take(log, 'p', (id) => id.startsWith('plug'));
    const steps = pointSteps(door(log, 'p'));
    expect(steps.every(({ touches }) => touches !== 'mains')).toBe(true);
    expect(
      steps
        .map(({ words }) => words)
        .map(say)
        .join(),
    ).not.toMatch(/old|pick a way again|Trans|Front/);
    expect(steps.filter(({ place }) => place === 'cable').map(({ minutes }) => minutes)).toEqual([13, 20]);
    expect(stepStandings(log.job, door(log, 'p'), asked('ines')).every(({ held }) => held === null)).toBe(true);
    for (const { id: stepId, touches } of steps) {
      const point = door(log, 'p');
      expect(inWords(nextMove(log.job, point, assess(log.job, point, 200), asked('ines')), say)).toMatchObject({
        rung: 'wire',
      });
      log.write('stepTicked', { pointId: 'p', stepId, touches, how: 'done' });
    }
    const point = door(log, 'p');
    expect(Object.values(point.ticks).every(({ proofStood }) => proofStood)).toBe(true);
    const marks = ladderOf(log.job, point, assess(log.job, point, 200), asked('ines'));
    expect(
      inWords(
        marks.find(({ rung }) => rung === 'isolate'),
        say,
      ),
    ).toMatchObject({ state: 'done' });
    expect(nextMove(log.job, point, assess(log.job, point, 200), asked('ines')).rung).toBe('mount');
    expect(partsOf(log.job, point).map(say).join()).toContain('bell cable');
  });
  it('with a transformer of its own does mains work, held until its circuit is proved dead', () => {
    const log = bare('board');
    take(log, 'p', (id) => id.startsWith('box-24-40') || id.startsWith('rail-24-40'));
    const steps = pointSteps(door(log, 'p'));
    const words = steps
      .map((step) => step.words)
      .map(say)
      .join();
    expect(words).not.toMatch(/pick a way again|Old primary|old transformer/);
    expect(steps.some(({ touches }) => touches === 'mains')).toBe(true);
    const standings = stepStandings(log.job, door(log, 'p'), asked('ines'));
    expect(standings.filter(({ step }) => step.touches === 'mains').every(({ held }) => held !== null)).toBe(true);
  });
});

describe('what the judgement remembers', () => {
  const said: readonly ((log: TestLog) => unknown)[] = [
    (log) => log.write('transformerDescribed', { supplyId: 's', ratedVa: 10 }),
    (log) => log.write('transformerDescribed', { supplyId: 's', foundAt: 'boilerRoom', toldApart: null }),
    (log) => log.write('runDescribed', { pointId: 'back', run: 'toDoor', lengthLowM: 20, lengthHighM: 22 }),
    (log) => log.write('runDescribed', { chimeId: 'c', run: 'toChime', sparePairs: 2 }),
    (log) => log.write('chimeDescribed', { chimeId: 'c', secondChime: 'yes' }),
    (log) => log.write('pointDescribed', { pointId: 'back', deviceId: 'compact-silent' }),
    (log) => log.write('pointDescribed', { pointId: 'front', wasThere: 'videoDoorbell' }),
    (log) => log.write('readingTaken', { pointId: 'back', what: 'mainsVolts', low: 114, high: 114 }),
    (log) => log.write('policyTaken', { weakSupply: 'headroom' }),
    (log) => take(log, 'back', isModuleOn('box-24-40')),
    (log) => log.write('noteWritten', { text: 'changes nothing' }),
  ];
  it('is what would be worked out anew, after everything that may change', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...said.keys()], { minLength: 5 }), (order) => {
        const remembering = rememberingAssess(40);
        const log = withBack();
        for (const k of order) {
          said[k]?.(log);
          const { job } = log;
          for (const point of job.points) {
            const [kept, fresh] = [remembering(job, point), assess(job, point)];
            expect(kept.reference).toEqual(fresh.reference);
            expect(kept.premises).toEqual(fresh.premises);
          }
        }
      }),
      { seed: 44, numRuns: 2 },
    );
  });
  it('is never asked of a point without a bell side', () => {
    const log = new TestLog()
      .write('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard' })
      .write('pointDescribed', { pointId: 'yard', oldFixture: 'lamp', mountedOn: 'wall', fixtureHeightM: 2.8 });
    const { job } = log;
    const point = pointOf(log, 'yard');
    const never = (): never => {
      throw new Error('a floodlight asked for a bell solve');
    };
    const assessment = {
      get survey() {
        return never();
      },
      get premises() {
        return never();
      },
      get known() {
        return never();
      },
      get reference() {
        return never();
      },
      advice: never,
      next: never,
      adviseBy: never,
    };
    expect(ladderOf(job, point, assessment, NOBODY)).toHaveLength(8);
    expect(nextMove(job, point, assessment, NOBODY).rung).toBe('look');
    expect(worriesOf(job, point, assessment)).not.toHaveLength(0);
  });
});

describe('points of a job', () => {
  it('can be of any kind, first and alone: a floodlight has no supply and no chime', () => {
    const log = new TestLog().write('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard' });
    expect(pointOf(log, 'yard').hangs).toEqual({ supplyId: null, chimeId: null, terminal: null, boxId: 'yard' });
    expect(log.job.house).toMatchObject({ supplies: [], chimes: [], boxes: [{ id: 'yard' }] });
  });
  it('can be given another kind, and keep what was said of the spot', () => {
    const log = new TestLog()
      .write('pointAdded', {
        pointId: 'p',
        pointKind: 'doorbell',
        name: 'Gate',
        supplyId: 's',
        chimeId: 'c',
        boxId: 'b',
      })
      .write('wifiRead', { pointId: 'p', dbm: -60 })
      .write('pointHung', { pointId: 'p', pointKind: 'floodlight' });
    expect(pointOf(log, 'p')).toMatchObject({ kind: 'floodlight', hangs: { boxId: 'b', supplyId: null } });
    expect(pointOf(log, 'p').wifi).toHaveLength(1);
  });
  it('fold the same whatever stands between what names them and what is said of them', () => {
    const said: readonly ((log: TestLog) => unknown)[] = [
      (log) => log.write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 10 }),
      (log) => log.write('chimeDescribed', { chimeId: 'c', chimeKind: 'electronic' }),
      (log) => log.write('pointHung', { pointId: 'back', supplyId: 's', chimeId: 'c', terminal: 'Rear' }),
      (log) => log.write('boxDescribed', { boxId: 'b', material: 'metal' }),
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray([0, 1, 2, 3], { minLength: 4 }), (order) => {
        const log = surveyed().write('pointAdded', {
          pointId: 'back',
          pointKind: 'doorbell',
          name: 'Back door',
          boxId: 'b',
        });
        for (const k of order) said[k]?.(log);
        const [front, back] = [door(log, 'front'), door(log, 'back')];
        expect(back.hangs).toEqual({ supplyId: 's', chimeId: 'c', terminal: 'Rear', boxId: 'b' });
        expect(back.transformer).toEqual(front.transformer);
        expect(back.transformer.ratedVa).toBe(10);
        expect(front.box).toEqual({ material: 'metal' });
      }),
      { seed: 43, numRuns: 24 },
    );
  });
});

it('carries the device that was asked for at another door', () => {
  const hybrid = DEVICES.find(({ battery }) => battery !== null);
  if (!hybrid) throw new Error('no hybrid');
  const log = withBack().write('pointDescribed', {
    pointId: 'back',
    deviceId: hybrid.id,
    device: carriedProfile(hybrid),
  });
  const plain = assess(withBack().job, door(withBack(), 'front'), 400).reference.judgement.governingVolts;
  expect(assess(log.job, door(log, 'front'), 400).reference.judgement.governingVolts).toBeGreaterThan(plain);
});
