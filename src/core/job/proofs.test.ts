// Over 300 lines: the list of what ends a proof, item by item, on one house.
import { describe, expect, it } from 'vitest';
import { ABSENCE_MS, stepGate, type Asker, type GateReason, type Hold, type StandingProof } from '../isolation';
import { DEAD_BELL, DEAD_MAINS } from '../isolation/forTests';
import type { Entry, EntryData, Person } from '../kinds/register';
import { newEntry } from '../kinds/newEntry';
import { openBeside } from '../points';
import { fold } from './fold';
import { INES, TOMAS, TestLog, asked, timeOf } from './forTests';
import type { Job } from './job';

/** A site with two floodlights and a door; one breaker feeds the two, another the door’s transformer. */
const site = (): TestLog =>
  new TestLog()
    .write('siteDescribed', { region: 'na-120', lengths: 'metric' })
    .write('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard', boxId: 'by' })
    .write('pointAdded', { pointId: 'gate', pointKind: 'floodlight', name: 'Gate', boxId: 'bg' })
    .write('pointAdded', {
      pointId: 'door',
      pointKind: 'doorbell',
      name: 'Door',
      supplyId: 's',
      chimeId: 'ch',
      boxId: 'bt',
    })
    .write('circuitListed', {
      circuitId: 'c7',
      way: '7',
      feeds: ['yard', 'gate'],
      otherInBox: 'no',
      sharedNeutral: 'no',
    })
    .write('circuitListed', { circuitId: 'c3', way: '3', feeds: ['door'], otherInBox: 'no', sharedNeutral: 'no' });

const off = (log: TestLog, circuitId = 'c7', by: Person = INES): TestLog =>
  log.write('circuitSwitched', { circuitId, to: 'off', tagged: true, guard: 'locked' }, by);
const mains = (circuitId: string, placeId: string, more: Partial<EntryData<'deadProved'>> = {}) => ({
  circuitId,
  placeId,
  ...DEAD_MAINS,
  ...more,
});
/** Breaker 7 off, locked, tagged, and proved dead at the yard’s box by Ines. */
const atYard = (): TestLog => off(site()).write('deadProved', mains('c7', 'by'));
/** Breaker 3 off, and the bell side of the door proved dead. */
const atBell = (): TestLog => off(site(), 'c3').write('deadProved', { circuitId: 'c3', placeId: 's', ...DEAD_BELL });

const hold = (placeId: string, more: Partial<Hold> = {}): Hold => ({
  touches: 'mains',
  role: 'work',
  placeId,
  supplyId: placeId === 's' ? 's' : null,
  bellSide: 'off',
  plug: null,
  breaker: true,
  ...more,
});
const reasons = (job: Job, placeId: string, who: Asker = asked('ines'), more: Partial<Hold> = {}) =>
  stepGate(job.isolation, hold(placeId, more), who);
const bellReasons = (job: Job, who: Asker = asked('ines')) => reasons(job, 's', who, { touches: 'bell' });
const proofs = (job: Job): readonly StandingProof[] => job.circuits.flatMap((circuit) => circuit.proofs);
const state = (job: Job, circuitId: string) => job.circuits.find(({ ids }) => ids.includes(circuitId))?.state.state;

describe('a mains proof', () => {
  it('opens the steps of its place, for whoever made it, and no others', () => {
    const { job } = atYard();
    expect(reasons(job, 'by')).toEqual([]);
    expect(reasons(job, 'by', asked('tomas'))).toEqual(['provedByAnother']);
    expect(reasons(job, 'bg')).toEqual(['noMainsProof']);
    expect(reasons(job, 'by/switch')).toEqual(['noMainsProof']);
    expect(bellReasons(job)).toEqual(['unknown']);
  });
  it('asks for a breaker that is off, tagged and locked or guarded, and for what was looked for', () => {
    const bare = (data: Partial<EntryData<'circuitSwitched'>>): readonly GateReason[] =>
      reasons(
        site()
          .write('circuitSwitched', { circuitId: 'c7', to: 'off', ...data })
          .write('deadProved', mains('c7', 'by')).job,
        'by',
      );
    expect(bare({})).toEqual(['notTagged']);
    expect(bare({ tagged: true })).toEqual(['notGuarded']);
    expect(bare({ tagged: true, guard: 'watched', guardedBy: 'Jo' })).toEqual([]);
    const guardedLater = site()
      .write('circuitSwitched', { circuitId: 'c7', to: 'off', tagged: true })
      .write('breakerGuarded', { circuitId: 'c7', guard: 'fuseOut', guardedBy: 'Ines' });
    expect(reasons(guardedLater.write('deadProved', mains('c7', 'by')).job, 'by')).toEqual([]);
    const unasked = off(site().write('circuitListed', { circuitId: 'c7', sharedNeutral: null }));
    expect(reasons(unasked.write('deadProved', mains('c7', 'by')).job, 'by')).toEqual(['notLooked']);
  });
  it('is no proof without a place, without its switching-off, or after another one', () => {
    const why = (data: Partial<EntryData<'deadProved'>>) => {
      const log = off(site());
      off(log, 'c3').write('deadProved', mains('c7', 'by', data));
      return proofs(log.job).map(({ stands, why: reason }) => [stands, reason]);
    };
    expect(why({})).toEqual([[true, null]]);
    expect(why({ switchingId: 'e7' })).toEqual([[true, null]]);
    expect(why({ placeId: undefined })).toEqual([[false, 'noPlace']]);
    expect(why({ switchingId: 'e99' })).toEqual([[false, 'noSwitching']]);
    // Of the other circuit
    expect(why({ switchingId: 'e8' })).toEqual([[false, 'noSwitching']]);
    const stale = off(site()).write('circuitSwitched', { circuitId: 'c7', to: 'on' });
    off(stale).write('deadProved', mains('c7', 'by', { switchingId: 'e7' }));
    expect(proofs(stale.job)).toMatchObject([{ stands: false, why: 'notOff' }]);
  });
  it('is no proof after a switching-off that was struck before it', () => {
    const log = off(site());
    const target = log.last;
    log.write('entryStruck', { target }).write('deadProved', mains('c7', 'by', { switchingId: target }));
    expect(proofs(log.job)[0]).toMatchObject({ stands: false, why: 'noSwitching', endedBy: null });
    expect(reasons(log.job, 'by')).not.toEqual([]);
  });
  it('is no proof where a figure is missing, where it is simulated, or where the tester was not tried', () => {
    const why = (data: Partial<EntryData<'deadProved'>>) =>
      proofs(off(site()).write('deadProved', mains('c7', 'by', data)).job)[0]?.why;
    expect(why({ hotGroundVolts: undefined })).toBe('noFigure');
    expect(why({ simulated: true })).toBe('simulated');
    expect(why({ triedAfter: false })).toBe('testerNotTried');
    expect(why({ everyConductor: false })).toBe('notEveryConductor');
    expect(why({ hotNeutralVolts: 1.1 })).toBe('stillLive');
    // Between neutral and ground alone it is neither passed nor called live
    expect(why({ neutralGroundVolts: 4 })).toBe('borrowedNeutral');
    expect(state(off(site()).write('deadProved', mains('c7', 'by', { neutralGroundVolts: 4 })).job, 'c7')).toBe('off');
    expect(state(off(site()).write('deadProved', mains('c7', 'by', { hotNeutralVolts: 118 })).job, 'c7')).toBe(
      'unknown',
    );
  });
  it('of two people at one place is the later one’s, for each place apart', () => {
    const log = atYard().write('deadProved', mains('c7', 'by'), TOMAS).write('deadProved', mains('c7', 'bg'), INES);
    expect(reasons(log.job, 'by', asked('tomas'))).toEqual([]);
    expect(reasons(log.job, 'by')).toEqual(['provedByAnother']);
    expect(reasons(log.job, 'bg')).toEqual([]);
    expect(proofs(log.job)[0]).toMatchObject({ stands: false, why: 'somebodyElse', endedBy: 'e9' });
  });
});

type Act = (log: TestLog) => unknown;
/** Everything that ends a mains proof at the yard, as domain/safety lists it. */
const ENDS: Readonly<Record<string, readonly [Act, StandingProof['why']]>> = {
  'the circuit is switched on': [
    (log) => log.write('circuitSwitched', { circuitId: 'c7', to: 'on' }, TOMAS),
    'switched',
  ],
  'it is switched off once more': [(log) => off(log), 'switched'],
  'its namesake is switched on at another point': [
    (log) =>
      log
        .write('circuitListed', { circuitId: 'other', way: 'Breaker 07', feeds: ['gate'] })
        .write('circuitSwitched', { circuitId: 'other', to: 'on' }, TOMAS),
    'switched',
  ],
  'a step energises': [
    (log) =>
      log.write('stepTicked', { pointId: 'gate', stepId: 'box-energise', touches: 'nothing', how: 'done' }, TOMAS),
    'switchedOnByWork',
  ],
  'a step energised, done by somebody else': [
    (log) =>
      log.write('stepTicked', { pointId: 'yard', stepId: 'box-energise', touches: 'nothing', how: 'bySomebodyElse' }),
    'switchedOnByWork',
  ],
  'a hunt dropped its way, and so put it back': [
    (log) =>
      log
        .write('boardListed', { boardId: 'b', ways: 12 })
        .write('huntTested', { pointId: 'door', dropped: ['b/3', 'b/7'], died: false }, TOMAS),
    'switchedOnByWork',
  ],
  'volts at a conductor of its box': [
    (log) =>
      log.write('conductorTested', {
        boxId: 'by',
        cableId: 'x',
        conductorId: '1',
        test: 'toGround',
        switches: 'allOn',
        value: 121,
      }),
    'signOfLife',
  ],
  'volts in a proof of another box': [
    (log) => log.write('deadProved', mains('c7', 'bg', { hotGroundVolts: 119 }), TOMAS),
    'signOfLife',
  ],
  'volts between neutral and ground at its place': [
    (log) => log.write('deadProved', mains('c7', 'by', { neutralGroundVolts: 9 })),
    'neutralVolts',
  ],
  'a lamp that is lit': [(log) => log.write('hintNoted', { circuitId: 'c7', hint: 'lampLit' }, TOMAS), 'signOfLife'],
  'an absence': [(log) => log.write('cameBack', {}), 'away'],
  'a change of person': [(log) => log.write('personChanged', { fromId: 'ines' }, TOMAS), 'personChanged'],
  'the person back at the screen': [(log) => log.write('personChanged', { fromId: 'tomas' }, INES), 'personChanged'],
  'somebody else’s hands in the box': [
    (log) =>
      log.write(
        'stepTicked',
        { pointId: 'yard', stepId: 'box-bar', touches: 'mains', placeId: 'by', how: 'done' },
        TOMAS,
      ),
    'somebodyElse',
  ],
  'hands of nobody knows whom': [
    (log) =>
      log.write('stepTicked', {
        pointId: 'yard',
        stepId: 'box-bar',
        touches: 'mains',
        placeId: 'by',
        how: 'bySomebodyElse',
      }),
    'somebodyElse',
  ],
  'another way': [(log) => log.write('circuitListed', { circuitId: 'c7', way: '9' }), 'wayChanged'],
  'another cable': [
    (log) => log.write('cableDescribed', { boxId: 'by', cableId: 'new', name: 'to the shed' }),
    'placeChanged',
  ],
  'another box': [(log) => log.write('pointHung', { pointId: 'yard', boxId: 'b9' }), 'placeChanged'],
  'a further circuit': [
    (log) => log.write('circuitListed', { circuitId: 'c8', way: '8', feeds: ['yard'] }),
    'placeChanged',
  ],
  'a second feed that was seen': [
    (log) => log.write('circuitListed', { circuitId: 'c7', otherInBox: 'yes' }),
    'placeChanged',
  ],
  'a strike of its switching-off': [(log) => log.write('entryStruck', { target: 'e7' }), 'struck'],
  'a strike of what named the circuit': [(log) => log.write('entryStruck', { target: 'e5' }), 'struck'],
  'a correction of its switching-off': [
    (log) => log.write('circuitSwitched', { circuitId: 'c7', to: 'off', tagged: true, guard: 'locked' }, INES, 'e7'),
    'struck',
  ],
  'a strike of itself': [(log) => log.write('entryStruck', { target: 'e8' }), 'struck'],
};

describe('what ends a mains proof', () => {
  for (const [name, [act, why]] of Object.entries(ENDS))
    it(`is ${name}`, () => {
      const log = atYard();
      act(log);
      expect(proofs(log.job)[0]).toMatchObject({ stands: false, why });
      expect(reasons(log.job, 'by')).not.toEqual([]);
      // Taking it back does not bring the proof back
      const last = log.entries.length;
      for (let seq = 9; seq <= last; seq++) log.write('entryStruck', { target: `e${seq}` });
      expect(proofs(log.job)[0]?.stands).toBe(false);
    });
  it('is nothing of the rest: a note, a reading of ohms, a switch that was tried, one’s own step', () => {
    const log = atYard()
      .write('noteWritten', { text: 'wasps' })
      .write('readingTaken', { pointId: 'door', what: 'loopOhms', run: 'toDoor', low: 2, high: 2 })
      .write('hintNoted', { circuitId: 'c7', hint: 'penQuiet' })
      .write('circuitSwitched', { circuitId: 'c3', to: 'on' }, TOMAS)
      .write('stepTicked', { pointId: 'yard', stepId: 'box-bar', touches: 'mains', placeId: 'by', how: 'done' })
      .write('stepTicked', { pointId: 'gate', stepId: 'box-bar', touches: 'mains', placeId: 'bg', how: 'done' }, TOMAS)
      .write('cameBack', {}, TOMAS)
      .write('cableDescribed', { boxId: 'bg', cableId: 'new' });
    expect(proofs(log.job)[0]).toMatchObject({ stands: true, endedBy: null, why: null });
  });
});

describe('a bell proof', () => {
  it('is of one supply, for all its places and everybody; absence and other people do not end it', () => {
    const log = atBell()
      .write('cameBack', {})
      .write('personChanged', { fromId: 'ines' }, TOMAS)
      .write('stepTicked', { pointId: 'door', stepId: 'bell-off', touches: 'bell', how: 'done' }, TOMAS);
    for (const who of ['ines', 'tomas', 'nobody']) expect(bellReasons(log.job, asked(who))).toEqual([]);
    expect(reasons(log.job, 's')).toEqual(['noMainsProof']);
  });
  it('ends with volts on any screen, and with a check that says it is lit', () => {
    const ends: readonly Act[] = [
      (log) =>
        log.write('readingTaken', {
          pointId: 'door',
          what: 'volts',
          at: 'transformer',
          state: 'open',
          low: 18.4,
          high: 18.4,
        }),
      (log) => log.write('readingTaken', { pointId: 'door', what: 'report', state: 'liveDay', report: 'weak' }),
      (log) => log.write('checkDone', { pointId: 'door', check: 'lit', result: 'passed' }),
      (log) => log.write('hintNoted', { circuitId: 'c3', hint: 'bellRings' }),
      (log) => log.write('transformerDescribed', { supplyId: 's', joined: 'yes' }),
    ];
    for (const end of ends) {
      const log = atBell();
      end(log);
      expect(proofs(log.job)[0]?.stands).toBe(false);
      expect(bellReasons(log.job)).not.toEqual([]);
    }
  });
  it('after more than bell voltage asks for a reason first, whatever is read then', () => {
    const log = off(site(), 'c3').write('deadProved', {
      circuitId: 'c3',
      placeId: 's',
      ...DEAD_BELL,
      firstToEarthVolts: 119,
    });
    off(log, 'c3').write('deadProved', { circuitId: 'c3', placeId: 's', ...DEAD_BELL });
    expect(bellReasons(log.job)).toEqual(['bellIsMains']);
    log.write('bellExplained', { supplyId: 's', reason: 'the bell wire lay under the lamp’s screw: taken off' });
    expect(bellReasons(log.job)).toEqual([]);
    log.write('entryStruck', { target: log.last });
    expect(bellReasons(log.job)).toEqual(['bellIsMains']);
  });
  it('is not needed by whoever proved the transformer’s own primary dead, while nothing else feeds it', () => {
    const log = off(site(), 'c3').write('deadProved', mains('c3', 's'));
    expect(bellReasons(log.job)).toEqual([]);
    expect(bellReasons(log.job, asked('tomas'))).toEqual(['noBellProof']);
    const joined = off(site().write('transformerDescribed', { supplyId: 's', joined: 'yes' }), 'c3').write(
      'deadProved',
      mains('c3', 's'),
    );
    expect(bellReasons(joined.job)).toEqual(['noBellProof', 'joined']);
    // One made elsewhere opens none
    expect(bellReasons(off(site(), 'c3').write('deadProved', mains('c3', 'by')).job)).toEqual(['noBellProof']);
  });
});

describe('the school of the live bell side', () => {
  const live = { touches: 'bell', bellSide: 'live' } as const;
  const read = () => site().write('deadProved', { circuitId: 'c3', placeId: 's', ...DEAD_BELL, betweenVolts: 18.4 });
  it('is open on a reading of bell voltage, until something is switched, whatever was seen between', () => {
    expect(reasons(site().job, 's', asked('ines'), live)).toEqual(['notRead']);
    expect(reasons(read().job, 's', asked('ines'), live)).toEqual([]);
    const lit = read().write('hintNoted', { circuitId: 'c3', hint: 'lampLit' });
    expect(reasons(lit.job, 's', asked('ines'), live)).toEqual([]);
    lit.write('circuitSwitched', { circuitId: 'c3', to: 'on' });
    expect(reasons(lit.job, 's', asked('ines'), live)).toEqual(['notRead']);
  });
});

describe('a second feed', () => {
  const two = (): TestLog =>
    site()
      .write('circuitListed', { circuitId: 'c7', otherInBox: 'yes', sharedNeutral: 'yes' })
      .write('circuitListed', { circuitId: 'c8', way: '8', feeds: ['yard'], otherInBox: 'no', sharedNeutral: 'no' });
  it('is named for each that was seen: one further circuit does not answer for two', () => {
    const log = two();
    expect(log.job.isolation.unnamedAt('by')).toBe('sharedNeutral');
    log.write('circuitListed', { circuitId: 'c8', namedAs: ['inBox', 'sharedNeutral'] });
    expect(log.job.isolation.unnamedAt('by')).toBeNull();
    log.write('circuitListed', { circuitId: 'c8', namedAs: ['inBox'] });
    expect(log.job.isolation.unnamedAt('by')).toBe('sharedNeutral');
  });
  it('holds mains work until it is named, whatever was proved', () => {
    const log = off(site().write('circuitListed', { circuitId: 'c7', otherInBox: 'yes' }));
    expect(reasons(log.write('deadProved', mains('c7', 'by')).job, 'by')).toEqual(['inBox']);
  });
  it('is another breaker: the same one named again is none', () => {
    const log = site()
      .write('circuitListed', { circuitId: 'c7', otherInBox: 'yes' })
      .write('circuitListed', { circuitId: 'again', way: '#7', feeds: ['yard'], namedAs: ['inBox'] });
    expect(log.job.isolation.unnamedAt('by')).toBe('inBox');
  });
  it('is proved dead too before hands go in', () => {
    const log = two().write('circuitListed', { circuitId: 'c8', namedAs: ['inBox', 'sharedNeutral'] });
    off(log).write('deadProved', mains('c7', 'by'));
    expect(reasons(log.job, 'by')).toEqual(['unknown']);
    off(log, 'c8');
    expect(reasons(log.job, 'by')).toEqual(['notProved']);
    log.write('deadProved', mains('c8', 'by'));
    expect(reasons(log.job, 'by')).toEqual([]);
  });
});

/** A log whose entries bear times and numbers of their own. */
class LateLog {
  readonly entries: Entry[];

  constructor(log: TestLog) {
    this.entries = [...log.entries];
  }

  /** @param second of its time; `more` as an entry carries it */
  write<K extends Entry['kind']>(
    kind: K,
    data: EntryData<K>,
    second: number,
    more: { readonly seen?: number; readonly imported?: true; readonly by?: Person; readonly received?: number } = {},
  ): this {
    const seq = this.entries.length + 1;
    const { by = INES, received = Math.max(second, seq), seen, imported } = more;
    this.entries.push({
      ...newEntry(kind, data, { id: `e${seq}`, at: timeOf(second), by, ...(seen === undefined ? {} : { seen }) }),
      seq,
      receivedAt: timeOf(received),
      ...(imported ? { imported } : {}),
    });
    return this;
  }

  get job(): Job {
    return fold({ id: 'j', title: 'Tern Cottage', createdAt: timeOf(0) }, this.entries);
  }
}

describe('time and number', () => {
  const OFF = { circuitId: 'c7', to: 'off', tagged: true, guard: 'locked' } as const;
  it('both have to say that the proof came after its switching-off', () => {
    const early = new LateLog(site())
      .write('circuitSwitched', OFF, 50)
      .write('deadProved', mains('c7', 'by', { switchingId: 'e7' }), 40);
    expect(proofs(early.job)[0]).toMatchObject({ stands: false, why: 'notOff', endedBy: null });
    const fine = new LateLog(site()).write('circuitSwitched', OFF, 40).write('deadProved', mains('c7', 'by'), 50);
    expect(proofs(fine.job)[0]?.stands).toBe(true);
  });
  it('either says that something ended it, and then nobody knows the circuit', () => {
    // A slow clock dates the “on” before the proof
    const slow = new LateLog(site())
      .write('circuitSwitched', OFF, 40)
      .write('deadProved', mains('c7', 'by'), 60)
      .write('circuitSwitched', { circuitId: 'c7', to: 'on' }, 30, { by: TOMAS, received: 70 });
    expect(proofs(slow.job)[0]).toMatchObject({ stands: false, why: 'switched' });
    expect(state(slow.job, 'c7')).toBe('unknown');
  });
  it('a proof that arrives late stands only where its writer had seen all that happened', () => {
    const late = (seen: number | undefined) =>
      proofs(
        new LateLog(site())
          .write('circuitSwitched', OFF, 40)
          .write('circuitSwitched', { circuitId: 'c7', to: 'on' }, 50, { by: TOMAS })
          .write('circuitSwitched', OFF, 60, { by: TOMAS })
          .write('deadProved', mains('c7', 'by'), 70, { ...(seen === undefined ? {} : { seen }) }).job,
      )[0]?.why;
    expect(late(7)).toBe('late');
    expect(late(9)).toBeNull();
    expect(late(undefined)).toBeNull();
    // What the writer wrote itself it had seen
    const own = new LateLog(site())
      .write('circuitSwitched', OFF, 40)
      .write('deadProved', mains('c7', 'by'), 50, { seen: 6 });
    expect(proofs(own.job)[0]?.stands).toBe(true);
  });
  it('one that was taken in with a file is history', () => {
    const log = new LateLog(site())
      .write('circuitSwitched', OFF, 40)
      .write('deadProved', mains('c7', 'by'), 50, { imported: true });
    expect(proofs(log.job)[0]).toMatchObject({ stands: false, why: 'imported' });
    expect(reasons(log.job, 'by')).toEqual(['notProved']);
  });
  it('gives the same facts in whatever order the entries arrive', () => {
    const { entries } = atYard().write('circuitListed', { circuitId: 'c7', name: 'outside lights' });
    const shuffled = [...entries].reverse();
    const facts = (job: Job) => ({ ...job, isolation: null });
    const head = { id: 'j', title: 'Tern Cottage', createdAt: timeOf(0) };
    expect(facts(fold(head, shuffled))).toEqual(facts(fold(head, entries)));
  });
});

describe('an absence', () => {
  const MINUTES = 60;
  /** Proved at second 60, and the next word of Ines so many minutes later. */
  const after = (minutes: number): LateLog =>
    new LateLog(site())
      .write('circuitSwitched', { circuitId: 'c7', to: 'off', tagged: true, guard: 'locked' }, 50)
      .write('deadProved', mains('c7', 'by'), 60)
      .write('noteWritten', { text: 'back' }, 60 + minutes * MINUTES);
  const now = (second: number): number => Date.parse(timeOf(second));
  it('is twenty minutes without a word of that person, and holds until it is answered', () => {
    expect(ABSENCE_MS).toBe(20 * MINUTES * 1000);
    const { job } = atYard();
    expect(reasons(job, 'by', asked('ines', now(8 + 20 * MINUTES)))).toEqual([]);
    expect(reasons(job, 'by', asked('ines', now(9 + 20 * MINUTES)))).toEqual(['wasAway']);
  });
  it('is not healed by another word than the answer', () => {
    const log = after(21);
    const later = 61 + 21 * MINUTES;
    expect(reasons(log.job, 'by', asked('ines', now(later)))).toEqual(['wasAway']);
    log.write('stayedAtWork', {}, later);
    expect(reasons(log.job, 'by', asked('ines', now(later + 1)))).toEqual([]);
    expect(proofs(log.job)[0]?.stands).toBe(true);
    log.write('cameBack', {}, later + 2);
    expect(proofs(log.job)[0]).toMatchObject({ stands: false, why: 'away' });
  });
  it('of somebody else asks nobody', () => {
    const log = after(5).write('noteWritten', { text: 'hello' }, 60 + 40 * MINUTES, { by: TOMAS });
    expect(reasons(log.job, 'by', asked('ines', now(60 + 15 * MINUTES)))).toEqual([]);
  });
});

describe('before something is switched on', () => {
  it('every open place that hangs on it is named, until it is closed or somebody answers for it', () => {
    const log = atYard().write('deadProved', mains('c7', 'bg'), TOMAS);
    const { job } = log;
    const [yard, gate] = job.points;
    if (!yard || !gate) throw new Error('two points');
    expect(openBeside(job, yard, asked('ines')).map(({ placeId }) => placeId)).toEqual(['bg']);
    expect(openBeside(job, gate, asked('tomas')).map(({ placeId }) => placeId)).toEqual(['by']);
    log.write('placeCleared', { placeId: 'bg', words: 'Tomas by telephone: off the ladder' });
    expect(openBeside(log.job, yard, asked('ines'))).toEqual([]);
    // Hands in it again
    log.write(
      'stepTicked',
      { pointId: 'gate', stepId: 'box-bar', touches: 'mains', placeId: 'bg', how: 'done' },
      TOMAS,
    );
    expect(openBeside(log.job, yard, asked('ines'))).toHaveLength(1);
    log.write(
      'stepTicked',
      { pointId: 'gate', stepId: 'box-close', touches: 'mains', placeId: 'bg', how: 'done' },
      TOMAS,
    );
    expect(openBeside(log.job, yard, asked('ines'))).toEqual([]);
  });
});

describe('the cover of a box', () => {
  const cover = (log: TestLog) => reasons(log.job, 'by', asked('ines'), { role: 'proof' });
  it('comes off what is off, tagged and locked or guarded, and needs no proof', () => {
    const log = site();
    expect(cover(log)).toEqual(['unknown']);
    expect(cover(log.write('circuitSwitched', { circuitId: 'c7', to: 'on' }))).toEqual(['live']);
    expect(cover(log.write('circuitSwitched', { circuitId: 'c7', to: 'off' }))).toEqual(['notTagged']);
    expect(cover(log.write('circuitSwitched', { circuitId: 'c7', to: 'off', tagged: true }))).toEqual(['notGuarded']);
    expect(cover(log.write('breakerGuarded', { circuitId: 'c7', guard: 'locked' }))).toEqual([]);
  });
  it('asks it of every circuit of the place', () => {
    const log = off(site()).write('circuitListed', { circuitId: 'c8', way: '8', feeds: ['yard'] });
    expect(cover(log)).toEqual(['unknown']);
    expect(cover(off(log, 'c8'))).toEqual([]);
  });
  it('stays on where no circuit is named', () => {
    const bare = new TestLog().write('pointAdded', {
      pointId: 'yard',
      pointKind: 'floodlight',
      name: 'Y',
      boxId: 'by',
    });
    expect(cover(bare)).toEqual(['noCircuit']);
    // A new plug that stays out frees the bell side, and no mains
    expect(reasons(bare.job, 'by', asked('ines'), { plug: 'new', breaker: false })).toEqual(['noCircuit']);
    expect(reasons(bare.job, 'by', asked('ines'), { plug: 'new', breaker: false, touches: 'bell' })).toEqual([]);
  });
});

describe('a live test', () => {
  it('is offered once the conductors were spread dead', () => {
    const test = (spread: boolean) =>
      reasons(site().job, 'by', asked('ines'), { role: 'liveTest', touches: 'nothing', spread });
    expect(test(false)).toEqual(['notSpread']);
    expect(test(true)).toEqual([]);
  });
});

describe('with the server away', () => {
  it('only a person’s own proof opens, made on this screen', () => {
    const { job } = atYard();
    const away = (ids: readonly string[]): Asker => ({ id: 'ines', at: 0, ownProofs: new Set(ids) });
    expect(reasons(job, 'by', away([]))).toEqual(['notFresh']);
    expect(reasons(job, 'by', away(['e8']))).toEqual([]);
  });
});

describe('a tick', () => {
  it('says whether the gate was open for it then, whatever came later', () => {
    const tick = {
      pointId: 'yard',
      stepId: 'box-bar',
      touches: 'mains',
      role: 'work',
      placeId: 'by',
      how: 'done',
    } as const;
    const stood = (log: TestLog) => log.job.points[0]?.ticks['box-bar']?.proofStood;
    expect(stood(off(site()).write('stepTicked', tick))).toBe(false);
    expect(stood(atYard().write('stepTicked', tick))).toBe(true);
    expect(stood(atYard().write('stepTicked', tick, TOMAS))).toBe(false);
    expect(stood(atYard().write('stepTicked', { ...tick, placeId: 'bg' }))).toBe(false);
    const later = atYard().write('stepTicked', tick).write('circuitSwitched', { circuitId: 'c7', to: 'on' });
    expect(stood(later)).toBe(true);
    const before = off(site()).write('stepTicked', tick).write('deadProved', mains('c7', 'by'));
    expect(stood(before)).toBe(false);
  });
});
