// Over 300 lines: one log is climbed through all that follows from it, and its helpers belong to all of these.
import { timeOf, asked } from './forTests';
import { inWords } from '@/words';
import { sayBritish as say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { assess } from '../points/doorbell/assessment';
import { DEAD_BELL } from '../isolation/forTests';
import { fold } from './fold';
import { newEntry } from '../kinds/newEntry';
import type { EntryData, EntryKind, NewEntry } from '../kinds/register';
import { ladderOf } from '../points/ladder';
import { stepStandings } from '../points/stepStandings';
import { missingFromCustomer } from './before';
import { missingAtLook } from '../points/missing';
import { nextMove } from '../points/nextMove';
import { partsOf } from '../points/parts';
import { wiringPlan } from '../points/doorbell/wiringPlan';
import { undoTarget } from '../log/undo';
import { worriesOf } from '../points/worries';

const ines = { id: 'ines', name: 'Ines' };
const tomas = { id: 'tomas', name: 'Tomas' };
const pointId = 'front';
const head = { id: 'job', title: 'Tern', createdAt: '2026-03-04T08:00:00Z' };

/** A log that is written line by line. */
class Log {
  readonly entries: (NewEntry & { seq: number; receivedAt: string })[] = [];
  write<K extends EntryKind>(kind: K, data: EntryData<K>, by = ines): this {
    const seq = this.entries.length + 1;
    const at = timeOf(seq);
    this.entries.push({ ...newEntry(kind, data, { id: `e${seq}`, at, by }), seq, receivedAt: at });
    return this;
  }
  stand(who = asked('ines')) {
    const job = fold(head, this.entries);
    const [point] = job.points;
    if (!point) throw new Error('no point');
    const assessment = assess(job, point, 300);
    return {
      job,
      point,
      assessment,
      worries: worriesOf(job, point, assessment).map(({ id }) => id),
      move: nextMove(job, point, assessment, who),
      marks: Object.fromEntries(ladderOf(job, point, assessment, who).map((mark) => [mark.rung, mark])),
      parts: partsOf(job, point),
    };
  }
}
const log = () =>
  new Log().write('siteDescribed', { region: 'na-120', lengths: 'metric' }).write('pointAdded', {
    pointId,
    pointKind: 'doorbell',
    name: 'Front door',
    supplyId: pointId,
    chimeId: pointId,
    boxId: pointId,
  });
const looked = () =>
  log()
    .write('customerDescribed', {
      wifiName: 'tern',
      wifiBand: '2.4',
      wifiPassword: 'ready',
      account: 'ready',
      phone: 'ready',
      owner: 'R. Tamsin',
      pointNames: 'ready',
      someoneHome: 'ready',
      recording: 'ready',
      permission: 'notNeeded',
    })
    .write('pointDescribed', { pointId, wasThere: 'button', wall: 'brick', leadReachM: 0.1 })
    .write('chimeDescribed', { chimeId: pointId, chimeKind: 'mechanical' })
    .write('transformerDescribed', { supplyId: pointId, foundAt: 'board', toldApart: 'sameBreaker', alwaysFed: 'yes' })
    .write('wifiRead', { pointId, dbm: -58 });

const device = {
  id: 'constant-power',
  name: 'Constant-power wired',
  supplyNominalMin: 16,
  supplyNominalMax: 24,
  vaAsked: 30,
  doorFullVolts: 14.5,
  doorMinVolts: 13,
  doorMaxVolts: 36,
  watts: { standby: 2.2, liveDay: 3.8, liveNight: 5.2, boot: 4.5 },
  wattsPercent: 15,
  powerFactor: 0.75,
  displacementFactor: 1,
  pressOhms: 1,
};
const chosen = (more: Partial<EntryData<'choiceMade'>> = {}): EntryData<'choiceMade'> => ({
  pointId,
  device,
  transformer: null,
  treatmentId: 'powerModule',
  joinPairs: false,
  reason: 'holds',
  verdict: 'holds',
  belief: 1,
  governing: 'liveNight',
  governingVolts: 16,
  marginVolts: 1.5,
  ...more,
});
const strong = () =>
  looked()
    .write('transformerDescribed', { supplyId: pointId, ratedVolts: 16, ratedVa: 30 })
    .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 19.2, high: 19.2 })
    .write('readingTaken', { pointId, what: 'loopOhms', run: 'toChime', low: 0.4, high: 0.4 })
    .write('readingTaken', { pointId, what: 'loopOhms', run: 'toDoor', low: 0.4, high: 0.4 });
const dead = (one: Log) =>
  one
    .write('circuitListed', { circuitId: 'c', way: 'breaker 7', feeds: [pointId] })
    .write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' })
    .write('deadProved', { circuitId: 'c', ...DEAD_BELL });

describe('what is missing', () => {
  it('at Look shrinks with every answer, the most telling first', () => {
    const ids = (one: Log): readonly string[] => {
      const { job, point } = one.stand();
      return missingAtLook(job, point).map(({ id }) => id);
    };
    expect(ids(log())).toEqual(['wasThere', 'chimeKind', 'wall', 'leadReachM', 'wifi']);
    const half = log().write('pointDescribed', { pointId, wall: 'brick', wasThere: 'button' });
    expect(ids(half)).toEqual(['chimeKind', 'leadReachM', 'transformerPlace', 'wifi']);
    expect(ids(half.write('transformerDescribed', { supplyId: pointId, foundAt: 'garage' }))).toEqual([
      'chimeKind',
      'leadReachM',
      'toldApart',
      'alwaysFed',
      'wifi',
    ]);
    expect(ids(half.write('transformerDescribed', { supplyId: pointId, givenUp: true }))).toEqual([
      'chimeKind',
      'leadReachM',
      'wifi',
    ]);
    expect(ids(looked())).toEqual([]);
    const none = log().write('pointDescribed', { pointId, wasThere: 'nothing' });
    expect(ids(none)).toEqual(['supply', 'wall', 'wifi']);
  });
  it('from the customer tells “not asked” from “missing”', () => {
    expect(missingFromCustomer(log().stand().job)).toHaveLength(10);
    const said = log().write('customerDescribed', { wifiPassword: 'missing', permission: 'missing', account: 'ready' });
    const words = missingFromCustomer(said.stand().job).map((missing) => missing.words);
    expect(inWords(words, say)).toContain('Wi-Fi password is missing');
    expect(inWords(words, say)).toContain('Landlord’s permission is missing');
    expect(inWords(words, say)).not.toContain('Account is not made yet');
    expect(missingFromCustomer(looked().stand().job)).toEqual([]);
  });
});

describe('worries', () => {
  it('name a lead that is too short, marks that show, a plate beside a frame', () => {
    const door = log().write('pointDescribed', { pointId, leadReachM: 0.05, oldMarksM: 0.2, sideClearM: 0.01 });
    expect(door.stand().worries).toEqual(expect.arrayContaining(['leadShort', 'oldMarks', 'side']));
    const fine = log().write('pointDescribed', { pointId, leadReachM: 0.1, oldMarksM: 0.05, sideClearM: 0.2 });
    expect(fine.stand().worries).not.toEqual(expect.arrayContaining(['leadShort']));
  });
  it('name open volts under the nameplate', () => {
    const tired = looked()
      .write('transformerDescribed', { supplyId: pointId, ratedVolts: 16, ratedVa: 10 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 120, high: 120 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 15.2, high: 15.2 });
    expect(tired.stand().worries).toContain('openLow');
    expect(strong().stand().worries).not.toContain('openLow');
  });
  it('name a chosen way that does not hold, and a choice for another device', () => {
    const weak = looked()
      .write('transformerDescribed', { supplyId: pointId, ratedVolts: 8, ratedVa: 8 })
      .write('choiceMade', chosen());
    expect(weak.stand().worries).toContain('chosenVerdict');
    const other = strong().write('choiceMade', chosen()).write('pointDescribed', { pointId, deviceId: 'hybrid' });
    expect(other.stand().worries).toContain('otherDevice');
  });
  it('name a chime that is hammered', () => {
    const loud = strong().write('chimeDescribed', { chimeId: pointId, ratedVolts: 8 }).write('choiceMade', chosen());
    expect(loud.stand().worries).toContain('hammers');
  });
  it('name what was ticked without proof and what differs, and keep both after the point was left', () => {
    const done = strong()
      .write('choiceMade', chosen())
      .write('stepTicked', { pointId, stepId: 'module-front', touches: 'bell', how: 'withoutProof' })
      .write('stepTicked', {
        pointId,
        stepId: 'module-trans',
        touches: 'bell',
        how: 'bySomebodyElse',
        differs: 'two wires',
      });
    expect(done.stand().worries).toEqual(expect.arrayContaining(['unproved-module-front', 'differs-module-trans']));
    expect(done.stand().worries).not.toContain('unproved-module-trans');
    const left = done.write('pointLeft', { pointId, copyGiven: true });
    expect(left.stand().worries).toContain('unproved-module-front');
  });
  it('name what somebody else had said of the same field', () => {
    const two = log()
      .write('transformerDescribed', { supplyId: pointId, ratedVa: 10 }, tomas)
      .write('transformerDescribed', { supplyId: pointId, ratedVa: 30 });
    expect(two.stand().worries).toContain('also-transformerDescribed-ratedVa');
    const agreed = two.write('transformerDescribed', { supplyId: pointId, ratedVa: 30 }, tomas);
    expect(agreed.stand().worries).not.toContain('also-transformerDescribed-ratedVa');
  });
});

describe('parts', () => {
  it('follow from choice, wall and plate', () => {
    const { parts } = strong().write('choiceMade', chosen()).stand();
    expect(inWords(parts, say)).toEqual([
      'Constant-power wired doorbell',
      'power module',
      'anchors 6 mm (1/4 in)',
      '2 screws 40 mm',
      'bit: masonry 6 mm (1/4 in)',
    ]);
  });
  it('grow with wedges, a short lead and joined pairs', () => {
    const { parts } = strong()
      .write('pointDescribed', { pointId, leadReachM: 0.04, oldMarksM: 0.3 })
      .write('mountRecorded', { pointId, tiltDeg: 8, sideDeg: 20 })
      .write('choiceMade', chosen({ joinPairs: true }))
      .stand();
    expect(inWords(parts, say)).toEqual(
      expect.arrayContaining([
        '4 connectors for the pairs',
        'tilt wedge 8°',
        'side wedge 20°',
        'backing plate',
        '2 connectors to lengthen the lead',
      ]),
    );
    // 4 + (3 + 118·tan 8°) + (3 + 38·tan 20°) + 30 + 4 = 74.4 mm
    expect(inWords(parts, say)).toContain('2 screws 80 mm');
  });
  it('bring what the new transformer takes', () => {
    const transformer = { id: 'din-12-24', name: 'DIN-rail 12 V 24 VA', ratedVolts: 12, ratedVa: 24, mainsWork: true };
    expect(inWords(strong().write('choiceMade', chosen({ transformer })).stand().parts, say)).toContain(
      'enclosure with rail, 4 ways',
    );
  });
});

const stepsFor = (choice: EntryData<'choiceMade'>) => {
  const { point } = strong().stand();
  if (point.kind !== 'doorbell') throw new Error('no doorbell');
  return wiringPlan(point, choice).steps;
};

describe('steps of a choice', () => {
  it('treat the chime before the device is first connected', () => {
    const ids = stepsFor(chosen({ joinPairs: true })).map(({ id }) => id);
    expect(ids).toEqual([
      'chime-label',
      'module-front',
      'module-trans',
      'module-place',
      'pairs-near',
      'pairs-far',
      'door-old',
      'door-through',
      'door-d1',
      'door-d2',
    ]);
  });
  it('hold the mains side of a new transformer, and not a plug-in adapter', () => {
    const box = { id: 'box-16-30', name: '16 V 30 VA', ratedVolts: 16, ratedVa: 30, mainsWork: true };
    const plan = stepsFor(chosen({ transformer: box, treatmentId: 'jumper' }));
    const mains = plan.filter(({ touches }) => touches === 'mains').map(({ id }) => id);
    // Earth first, then neutral, then hot; all of it before the chime and the door
    expect(mains).toEqual([
      'mains-open',
      'mains-old-out',
      'mains-seat',
      'mains-earth',
      'mains-neutral',
      'mains-hot',
      'mains-dead-again',
      'mains-close',
    ]);
    expect(say(plan.find(({ id }) => id === 'mains-pair')?.words)).toContain('16 V');
    const one = dead(strong().write('choiceMade', chosen({ transformer: box })));
    const { job, point } = one.stand();
    // The bell side's proof opens none of them, and nothing is switched on before they are done
    for (const { step, held } of stepStandings(job, point, asked('ines')))
      expect({ id: step.id, held: held !== null }).toEqual({
        id: step.id,
        // Its cover comes off as if it were live: the proof is that step
        held: (step.touches === 'mains' && step.id !== 'mains-open') || step.energises === true,
      });
    expect(say(one.stand().move.words)).toContain('permitted');
    const plug = { ...box, id: 'plug-18-30', mainsWork: false };
    const steps = stepsFor(chosen({ transformer: plug, treatmentId: 'jumper' }));
    expect(steps.every(({ touches }) => touches !== 'mains')).toBe(true);
  });
  it('open with the proof and close with the switch', () => {
    const one = dead(strong().write('choiceMade', chosen()));
    const held = (log: Log) => {
      const { job, point } = log.stand();
      return stepStandings(job, point, asked('ines')).map((standing) => standing.held);
    };
    expect(held(one).every((why) => why === null)).toBe(true);
    one.write('circuitSwitched', { circuitId: 'c', to: 'on' });
    expect(inWords(held(one), say)).toEqual([
      null,
      ...Array<string>(2).fill('the circuit is live'),
      null,
      'the circuit is live',
      // Leads go through the stack with nothing touched
      null,
      ...Array<string>(2).fill('the circuit is live'),
    ]);
  });
});

describe('the next move', () => {
  it('follows the work', () => {
    const one = log();
    expect(one.stand().move.rung).toBe('look');
    expect(inWords(looked().stand().move, say)).toMatchObject({
      rung: 'measure',
      words: 'Read volts and VA on the nameplate',
    });
    const measured = strong();
    expect(inWords(measured.stand().move, say)).toMatchObject({ rung: 'choose', words: 'Pick a way' });
    measured.write('choiceMade', chosen());
    expect(inWords(measured.stand().move, say)).toMatchObject({
      rung: 'isolate',
      words: 'Name the circuit the transformer hangs on',
    });
    measured.write('circuitListed', { circuitId: 'c', way: 'breaker 7', feeds: [pointId] });
    expect(say(measured.stand().move.words)).toBe('Switch off breaker 7 and tag it');
    measured.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: false });
    expect(say(measured.stand().move.words)).toBe('Tag breaker 7, tell the house');
    measured.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });
    expect(say(measured.stand().move.words)).toBe('Prove breaker 7 dead at the bell wires');
  });
  it('says to prove again when somebody switched on in mid-work', () => {
    const one = dead(strong().write('choiceMade', chosen()));
    expect(one.stand().move.rung).toBe('wire');
    one.write('circuitSwitched', { circuitId: 'c', to: 'on' }, tomas);
    expect(inWords(one.stand().move, say)).toMatchObject({ rung: 'isolate' });
    expect(inWords(one.stand().marks.wire, say)).toMatchObject({ state: 'open' });
  });
  it('puts a failed check right before the next one', () => {
    const one = dead(strong().write('choiceMade', chosen()));
    for (const { id: stepId, touches } of stepsFor(chosen()))
      one.write('stepTicked', { pointId, stepId, touches, how: 'done' });
    one
      .write('mountRecorded', { pointId, heightM: 1.2, level: 'yes', fixings: 'own', seal: 'gasket' })
      .write('circuitSwitched', { circuitId: 'c', to: 'on' })
      .write('checkDone', { pointId, check: 'lit', result: 'failed', reason: 'dark' });
    expect(inWords(one.stand().move, say)).toMatchObject({ rung: 'prove', words: 'Put right: it is lit', held: true });
    expect(inWords(one.stand().marks.prove, say)).toMatchObject({ state: 'held', words: 'held: 1 failed' });
  });
});

describe('undo', () => {
  it('takes one’s own last entry, not a strike, and stops once others have gone on', () => {
    const one = strong();
    expect(undoTarget(one.entries, 'ines')?.kind).toBe('readingTaken');
    expect(undoTarget(one.entries, 'tomas')).toBeNull();
    const last = one.entries.at(-1)?.id ?? '';
    one.write('entryStruck', { target: last });
    expect(undoTarget(one.entries, 'ines')?.id).not.toBe(last);
    for (let i = 0; i < 10; i++) one.write('noteWritten', { text: `${i}` }, tomas);
    expect(undoTarget(one.entries, 'ines')).not.toBeNull();
    one.write('noteWritten', { text: 'one more' }, tomas);
    expect(undoTarget(one.entries, 'ines')).toBeNull();
  });
});
