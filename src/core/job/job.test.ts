// Over 300 lines: fold, isolation, ladder and meter are tested on one hand-written log, which stands here once.
import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { deviceById } from '../catalogue';
import { checksOf } from '../points/checks';
import { assess } from '../points/doorbell/assessment';
import { fold } from './fold';
import { DEAD_BELL } from '../isolation/forTests';
import { timeOf, asked, asDoor } from './forTests';
import type { Entry, EntryData, EntryKind, Person } from '../kinds/register';
import { ENTRY_KINDS } from '../kinds/register';
import { ladderOf } from '../points/ladder';
import { stepStandings } from '../points/stepStandings';
import { nextMove } from '../points/nextMove';
import { partsOf } from '../points/parts';
import { readingProblem } from '../points/doorbell/readingProblem';
import { meterOf, surveyOf } from '../points/doorbell/survey';
import { undoTarget } from '../log/undo';
import { worriesOf } from '../points/worries';

const ines: Person = { id: 'ines', name: 'Ines' };
const tomas: Person = { id: 'tomas', name: 'Tomas' };
const head = { id: 'j', title: 'Tern Cottage', createdAt: '2026-03-04T08:00:00Z' };

/** A log that is written line by line. */
class Log {
  readonly entries: Entry[] = [];
  write<K extends EntryKind>(kind: K, data: EntryData<K>, by = ines, corrects?: string): string {
    const seq = this.entries.length + 1;
    const id = `e${seq}`;
    const at = timeOf(seq);
    this.entries.push({ id, at, by, kind, data, seq, receivedAt: at, ...(corrects ? { corrects } : {}) } as Entry);
    return id;
  }
  get job() {
    return fold(head, this.entries);
  }
  get point() {
    const point = this.job.points[0];
    if (!point) throw new Error('no point');
    return point;
  }
  get door() {
    return asDoor(this.point);
  }
}
const started = (): Log => {
  const log = new Log();
  log.write('pointAdded', {
    pointId: 'p',
    pointKind: 'doorbell',
    name: 'Front door',
    supplyId: 'p',
    chimeId: 'p',
    boxId: 'p',
  });
  return log;
};
const device = deviceById('constant-power');
if (!device) throw new Error('no device');
const choice: EntryData<'choiceMade'> = {
  pointId: 'p',
  device,
  transformer: null,
  treatmentId: 'powerModule',
  joinPairs: false,
  reason: null,
  verdict: 'holds',
  belief: 0.99,
  governing: 'liveNight',
  governingVolts: 16,
  marginVolts: 1.5,
};
const proof: EntryData<'deadProved'> = { circuitId: 'c', ...DEAD_BELL };
const move = (log: Log) => nextMove(log.job, log.point, assess(log.job, log.point, 200), asked('ines'));

describe('the fold', () => {
  it('takes the later word, drops what is nulled and shows what somebody else had said', () => {
    const log = started();
    log.write('transformerDescribed', { supplyId: 'p', ratedVolts: 16, ratedVa: 10 });
    log.write('transformerDescribed', { supplyId: 'p', ratedVa: 20 }, tomas);
    expect(log.door.transformer).toEqual({ ratedVolts: 16, ratedVa: 20 });
    expect(log.job.alsoSaid).toMatchObject([{ field: 'ratedVa', value: 10, by: ines }]);
    log.write('transformerDescribed', { supplyId: 'p', ratedVolts: null });
    expect(log.door.transformer).toEqual({ ratedVa: 20 });
  });
  it('knows nothing of the back of a device that was exchanged, until the new one is read', () => {
    const log = started();
    log.write('deviceDescribed', { pointId: 'p', code: 'OLD-1', serial: '77', calledThere: 'Front door 1', dbm: -58 });
    log.write('deviceDescribed', { pointId: 'p', code: 'OLD-2' }, tomas);
    log.write('troubleOpened', { troubleId: 't', pointId: 'p', symptom: 'offline' });
    log.write('repairTried', { troubleId: 't', pointId: 'p', fault: 'deviceDead', fixed: false });
    log.write('repairTried', { troubleId: 't', pointId: 'p', fault: 'openToDoor', fixed: true });
    expect(log.point.device).toMatchObject({ code: 'OLD-2', serial: '77' });
    expect(log.job.alsoSaid).toMatchObject([{ field: 'code', value: 'OLD-1' }]);
    const exchanged = log.write('repairTried', { troubleId: 't', pointId: 'p', fault: 'deviceDead', fixed: true });
    expect(log.point.device).toEqual({ calledThere: 'Front door 1' });
    expect(log.job.alsoSaid).toEqual([]);
    log.write('deviceDescribed', { pointId: 'p', code: 'NEW' });
    expect(log.point.device).toEqual({ calledThere: 'Front door 1', code: 'NEW' });
    log.write('entryStruck', { target: exchanged });
    expect(log.point.device).toMatchObject({ code: 'NEW', serial: '77', dbm: -58 });
  });
  it('strikes, and strikes the strike', () => {
    const log = started();
    const note = log.write('noteWritten', { text: 'dog' });
    const strike = log.write('entryStruck', { target: note });
    expect(log.job.notes).toHaveLength(0);
    log.write('entryStruck', { target: strike });
    expect(log.job.notes).toHaveLength(1);
  });
  it('puts a correction in the place of what it corrects', () => {
    const log = started();
    const reading = { pointId: 'p', what: 'volts', at: 'door', state: 'open' } as const;
    const wrong = log.write('readingTaken', { ...reading, low: 81, high: 81 });
    log.write('readingTaken', { ...reading, low: 18, high: 18 }, ines, wrong);
    expect(log.door.readings.map(({ data }) => data.low)).toEqual([18]);
  });
  it('undoes one’s own last entry and no other', () => {
    const log = started();
    const mine = log.write('noteWritten', { text: 'mine' });
    log.write('noteWritten', { text: 'his' }, tomas);
    expect(undoTarget(log.entries, 'ines')?.id).toBe(mine);
    log.write('entryStruck', { target: mine });
    expect(undoTarget(log.entries, 'ines')?.kind).toBe('pointAdded');
    expect(undoTarget(log.entries, 'nobody')).toBeNull();
  });
  it('gives the same job for the same log, and grows entry by entry', () => {
    const log = started();
    log.write('siteDescribed', { name: 'Gull House', region: 'gb-230' });
    log.write('choiceMade', choice);
    expect(log.job).toEqual(fold(head, [...log.entries]));
    expect(log.job).toMatchObject({ title: 'Gull House', last: 3 });
  });
});

describe('isolation in the log', () => {
  const isolated = (): Log => {
    const log = started();
    log.write('choiceMade', choice);
    log.write('circuitListed', { circuitId: 'c', way: 'way 7', feeds: ['p'] });
    log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });
    log.write('deadProved', proof);
    return log;
  };
  const state = (log: Log) => log.job.circuits[0]?.state.state;
  it('opens the bell steps on a proof and holds them again when it ends', () => {
    const log = isolated();
    expect(state(log)).toBe('provedDead');
    expect(stepStandings(log.job, log.point, asked('ines')).every(({ held }) => held === null)).toBe(true);
    log.write('circuitSwitched', { circuitId: 'c', to: 'on' });
    expect(stepStandings(log.job, log.point, asked('ines')).some(({ held }) => held !== null)).toBe(true);
  });
  it('never brings a proof back by striking what ended it', () => {
    const log = isolated();
    const on = log.write('circuitSwitched', { circuitId: 'c', to: 'on' }, tomas);
    log.write('entryStruck', { target: on }, tomas);
    expect(state(log)).toBe('off');
  });
  it('does not bring it back by striking the strike of the proof either', () => {
    const log = isolated();
    const strike = log.write('entryStruck', { target: log.entries.at(-1)?.id ?? '' });
    expect(state(log)).toBe('off');
    log.write('entryStruck', { target: strike });
    expect(state(log)).toBe('off');
  });
  it('ends a proof on a late entry of somebody else, and on another way', () => {
    const late = isolated();
    late.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' }, tomas);
    expect(state(late)).toBe('off');
    const other = isolated();
    other.write('circuitListed', { circuitId: 'c', way: 'way 8' });
    expect(state(other)).toBe('unknown');
  });
  it('takes no reading over a volt for a proof, but for a sign that it is another breaker', () => {
    const log = isolated();
    log.write('deadProved', { ...proof, betweenVolts: 17 });
    expect(state(log)).toBe('unknown');
  });
  it('marks a step that was ticked without proof, whatever the entry claims', () => {
    const log = started();
    log.write('choiceMade', choice);
    log.write('stepTicked', { pointId: 'p', stepId: 'module-front', touches: 'bell', how: 'done' });
    expect(log.point.ticks['module-front']).toMatchObject({ proofStood: false });
    expect(worriesOf(log.job, log.point, assess(log.job, log.point, 200)).map(({ id }) => id)).toContain(
      'unproved-module-front',
    );
    const proved = isolated();
    proved.write('stepTicked', { pointId: 'p', stepId: 'module-front', touches: 'bell', how: 'done' });
    proved.write('circuitSwitched', { circuitId: 'c', to: 'on' });
    expect(proved.point.ticks['module-front']).toMatchObject({ proofStood: true });
  });
  it('holds unproved steps whatever is written', () => {
    const anyWrite = fc.constantFrom<(log: Log) => unknown>(
      (log) => log.write('circuitSwitched', { circuitId: 'c', to: 'on' }),
      (log) => log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' }),
      (log) => log.write('circuitSwitched', { circuitId: 'c', to: 'off' }, tomas),
      (log) => log.write('deadProved', { ...proof, firstToEarthVolts: 4 }),
      (log) => log.write('entryStruck', { target: log.entries[log.entries.length >> 1]?.id ?? '' }),
      (log) => log.write('circuitListed', { circuitId: 'c', way: 'way 9', feeds: ['p'] }),
      (log) => log.write('cameBack', {}),
    );
    fc.assert(
      fc.property(fc.array(anyWrite, { maxLength: 12 }), (writes) => {
        const log = started();
        log.write('choiceMade', choice);
        for (const write of writes) write(log);
        const bell = stepStandings(log.job, log.point, asked('ines')).filter(({ step }) => step.touches !== 'nothing');
        expect(bell.every(({ held }) => held !== null)).toBe(true);
      }),
      { seed: 31, numRuns: 200 },
    );
  });
});

describe('ladder and next move', () => {
  it('leads from the customer to the sheet', () => {
    const log = started();
    expect(inWords(move(log), say)).toMatchObject({
      rung: 'look',
      words: 'Go through the before list with the customer',
    });
    log.write('customerDescribed', { wifiName: 'tern', wifiPassword: 'ready', account: 'ready', phone: 'ready' });
    log.write('pointDescribed', { pointId: 'p', wasThere: 'button', wall: 'brick', leadReachM: 0.1 });
    log.write('chimeDescribed', { chimeId: 'p', chimeKind: 'mechanical' });
    log.write('customerDescribed', { someoneHome: 'ready', permission: 'notNeeded' });
    expect(inWords(move(log), say)).toMatchObject({
      rung: 'look',
      words: 'Look for the transformer: beside the board',
    });
    log.write('transformerDescribed', { supplyId: 'p', foundAt: 'board' });
    expect(say(move(log).words)).toBe('Make sure that it is the bell’s transformer');
    log.write('transformerDescribed', { supplyId: 'p', toldApart: 'label', alwaysFed: 'yes' });
    expect(say(move(log).words)).toBe('Read the Wi-Fi at the spot, door shut');
    log.write('wifiRead', { pointId: 'p', dbm: -61 });
    expect(inWords(move(log), say)).toMatchObject({ rung: 'measure', words: 'Read volts and VA on the nameplate' });
    log.write('transformerDescribed', { supplyId: 'p', ratedVolts: 24, ratedVa: 40 });
    log.write('readingTaken', { pointId: 'p', what: 'volts', at: 'transformer', state: 'open', low: 28, high: 28 });
    expect(inWords(move(log), say)).toMatchObject({ rung: 'choose' });
    log.write('choiceMade', choice);
    expect(inWords(move(log), say)).toMatchObject({
      rung: 'isolate',
      words: 'Name the circuit the transformer hangs on',
    });
    log.write('circuitListed', { circuitId: 'c', way: 'way 7', feeds: ['p'] });
    expect(say(move(log).words)).toBe('Switch off way 7 and tag it');
    log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });
    expect(say(move(log).words)).toBe('Prove way 7 dead at the bell wires');
    log.write('deadProved', proof);
    for (const { step } of stepStandings(log.job, log.point, asked('ines'))) {
      expect(inWords(move(log), say)).toMatchObject({ rung: 'wire', words: say(step.words), held: false });
      log.write('stepTicked', { pointId: 'p', stepId: step.id, touches: step.touches, how: 'done' });
    }
    log.write('mountRecorded', { pointId: 'p', heightM: 1.2, level: 'yes', fixings: 'own', seal: 'topAndSides' });
    expect(say(move(log).words)).toBe('Switch way 7 on');
    log.write('circuitSwitched', { circuitId: 'c', to: 'on' });
    for (const { id: check } of checksOf(log.point)) {
      expect(move(log).rung).toBe('prove');
      log.write('checkDone', { pointId: 'p', check, result: 'passed' });
    }
    expect(inWords(move(log), say)).toMatchObject({ rung: 'leave' });
    log.write('pointLeft', { pointId: 'p' });
    const marks = ladderOf(log.job, log.point, assess(log.job, log.point, 200), asked('ines'));
    expect(marks.map(({ state }) => state)).toEqual(Array(8).fill('done'));
  });
  it('holds the mains side of a new transformer until it is proved dead there', () => {
    const log = started();
    log.write('choiceMade', {
      ...choice,
      transformer: { id: 'box-24-40', name: '24 V 40 VA', ratedVolts: 24, ratedVa: 40, mainsWork: true },
    });
    expect(move(log).rung).toBe('isolate');
    expect(inWords(partsOf(log.job, log.point), say)).toContain('24 V 40 VA transformer');
    log.write('circuitListed', { circuitId: 'c', way: '12', feeds: ['p'], sharedNeutral: 'no', otherInBox: 'no' });
    log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, houseTold: true, guard: 'locked' });
    log.write('deadProved', { ...proof, circuitId: 'c' });
    for (const stepId of ['mains-who', 'mains-photo', 'mains-always-on', 'mains-bell-off'])
      log.write('stepTicked', {
        pointId: 'p',
        stepId,
        touches: stepId === 'mains-bell-off' ? 'bell' : 'nothing',
        how: 'done',
      });
    // The cover comes off as if it were live, and the proof is made with it
    expect(inWords(move(log), say)).toMatchObject({ rung: 'wire', words: expect.stringContaining('Cover off') });
    log.write('stepTicked', { pointId: 'p', stepId: 'mains-open', touches: 'mains', how: 'done' });
    expect(inWords(move(log), say)).toMatchObject({ rung: 'wire', words: 'Prove 12 dead at its conductors' });
    const wire = ladderOf(log.job, log.point, assess(log.job, log.point, 200), asked('ines'))[4];
    expect(inWords(wire, say)).toMatchObject({ state: 'held', words: 'held: no mains proof of dead' });
  });
});

describe('the meter', () => {
  it('goes with the readings that are taken with it, and a later one changes none of them', () => {
    const log = started();
    const open = { pointId: 'p', what: 'volts', at: 'transformer', state: 'open', low: 18, high: 18 } as const;
    expect(meterOf(log.job)).toEqual({});
    log.write('meterDescribed', { percent: 0.5, trueRms: 'no' });
    log.write('readingTaken', { ...open, ...meterOf(log.job) });
    log.write('meterDescribed', { percent: 2, counts: 5, trueRms: 'yes' });
    const [reading] = surveyOf(log.job, log.door).readings;
    expect(reading?.instrument).toMatchObject({ percent: 0.5, counts: 3, trueRms: false, resolutionVolts: 0.1 });
    expect(meterOf(log.job)).toEqual({ meter: { percent: 2, counts: 5, trueRms: true } });
  });
});

describe('readings that cannot be', () => {
  it('refuses loaded volts above open ones, in either order', () => {
    const log = started();
    log.write('readingTaken', { pointId: 'p', what: 'volts', at: 'transformer', state: 'open', low: 18, high: 18 });
    const loaded = { pointId: 'p', what: 'volts', at: 'door', state: 'liveDay', low: 21, high: 21 } as const;
    expect(say(readingProblem(loaded, log.door.readings))).toContain('over the 18.0 V read open');
    expect(readingProblem({ ...loaded, low: 16, high: 16 }, log.door.readings)).toBeNull();
    log.write('readingTaken', { ...loaded, low: 17, high: 17 });
    expect(say(readingProblem({ ...loaded, state: 'open', low: 12, high: 12 }, log.door.readings))).toContain(
      'under the 17.0 V',
    );
  });
  it('refuses 400 V on the bell side in the schema', () => {
    const data = { pointId: 'p', what: 'volts', at: 'transformer', state: 'open', low: 400, high: 400 };
    expect(() => ENTRY_KINDS.readingTaken.validateSync(data, { strict: true })).toThrow('over 60');
  });
});
