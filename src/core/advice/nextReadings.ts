import {
  expectationOf,
  housePrior,
  readingSigma,
  reportChance,
  type BellCase,
  type Houses,
  type Readable,
} from '../bell';
import { DEVICE_REPORTS } from '../bell';
import { normalAt } from '../random';
import type { HeldWay } from './holding';
import type { Proposer } from './propose';

/** Something that could be read now, and what it costs. */
export interface Takeable {
  readonly id: string;
  readonly readable: Readable;
  readonly minutes: number;
}

/** What a reading is worth. */
export interface ReadingWorth {
  readonly id: string;
  readonly minutes: number;
  /** Chance that it changes what is proposed. */
  readonly chanceToChange: number;
  /** Place of the way whose belief it moves most, and where that belief would go in the worse and the better half. */
  readonly moves: { readonly way: number; readonly down: number; readonly up: number } | null;
}

/** Outcomes that are tried for each reading: each stands for an equal share of what could be read. */
const OUTCOMES = 128;
/** Houses farther than this from an outcome, in σ, say nothing. */
const REACH = 4;
/** An outcome seen by few houses is drawn towards what is believed now, as by so many more of them. */
const CAUTION = 2;
/** At most so many ways are followed through the outcomes. */
const MOST_FOLLOWED = 48;
/** A reading that moves nothing by itself counts, while nothing can be trusted, when it lifts the best belief by this. */
const LIFTS = 0.005;
/** A chance under this changes nothing (domain/contracts: enough). */
export const CHANCE_THAT_COUNTS = 0.01;

/** Steps of a sequence that fills (0, 1) evenly in any order: noise that belongs to no house. */
const NOISE_STEP = 0.6180339887498949;

/** Ways worth following: no two with the same houses where one costs more and is as silent. */
function followed(held: readonly HeldWay[], proposed: number): readonly number[] {
  const columns = new Map<Uint8Array, number[]>();
  held.forEach(({ holds }, i) => columns.set(holds, [...(columns.get(holds) ?? []), i]));
  const believed = [...held.keys()].sort((a, b) => (held[b]?.standing.belief ?? 0) - (held[a]?.standing.belief ?? 0));
  const some = believed.filter((i) => (held[i]?.standing.belief ?? 0) > 0.02).slice(0, MOST_FOLLOWED);
  return proposed < 0 || some.includes(proposed) ? some : [...some, proposed];
}

/**
 * Tries every outcome of every reading that could be taken now, on the likely houses: how often would something else be
 * proposed? Best first, by chance per minute.
 */
export function nextReadings(
  bell: BellCase,
  houses: Houses,
  held: readonly HeldWay[],
  propose: Proposer,
  takeable: readonly Takeable[],
): readonly ReadingWorth[] {
  const { instruments } = housePrior(bell);
  const count = houses.count;
  const beliefs = held.map(({ standing }) => standing.belief);
  const now = propose((way) => beliefs[way] ?? 0);
  const follow = new Set(followed(held, now));
  const best = Math.max(0, ...beliefs);
  const weights = new Float64Array(count);

  /** What would be proposed if the houses had these weights, from `from` to `to` in an order. */
  const outcome = (
    order: Int32Array,
    from: number,
    to: number,
    tell: (way: number, belief: number) => void,
  ): number => {
    let sum = 0;
    let squares = 0;
    for (let k = from; k < to; k++) {
      const weight = weights[k] ?? 0;
      sum += weight;
      squares += weight * weight;
    }
    if (sum === 0) return now;
    const seen = (sum * sum) / squares;
    const known = new Map<Uint8Array, number>();
    const belief = (way: number): number => {
      const before = beliefs[way] ?? 0;
      const one = held[way];
      if (!one || !follow.has(way)) return before;
      let after = known.get(one.holds);
      if (after === undefined) {
        let holding = 0;
        for (let k = from; k < to; k++) if (one.holds[order[k] ?? 0] === 1) holding += weights[k] ?? 0;
        after = ((holding / sum) * seen + before * CAUTION) / (seen + CAUTION);
        known.set(one.holds, after);
        tell(way, after);
      }
      return after;
    };
    const then = propose(belief);
    if (now < 0) for (const way of follow) belief(way);
    return then;
  };

  const worthOf = ({ id, readable, minutes }: Takeable): ReadingWorth => {
    const expected = expectationOf(bell, instruments, readable);
    const figures = Float64Array.from({ length: count }, (_, i) => expected(houses, i));
    if (figures.some(Number.isNaN)) return { id, minutes, chanceToChange: 0, moves: null };
    let changed = 0;
    let lifted = 0;
    const spread = new Map<number, { down: number; up: number; low: number; high: number }>();
    const note = (share: number, part: 'low' | 'high') => (way: number, belief: number) => {
      const so = spread.get(way) ?? { down: 0, up: 0, low: 0, high: 0 };
      so[part] += share;
      so[part === 'low' ? 'down' : 'up'] += share * belief;
      spread.set(way, so);
    };
    if (readable.what === 'report') {
      const order = Int32Array.from({ length: count }, (_, i) => i);
      DEVICE_REPORTS.forEach((report, r) => {
        let share = 0;
        for (let i = 0; i < count; i++) {
          weights[i] = reportChance(bell, figures[i] ?? 0, report);
          share += (weights[i] ?? 0) / count;
        }
        let top = 0;
        const tell = note(share, r === 0 ? 'low' : 'high');
        const then = outcome(order, 0, count, (way, belief) => {
          tell(way, belief);
          top = Math.max(top, belief);
        });
        if (then !== now) changed += share;
        lifted += share * Math.max(0, top - best);
      });
    } else {
      const order = Int32Array.from([...figures.keys()].sort((a, b) => (figures[a] ?? 0) - (figures[b] ?? 0)));
      const sorted = Float64Array.from(order, (i) => figures[i] ?? 0);
      const middle = sorted[count >> 1] ?? 0;
      // The gain of an instrument that has read nothing yet is part of this reading’s own error
      const fresh =
        'instrument' in readable &&
        !instruments.some((one) => JSON.stringify(one) === JSON.stringify(readable.instrument))
          ? ((readable.instrument.percent / 100) * middle) / Math.sqrt(3)
          : 0;
      const sigma = Math.hypot(readingSigma(readable, middle, 0), fresh);
      let from = 0;
      let to = 0;
      const reads = Float64Array.from({ length: OUTCOMES }, (_, k) => {
        const house = sorted[Math.floor(((k + 0.5) / OUTCOMES) * count)] ?? 0;
        return house + sigma * normalAt(((k + 0.5) * NOISE_STEP) % 1 || 0.5);
      }).sort();
      reads.forEach((read, k) => {
        while (from < count && (sorted[from] ?? 0) < read - REACH * sigma) from++;
        to = Math.max(to, from);
        while (to < count && (sorted[to] ?? 0) <= read + REACH * sigma) to++;
        for (let j = from; j < to; j++) {
          const off = ((sorted[j] ?? 0) - read) / sigma;
          weights[j] = Math.exp((-off * off) / 2);
        }
        let top = 0;
        const tell = note(1 / OUTCOMES, k < OUTCOMES / 2 ? 'low' : 'high');
        const then = outcome(order, from, to, (way, belief) => {
          tell(way, belief);
          top = Math.max(top, belief);
        });
        if (then !== now) changed += 1 / OUTCOMES;
        lifted += Math.max(0, top - best) / OUTCOMES;
      });
    }
    // While nothing can be trusted, two readings may do what neither does alone
    const chanceToChange = Math.min(1, now < 0 && lifted > LIFTS ? Math.max(changed, lifted) : changed);
    let moves: ReadingWorth['moves'] = null;
    let widest = 0;
    for (const [way, { down, up, low, high }] of spread) {
      if (low === 0 || high === 0) continue;
      const apart = Math.abs(up / high - down / low);
      if (apart <= widest) continue;
      widest = apart;
      moves = { way, down: Math.min(up / high, down / low), up: Math.max(up / high, down / low) };
    }
    return { id, minutes, chanceToChange, moves };
  };
  const perMinute = ({ chanceToChange, minutes }: ReadingWorth): number => chanceToChange / Math.max(0.5, minutes);
  return takeable.map(worthOf).sort((a, b) => perMinute(b) - perMinute(a));
}
