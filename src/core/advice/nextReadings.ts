import { housePrior, type BellCase, type Houses, type Readable } from '../bell';
import type { HeldWay } from './holding';
import { OUTCOMES, outcomesOf, type Bins, type Outcome } from './outcomes';
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

/** An outcome seen by few houses is drawn towards what is believed now, as by so many more of them. */
const CAUTION = 2;
/** A belief that moves less than this, in its own standard errors, has moved by the luck of the draw. */
const LUCK = 3;
/** So many houses that is held against. Among fewer it is less: else what many houses would ask for, few would pass over. */
const LUCK_AMONG = 3000;
/** At most so many ways are followed through the outcomes, and none that nobody believes in. */
const FOLLOWED = { most: 64, least: 0.02 } as const;
/** A reading that moves nothing by itself counts, while nothing can be trusted, when it lifts the best belief by this. */
const LIFTS = 0.005;
/** A chance under this changes nothing (domain/power: enough). */
const CHANCE_THAT_COUNTS = 0.01;
/** A chance is counted over so many outcomes: what lies over the limit by less than so many standard errors, lies there by luck. */
const ERRORS_OVER = 1.6;

/** Whether a reading may change what is proposed often enough to be asked for. */
export const counts = ({ chanceToChange: chance }: Pick<ReadingWorth, 'chanceToChange'>): boolean =>
  chance - ERRORS_OVER * Math.sqrt((chance * (1 - chance)) / OUTCOMES) > CHANCE_THAT_COUNTS;

/** How many houses of each bin a mask lets in. */
function perBinOf(mask: Uint8Array, bins: Bins): Float64Array {
  const sums = new Float64Array(bins.count);
  for (let i = 0; i < mask.length; i++) if (mask[i] === 1) sums[bins.of[i] ?? 0] = (sums[bins.of[i] ?? 0] ?? 0) + 1;
  return sums;
}

/** How many houses of each bin a way holds in, out of how many that its condition lets in. Ways that hold alike share it. */
interface Column {
  readonly held: Float64Array;
  readonly of: Float64Array;
}

/** Beliefs after an outcome, worked out for a way when it is asked for. */
function beliefsAfter(
  { from, to, weight }: Outcome,
  bins: Bins,
  perBin: (way: number) => Column | null,
  before: (way: number) => number,
): (way: number) => number {
  let sum = 0;
  let squares = 0;
  for (let b = from; b < to; b++) {
    const one = weight[b - from] ?? 0;
    const many = bins.size[b] ?? 0;
    sum += one * many;
    squares += one * one * many;
  }
  const seen = squares > 0 ? (sum * sum) / squares : 0;
  const luck = LUCK * Math.min(1, Math.sqrt(bins.of.length / LUCK_AMONG));
  const known = new Map<Column, number>();
  return (way) => {
    const column = perBin(way);
    if (column === null || sum === 0) return before(way);
    let after = known.get(column);
    if (after === undefined) {
      let holding = 0;
      let within = 0;
      for (let b = from; b < to; b++) {
        holding += (weight[b - from] ?? 0) * (column.held[b] ?? 0);
        within += (weight[b - from] ?? 0) * (column.of[b] ?? 0);
      }
      const was = before(way);
      const share = within > 0 ? holding / within : was;
      after = (share * seen + was * CAUTION) / (seen + CAUTION);
      const spread = was * (1 - was) * Math.max(0, 1 / seen - 1 / bins.of.length);
      if ((after - was) * (after - was) < luck * luck * spread) after = was;
      known.set(column, after);
    }
    return after;
  };
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
  const before = (way: number): number => held[way]?.standing.belief ?? 0;
  const now = propose(before);
  const best = held.reduce((most, _, way) => Math.max(most, before(way)), 0);
  const followed = new Set(
    [...held.keys()]
      .filter((way) => before(way) > FOLLOWED.least)
      .sort((a, b) => before(b) - before(a))
      .slice(0, FOLLOWED.most),
  );
  if (now >= 0) followed.add(now);

  const worthOf = ({ id, readable, minutes }: Takeable): ReadingWorth => {
    const told = outcomesOf(bell, houses, instruments, readable);
    if (!told) return { id, minutes, chanceToChange: 0, moves: null };
    const { bins, outcomes } = told;
    const columns = new Map<Uint8Array, Column>();
    const perBin = (way: number): Column | null => {
      const one = held[way];
      if (!one || !followed.has(way)) return null;
      const known = columns.get(one.holds) ?? {
        held: perBinOf(one.holds, bins),
        of: one.within ? perBinOf(one.within, bins) : bins.size,
      };
      columns.set(one.holds, known);
      return known;
    };
    let changed = 0;
    let lifted = 0;
    // For a way: share and belief of the outcomes that lower it, and of those that raise it
    const moved = new Map<Column, { way: number; down: number; low: number; up: number; high: number }>();
    for (const outcome of outcomes) {
      const belief = beliefsAfter(outcome, bins, perBin, before);
      if (propose(belief) !== now) changed += outcome.share;
      let top = 0;
      for (const way of followed) {
        const column = perBin(way);
        if (!column) continue;
        const after = belief(way);
        top = Math.max(top, after);
        const so = moved.get(column) ?? { way, down: 0, low: 0, up: 0, high: 0 };
        if (after < before(way)) {
          so.down += outcome.share * after;
          so.low += outcome.share;
        } else {
          so.up += outcome.share * after;
          so.high += outcome.share;
        }
        moved.set(column, so);
      }
      lifted += outcome.share * Math.max(0, top - best);
    }
    // While nothing can be trusted, two readings may do what neither does alone
    const chanceToChange = Math.min(1, now < 0 && lifted > LIFTS ? Math.max(changed, lifted) : changed);
    let moves: ReadingWorth['moves'] = null;
    let widest = 0;
    for (const { way, down, low, up, high } of moved.values()) {
      if (low === 0 || high === 0 || up / high - down / low <= widest) continue;
      widest = up / high - down / low;
      moves = { way, down: down / low, up: up / high };
    }
    return { id, minutes, chanceToChange, moves };
  };
  const perMinute = ({ chanceToChange, minutes }: ReadingWorth): number => chanceToChange / Math.max(0.5, minutes);
  return takeable.map(worthOf).sort((a, b) => perMinute(b) - perMinute(a));
}
