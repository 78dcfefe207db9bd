import { timeOf } from '@/core/job/forTests';
import fc from 'fast-check';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { CHIME_KINDS } from '@/core/chime';
import { fold, type Job } from '@/core/job';
import { DEAD_BELL, DEAD_MAINS } from '@/core/isolation/forTests';
import {
  MOUNTED_ON,
  OLD_FIXTURES,
  OUTLET_COVERS,
  OWN_CABLES,
  POINT_KINDS,
  WAS_THERE,
  YES_NO,
  newEntry,
  type Entry,
  type EntryData,
  type EntryKind,
} from '@/core/kinds';
import { doorsToShareWith, fixtureOptions, newPoint, plugChoiceOf, plugOptions, pointSteps } from '@/core/points';
import { cableSet } from '@/core/junction';
import { WALLS } from '@/core/mount';

// Jobs of all kinds of points in no order that anybody would choose: whatever was written, each screen has an answer, and
// what leads to it goes through its schemas unchanged.
type Act = (log: RandomLog, pick: <T>(from: readonly T[]) => T, amount: number) => void;

/** An id of the form that files and requests ask for. */
export const uuidOf = (n: number): string => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`;

/** A log that is written at random. */
export class RandomLog {
  readonly entries: Entry[] = [];
  private ids = 0;
  newId = (): string => `t${++this.ids}`;

  write<K extends EntryKind>(kind: K, data: EntryData<K>): void {
    const seq = this.entries.length + 1;
    const at = timeOf(seq);
    const entry = newEntry(kind, data, { id: uuidOf(seq), at, by: { id: 'ines', name: 'Ines' } });
    this.entries.push({ ...entry, seq, receivedAt: at });
  }
  get job(): Job {
    return fold({ id: 'j', title: 'Dotterel Green', createdAt: '2026-03-04T08:00:00Z' }, this.entries);
  }
}

/** An act at one of the points that there are. */
const atPoint =
  (
    act: (log: RandomLog, point: Job['points'][number], pick: <T>(from: readonly T[]) => T, amount: number) => void,
  ): Act =>
  (log, pick, amount) => {
    const { points } = log.job;
    if (points.length > 0) act(log, pick(points), pick, amount);
  };

const ACTS: Readonly<Record<string, Act>> = {
  site: (log, pick) =>
    log.write('siteDescribed', { region: pick(['na-120', 'gb-230']), colourEra: pick(['now', 'old']) }),
  point: (log, pick) => {
    const { job } = log;
    if (job.points.length >= 4) return;
    const pointKind = pick(POINT_KINDS);
    const doors = doorsToShareWith(job, pointKind);
    const shared =
      doors.length > 0 ? { door: pick(doors), shares: pick(['chime', 'supply', 'nothing'] as const) } : null;
    const pointId = log.newId();
    log.write('pointAdded', newPoint(job, { pointId, pointKind, name: `P${pointId}`, newId: log.newId, with: shared }));
  },
  kind: atPoint((log, point, pick) => log.write('pointHung', { pointId: point.id, pointKind: pick(POINT_KINDS) })),
  look: atPoint((log, { id: pointId }, pick, amount) =>
    log.write('pointDescribed', {
      pointId,
      wasThere: pick(WAS_THERE),
      ownCable: pick(OWN_CABLES),
      wall: pick(WALLS),
      leadReachM: amount / 10,
      oldFixture: pick(OLD_FIXTURES),
      mountedOn: pick(MOUNTED_ON),
      fixtureHeightM: 2 + amount,
    }),
  ),
  chime: atPoint((log, { hangs }, pick) => {
    if (hangs.chimeId) log.write('chimeDescribed', { chimeId: hangs.chimeId, chimeKind: pick(CHIME_KINDS) });
  }),
  plate: atPoint((log, { hangs }, pick) => {
    if (hangs.supplyId)
      log.write('transformerDescribed', {
        supplyId: hangs.supplyId,
        ratedVolts: pick([8, 16, 24]),
        ratedVa: pick([8, 20, 40]),
      });
  }),
  supply: atPoint((log, { hangs }, pick, amount) => {
    if (hangs.supplyId)
      log.write('supplyPlanned', {
        supplyId: hangs.supplyId,
        from: pick(['board', 'spur', 'adapter', 'lighting', 'battery'] as const),
        segments: [{ way: 'surface', lengthM: 1 + amount, holes: 1 }],
      });
  }),
  outlet: atPoint((log, { id: pointId }, pick, amount) =>
    log.write('outletDescribed', {
      pointId,
      wayM: amount,
      residual: pick(YES_NO),
      cover: pick(OUTLET_COVERS),
      alwaysOn: pick(YES_NO),
    }),
  ),
  box: atPoint((log, { hangs: { boxId } }, pick) =>
    log.write('boxDescribed', {
      boxId,
      standardBox: pick(['oct-1-1-2', 'pancake']),
      material: pick(['metal', 'plastic']),
    }),
  ),
  cable: atPoint((log, { hangs: { boxId } }, pick) => {
    const set = cableSet('14/2 with ground', 'now');
    if (!set.ok) throw new Error('no such cable');
    log.write('cableDescribed', {
      boxId,
      cableId: 'c',
      role: 'feed',
      conductors: set.value.map(({ strands, colour }, i) => ({
        id: `${i}`,
        awg: 14,
        strands,
        metal: 'copper' as const,
        colour,
        carries: pick([(['hot', 'neutral', 'ground'] as const)[i] ?? 'unknown', 'unknown'] as const),
      })),
    });
  }),
  reading: atPoint((log, { id: pointId }, _pick, amount) => {
    const volts = 10 + 5 * amount;
    log.write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: volts, high: volts });
  }),
  wifi: atPoint((log, { id: pointId }, _pick, amount) => log.write('wifiRead', { pointId, dbm: -90 + 10 * amount })),
  take: atPoint((log, point) => {
    if (point.kind === 'floodlight') {
      const { data } = fixtureOptions(point, SHIPPED_CATALOGUE, {});
      if (data) log.write('fixtureChosen', data);
    } else if (point.kind === 'plugFloodlight') {
      const [option] = plugOptions(point, SHIPPED_CATALOGUE);
      if (option) log.write('plugFixtureChosen', plugChoiceOf(point.id, option.fixture));
    }
  }),
  circuit: atPoint((log, { id }, pick) =>
    log.write('circuitListed', {
      circuitId: `of-${id}`,
      way: pick(['7', '07', '7A', '9']),
      feeds: [id],
      sharedNeutral: 'no',
      otherInBox: 'no',
    }),
  ),
  off: atPoint((log, { id }, pick) =>
    log.write('circuitSwitched', { circuitId: `of-${id}`, to: pick(['off', 'on'] as const), tagged: true }),
  ),
  bell: atPoint((log, { id }) => log.write('deadProved', { circuitId: `of-${id}`, ...DEAD_BELL })),
  mains: atPoint((log, { id }) => log.write('deadProved', { circuitId: `of-${id}`, ...DEAD_MAINS })),
  tick: atPoint((log, point, pick) => {
    const steps = pointSteps(point);
    if (steps.length === 0) return;
    const { id: stepId, touches } = pick(steps);
    log.write('stepTicked', { pointId: point.id, stepId, touches, how: 'done' });
  }),
  leave: atPoint((log, { id: pointId }) => log.write('pointLeft', { pointId, copyGiven: true })),
  strike: (log, pick) => {
    if (log.entries.length > 0) log.write('entryStruck', { target: pick(log.entries).id, reason: 'tried' });
  },
};

/** Acts with what they pick and how much. */
export const sequences = fc.array(
  fc.tuple(fc.constantFrom(...Object.keys(ACTS)), fc.nat({ max: 997 }), fc.double({ min: 0.1, max: 4, noNaN: true })),
  { minLength: 3, maxLength: 26 },
);

/** The log of a sequence of acts. */
export function logOf(sequence: readonly (readonly [string, number, number])[]): RandomLog {
  const log = new RandomLog();
  ACTS.point?.(log, ([first]) => first as never, 1);
  for (const [name, which, amount] of sequence) {
    let at = which;
    // Another one at each question of the same act
    ACTS[name]?.(log, (from) => from[at++ % from.length] as never, Number(amount.toFixed(2)));
  }
  return log;
}
