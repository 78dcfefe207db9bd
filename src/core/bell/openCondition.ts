import { copyHouse, emptyHouses, type Houses } from './houses';
import { newSourceOf, type RatedTransformer } from './housePrior';

/**
 * What the new transformer of a way must read with nothing connected, V at nominal mains, before anything is joined. Either
 * end may be open.
 */
export interface OpenCondition {
  readonly mostVolts: number | null;
  readonly leastVolts: number | null;
}

/** A condition, how likely it is met, and in which houses it is. */
export interface MetCondition {
  readonly condition: OpenCondition;
  /** Chance that the transformer reads so, 0 to 1. */
  readonly chance: number;
  readonly within: Uint8Array;
}

/** A way on a condition that is met less often than this is a gamble. */
export const LEAST_CONDITION_CHANCE = 0.5;
/** Conditions are told in tenths of a volt: so a meter shows them. */
const TO_A_VOLT = 10;
/** The second end of a condition is worth its words when it lets in so many more. */
const WORTH_A_SECOND_END = 0.02;

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly count: number;
}

/**
 * The widest stretch of open volts within which a way is trusted: its houses are sorted into tenths of a volt, and every
 * stretch of them is tried.
 * @param holds in which houses the way holds (1) or not (0)
 * @param trusted share of the houses within that must hold
 * @returns null where none is met often enough, or none is needed
 */
export function openConditionOf(
  transformer: RatedTransformer,
  houses: Houses,
  holds: Uint8Array,
  trusted: number,
): MetCondition | null {
  const held = holds.reduce((sum, one) => sum + one, 0);
  const { count } = houses;
  if (held >= trusted * count || held < trusted * LEAST_CONDITION_CHANCE * count) return null;
  const source = newSourceOf(transformer);
  const volts = houses.newRegulation.map((z) => source(z).openVolts);
  // A house of 30.04 V belongs to those of “at most 30.1 V”
  const cells = Int32Array.from(volts, (open) => Math.ceil(open * TO_A_VOLT - 1e-9));
  const first = cells.reduce((least, cell) => Math.min(least, cell), Infinity);
  const last = cells.reduce((most, cell) => Math.max(most, cell), -Infinity);
  const all = new Float64Array(last - first + 2);
  const holding = new Float64Array(last - first + 2);
  cells.forEach((cell, i) => {
    all[cell - first + 1] = (all[cell - first + 1] ?? 0) + 1;
    holding[cell - first + 1] = (holding[cell - first + 1] ?? 0) + (holds[i] ?? 0);
  });
  for (let k = 1; k < all.length; k++) {
    all[k] = (all[k] ?? 0) + (all[k - 1] ?? 0);
    holding[k] = (holding[k] ?? 0) + (holding[k - 1] ?? 0);
  }
  const between = (sums: Float64Array, from: number, to: number): number => (sums[to] ?? 0) - (sums[from] ?? 0);
  const end = all.length - 1;
  const widest = (froms: readonly number[], tos: readonly number[]): Stretch => {
    let best: Stretch = { from: 0, to: 0, count: 0 };
    for (const from of froms)
      for (const to of tos) {
        const within = between(all, from, to);
        if (within > best.count && between(holding, from, to) >= trusted * within) best = { from, to, count: within };
      }
    return best;
  };
  const every = Array.from({ length: end + 1 }, (_, k) => k);
  const oneEnded = [widest([0], every), widest(every, [end])].reduce((a, b) => (b.count > a.count ? b : a));
  const twoEnded = widest(every, every);
  const best = twoEnded.count - oneEnded.count > WORTH_A_SECOND_END * count ? twoEnded : oneEnded;
  if (best.count < LEAST_CONDITION_CHANCE * count) return null;
  const [lowest, highest] = [first + best.from, first + best.to - 1];
  return {
    condition: {
      mostVolts: best.to === end ? null : highest / TO_A_VOLT,
      // The lowest cell is of those over the tenth below it
      leastVolts: best.from === 0 ? null : (lowest - 1) / TO_A_VOLT,
    },
    chance: best.count / count,
    within: Uint8Array.from(cells, (cell) => (cell >= lowest && cell <= highest ? 1 : 0)),
  };
}

/** The houses of a table for which something is true. */
export function housesWithin(houses: Houses, within: Uint8Array): Houses {
  const some = emptyHouses(
    within.reduce((sum, one) => sum + one, 0),
    houses.gains.length,
  );
  let k = 0;
  within.forEach((one, i) => {
    if (one === 1) copyHouse(houses, i, some, k++);
  });
  return some;
}
