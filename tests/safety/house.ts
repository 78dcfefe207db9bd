import fc from 'fast-check';
import { DEAD_BELL, DEAD_MAINS } from '@/core/isolation/forTests';
import { fold, type Job } from '@/core/job';
import { timeOf } from '@/core/job/forTests';
import { undoTarget } from '@/core/log/undo';
import { newEntry, type Entry, type EntryData, type EntryKind, type NewEntry, type Person } from '@/core/kinds';

// A house with all that goes wrong in it: three floodlights on two boxes, a door on a transformer, one on a plug, three people,
// breakers with namesakes, and entries that come late, from a slow clock, or out of a file.

export const PEOPLE: readonly Person[] = ['ines', 'tomas', 'ruth'].map((id) => ({ id, name: id }));
export const PLACES = ['by', 'bg', 'by/switch', 's'] as const;
/** The supply that plugs in: no mains of it are anybody’s work. */
export const PLUGGED = 's2';

/** How an entry comes: after so many seconds, dated so much too early, by a device that had not seen the last few. */
interface Coming {
  readonly pause: number;
  readonly slow: number;
  readonly unseen: number;
  readonly imported: boolean;
}

export const AT_ONCE: Coming = { pause: 1, slow: 0, unseen: 0, imported: false };

/** A device out of reach: what it knows of the house, and what was written on it since. */
interface Away {
  readonly known: readonly Entry[];
  readonly waits: readonly NewEntry[];
  /** Its number among the devices, and how many entries it has written: they make its ids. */
  readonly device: number;
  readonly written: number;
  readonly second: number;
}

export class House {
  readonly entries: Entry[] = [];
  private second = 0;
  private away: Away | null = null;

  /** The house as a device out of reach knows it: what is written on it bears what it had seen of the others. */
  static asSeen(away: Away): House {
    const house = new House();
    const last = away.known.length;
    house.entries.splice(0, house.entries.length, ...away.known);
    for (const [i, entry] of away.waits.entries())
      house.entries.push({ ...entry, seq: last + i + 1, receivedAt: timeOf(away.second) });
    house.second = away.second;
    house.away = away;
    return house;
  }

  constructor() {
    const put = <K extends EntryKind>(kind: K, data: EntryData<K>) => this.write(kind, data, PEOPLE[0], AT_ONCE);
    put('siteDescribed', { region: 'na-120', lengths: 'metric' });
    put('boardListed', { boardId: 'b', ways: 12 });
    put('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard', boxId: 'by' });
    put('pointAdded', { pointId: 'gate', pointKind: 'floodlight', name: 'Gate', boxId: 'bg' });
    put('pointAdded', {
      pointId: 'door',
      pointKind: 'doorbell',
      name: 'Door',
      supplyId: 's',
      chimeId: 'ch',
      boxId: 'bt',
    });
    // On the yard’s box too
    put('pointAdded', { pointId: 'shed', pointKind: 'floodlight', name: 'Shed', boxId: 'by' });
    put('pointAdded', {
      pointId: 'side',
      pointKind: 'doorbell',
      name: 'Side',
      supplyId: PLUGGED,
      chimeId: 'ch2',
      boxId: 'b2',
    });
    put('transformerDescribed', { supplyId: PLUGGED, plugged: 'yes' });
  }

  write<K extends EntryKind>(
    kind: K,
    data: EntryData<K>,
    by: Person | undefined,
    { pause, slow, unseen, imported }: Coming,
    corrects?: string,
  ): void {
    const seq = this.entries.length + 1;
    this.second += pause;
    const received = timeOf(this.second);
    const { device = 0, written = 0, known, waits = [] } = this.away ?? {};
    const count = known ? written + seq - known.length - waits.length : seq;
    const id = `00000000-0000-7000-8${String(device).padStart(3, '0')}-${String(count).padStart(12, '0')}`;
    const made = { id, at: timeOf(Math.max(0, this.second - slow)), by: by ?? { id: 'ines', name: 'ines' } };
    const seen = known ? { seen: known.length } : unseen > 0 ? { seen: Math.max(0, seq - 1 - unseen) } : {};
    this.entries.push({
      ...newEntry(kind, data, { ...made, ...seen }, corrects),
      seq,
      receivedAt: received,
      ...(imported ? { imported: true as const } : {}),
    });
  }

  /** So many entries back, by its id. */
  back(count: number): string {
    return this.entries[Math.max(5, this.entries.length - 1 - count)]?.id ?? '';
  }

  get now(): number {
    return Date.parse(timeOf(this.second));
  }

  get job(): Job {
    return fold({ id: 'j', title: 'Tern Cottage', createdAt: timeOf(0) }, this.entries);
  }
}

type Write = <K extends EntryKind>(kind: K, data: EntryData<K>, corrects?: string) => void;
/** @param n a number to choose by */
type Act = (write: Write, house: House, n: number) => void;

const CIRCUITS = ['c7', 'c7b', 'c3', 'c8'] as const;
const WAYS: Readonly<Record<(typeof CIRCUITS)[number], string>> = { c7: '7', c7b: 'Breaker 07', c3: '3', c8: '8' };
const FEEDS = { c7: ['yard', 'gate'], c7b: ['gate'], c3: ['door'], c8: ['shed'] } as const;
const circuit = (n: number) => CIRCUITS[n % CIRCUITS.length] ?? 'c7';
const place = (n: number) => PLACES[n % PLACES.length] ?? 'by';
const LOOKED = { otherInBox: 'no', sharedNeutral: 'no' } as const;

/** The last switching-off of a circuit in a log, as a screen would name it. */
const lastOff = ({ entries }: House, circuitId: string): string | undefined =>
  entries.findLast(
    (entry) => entry.kind === 'circuitSwitched' && entry.data.to === 'off' && entry.data.circuitId === circuitId,
  )?.id;

/** Whatever anybody may write about live and dead, in any order, also badly. */
export const ACTS: Readonly<Record<string, Act>> = {
  list: (write, _, n) => {
    const id = circuit(n);
    write('circuitListed', { circuitId: id, way: WAYS[id], feeds: [...FEEDS[id]], ...(n % 3 ? LOOKED : {}) });
  },
  looked: (write, _, n) => write('circuitListed', { circuitId: circuit(n), ...LOOKED }),
  relist: (write, _, n) => write('circuitListed', { circuitId: circuit(n), way: ['7', '9', 'way 3'][n % 3] ?? '7' }),
  second: (write, _, n) =>
    write('circuitListed', {
      circuitId: circuit(n),
      ...(n % 2 ? { otherInBox: 'yes' as const } : { sharedNeutral: 'yes' as const }),
    }),
  namedAs: (write, _, n) =>
    write('circuitListed', {
      circuitId: circuit(n),
      namedAs: n % 2 ? ['inBox'] : ['inBox', 'sharedNeutral', 'joined'],
    }),
  compare: (write, _, n) => write('circuitsCompared', { circuitId: 'c7', otherId: 'c7b', same: n % 3 ? 'yes' : 'no' }),
  off: (write, _, n) =>
    write('circuitSwitched', {
      circuitId: circuit(n),
      to: 'off',
      tagged: n % 7 !== 0,
      ...(n % 5 ? { guard: 'locked' } : {}),
    }),
  guard: (write, _, n) => write('breakerGuarded', { circuitId: circuit(n), guard: 'watched', guardedBy: 'Jo' }),
  on: (write, _, n) => write('circuitSwitched', { circuitId: circuit(n), to: 'on' }),
  mains: (write, house, n) => {
    const circuitId = circuit(n);
    const off = n % 4 === 0 ? undefined : lastOff(house, circuitId);
    write('deadProved', {
      circuitId,
      placeId: place(Math.floor(n / 4)),
      ...(off ? { switchingId: off } : {}),
      ...DEAD_MAINS,
    });
  },
  mainsAsShould: (write, house, n) => {
    const [circuitId, placeId] = (
      [
        ['c7', 'by'],
        ['c7', 'bg'],
        ['c8', 'by'],
        ['c3', 's'],
      ] as const
    )[n % 4] ?? ['c7', 'by'];
    const off = lastOff(house, circuitId);
    write('deadProved', { circuitId, placeId, ...(off ? { switchingId: off } : {}), ...DEAD_MAINS });
  },
  mainsBad: (write, _, n) =>
    write('deadProved', {
      circuitId: circuit(n),
      placeId: place(n),
      ...DEAD_MAINS,
      ...([{ hotNeutralVolts: 121 }, { neutralGroundVolts: 6 }, { triedAfter: false }, { simulated: true }][n % 4] ??
        {}),
    }),
  bell: (write, house, n) => {
    const off = n % 3 === 0 ? undefined : lastOff(house, 'c3');
    write('deadProved', { circuitId: 'c3', placeId: 's', ...(off ? { switchingId: off } : {}), ...DEAD_BELL });
  },
  bellLive: (write, _, n) =>
    write('deadProved', { circuitId: 'c3', placeId: 's', ...DEAD_BELL, betweenVolts: n % 2 ? 18.4 : 119 }),
  explained: (write) => write('bellExplained', { supplyId: 's', reason: 'the lamp’s wire lay on it' }),
  back: (write) => write('cameBack', {}),
  stayed: (write) => write('stayedAtWork', {}),
  changed: (write, _, n) => write('personChanged', { fromId: PEOPLE[n % PEOPLE.length]?.id ?? 'ines' }),
  hint: (write, _, n) => write('hintNoted', { circuitId: circuit(n), hint: n % 2 ? 'penQuiet' : 'lampLit' }),
  hunt: (write, _, n) =>
    write('huntTested', {
      pointId: 'door',
      dropped: [['b/7', 'b/1'], ['b/3'], ['b/11', 'b/12']][n % 3] ?? ['b/7'],
      died: n % 2 === 0,
    }),
  work: (write, _, n) =>
    write('stepTicked', {
      pointId: n % 2 ? 'yard' : 'gate',
      stepId: 'box-bar',
      touches: 'mains',
      ...(n % 3 ? { placeId: n % 2 ? 'by' : 'bg' } : {}),
      how: n % 5 ? 'done' : 'bySomebodyElse',
    }),
  energise: (write, _, n) =>
    write('stepTicked', {
      pointId: n % 2 ? 'yard' : 'gate',
      stepId: n % 3 ? 'box-energise' : 'own-step',
      touches: 'nothing',
      ...(n % 3 ? {} : { energises: true }),
      how: n % 5 ? 'done' : 'bySomebodyElse',
    }),
  check: (write, _, n) =>
    write('checkDone', {
      pointId: 'door',
      check: 'lit',
      result: n % 2 ? 'passed' : 'failed',
      reason: 'dark',
    }),
  volts: (write, _, n) =>
    write('readingTaken', {
      pointId: 'door',
      what: 'volts',
      at: 'transformer',
      state: 'open',
      low: [0.2, 18.4, 40][n % 3] ?? 0,
      high: [0.2, 18.4, 40][n % 3] ?? 0,
    }),
  conductor: (write, _, n) =>
    write('conductorTested', {
      boxId: n % 2 ? 'by' : 'bg',
      cableId: 'x',
      conductorId: '1',
      test: 'toGround',
      switches: 'allOn',
      value: n % 3 ? 0.4 : 121,
    }),
  cable: (write, _, n) =>
    write('cableDescribed', { boxId: ['by', 'bg', 'bt'][n % 3] ?? 'by', cableId: `k${n}`, role: 'feed' }),
  joined: (write, _, n) => write('transformerDescribed', { supplyId: 's', joined: n % 3 ? 'no' : 'yes' }),
  strike: (write, house, n) => write('entryStruck', { target: house.back(n % 12) }),
  correct: (write, house, n) =>
    write('circuitSwitched', { circuitId: circuit(n), to: 'off', tagged: true, guard: 'locked' }, house.back(n % 6)),
  note: (write) => write('noteWritten', { text: 'wasps' }),
  plugOut: (write) => write('plugSeen', { supplyId: PLUGGED, out: true }),
  plugIn: (write) => write('plugSeen', { supplyId: PLUGGED, out: false }),
  plugJoined: (write, _, n) => write('transformerDescribed', { supplyId: PLUGGED, joined: n % 3 ? 'no' : 'yes' }),
  plugFed: (write, _, n) => write('circuitListed', { circuitId: circuit(n), feeds: [...FEEDS[circuit(n)], 'side'] }),
  plugBell: (write, house, n) => {
    const off = lastOff(house, circuit(n));
    write('deadProved', {
      circuitId: circuit(n),
      placeId: PLUGGED,
      ...(off ? { switchingId: off } : {}),
      ...DEAD_BELL,
      ...(n % 5 ? {} : { firstToEarthVolts: 61 }),
    });
  },
  plugReading: (write, _, n) =>
    write('readingTaken', {
      pointId: 'side',
      what: 'volts',
      at: 'transformer',
      state: 'open',
      low: [0, 17, 90][n % 3] ?? 0,
      high: [0, 17, 90][n % 3] ?? 0,
    }),
  plugExplained: (write) => write('bellExplained', { supplyId: PLUGGED, reason: 'the lamp’s wire lay on it' }),
  plugLit: (write, _, n) =>
    write('checkDone', { pointId: 'side', check: 'lit', result: n % 2 ? 'passed' : 'failed', reason: 'dark' }),
  school: (write, _, n) => write('policyTaken', { bellSide: n % 3 ? 'live' : 'off' }),
};

/** Off, locked, tagged, and proved, as one does it: without a proof there is nothing to end. */
function asShould(write: Write, house: House, circuitId: string, placeId: string, weight: 'bell' | 'mains'): void {
  write('circuitSwitched', { circuitId, to: 'off', tagged: true, guard: 'locked' });
  const off = lastOff(house, circuitId);
  const proof = weight === 'bell' ? DEAD_BELL : DEAD_MAINS;
  write('deadProved', { circuitId, placeId, ...(off ? { switchingId: off } : {}), ...proof });
}

/** The button takes back one’s own last word. */
const undo = (write: Write, house: House, by: Person): void => {
  const target = undoTarget(house.entries, by.id);
  if (target) write('entryStruck', { target: target.id });
};

const WHOLE: Readonly<Record<string, Act>> = {
  begin: (write) => {
    for (const id of ['c7', 'c3'] as const)
      write('circuitListed', { circuitId: id, way: WAYS[id], feeds: [...FEEDS[id]], ...LOOKED });
  },
  yard: (write, house) => asShould(write, house, 'c7', 'by', 'mains'),
  gate: (write, house) => asShould(write, house, 'c7', 'bg', 'mains'),
  yardSecond: (write, house) => asShould(write, house, 'c8', 'by', 'mains'),
  transformer: (write, house) => asShould(write, house, 'c3', 's', 'mains'),
  bellSide: (write, house) => asShould(write, house, 'c3', 's', 'bell'),
};

const UNDO = 'undo';

/** What is done more often than the rest. */
const USUAL = [
  UNDO,
  'plugOut',
  'looked',
  'off',
  'mainsAsShould',
  'mainsAsShould',
  'bell',
  ...Object.keys(WHOLE),
  ...Object.keys(WHOLE),
];

const coming = fc.record({
  pause: fc.oneof({ weight: 12, arbitrary: fc.nat({ max: 90 }) }, { weight: 1, arbitrary: fc.constant(1500) }),
  slow: fc.oneof({ weight: 12, arbitrary: fc.constant(0) }, { weight: 1, arbitrary: fc.constantFrom(40, 600, 4000) }),
  unseen: fc.oneof({ weight: 10, arbitrary: fc.constant(0) }, { weight: 1, arbitrary: fc.integer({ min: 1, max: 6 }) }),
  imported: fc.oneof({ weight: 30, arbitrary: fc.constant(false) }, { weight: 1, arbitrary: fc.constant(true) }),
});

const step = fc.record({
  act: fc.constantFrom(...USUAL, ...Object.keys(ACTS)),
  n: fc.nat({ max: 60 }),
  by: fc.constantFrom(...PEOPLE.slice(0, 2), ...PEOPLE),
  coming,
});
export type Step = typeof step extends fc.Arbitrary<infer T> ? T : never;

/** Orders of acts, up to so many. */
export const orders = (most: number): fc.Arbitrary<readonly Step[]> => fc.array(step, { maxLength: most, size: 'max' });

/** Does one of the acts in a house. */
export function act(house: House, { act: name, n, by, coming: how }: Step): void {
  const write: Write = (kind, data, corrects) => house.write(kind, data, by, how, corrects);
  if (name === UNDO) undo(write, house, by);
  else (WHOLE[name] ?? ACTS[name])?.(write, house, n);
}

/** A house whose two circuits are named. */
export function begun(): House {
  const house = new House();
  WHOLE.begin?.((kind, data) => house.write(kind, data, PEOPLE[0], AT_ONCE), house, 0);
  return house;
}

/** The house after some acts. */
export function houseAfter(steps: readonly Step[]): House {
  const house = begun();
  for (const one of steps) act(house, one);
  return house;
}
