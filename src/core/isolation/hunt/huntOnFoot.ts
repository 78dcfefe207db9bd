import { waysLeft, type HuntAnswer, type HuntWay } from './breakerHunt';

/** What a test costs in minutes. */
export interface HuntCost {
  /** Once per test: from the board to where it can be seen and back, or a word to the helper there. */
  readonly perTest: number;
  /** For each way switched off and on again. */
  readonly perWay: number;
}

/** The hunt as one person or two walk it. */
export interface HuntOnFoot {
  readonly left: readonly HuntWay[];
  readonly drop: readonly string[] | null;
  readonly expectedTests: number;
  readonly expectedMinutes: number;
  readonly found: string | null;
  readonly byAgreement: readonly string[];
}

interface Leaf {
  readonly weight: number;
  readonly ids: readonly string[];
  /** Ways to switch when it is dropped; Infinity for the do-not-drop ones. */
  readonly size: number;
}

/**
 * The next set of ways to drop where a test costs walking and every switch costs too. Sorted by probability, a plan is a
 * tree over neighbours; of all those the cheapest is found by dynamic programming over intervals. Without the cost per
 * way it reaches the optimum (a tree over sorted weights is as good as Huffman's).
 * @returns null where the answers contradict one another
 */
export function huntOnFoot(
  ways: readonly HuntWay[],
  answered: readonly HuntAnswer[],
  cost: HuntCost,
): HuntOnFoot | null {
  const left = waysLeft(ways, answered);
  if (!left) return null;
  const kept = left.filter(({ doNotDrop }) => doNotDrop);
  const leaves: Leaf[] = left
    .filter(({ doNotDrop }) => !doNotDrop)
    .map(({ id, probability }) => ({ weight: probability, ids: [id], size: 1 }));
  if (kept.length > 0)
    leaves.push({
      weight: kept.reduce((sum, { probability }) => sum + probability, 0),
      ids: kept.map(({ id }) => id),
      size: Infinity,
    });
  leaves.sort((a, b) => b.weight - a.weight);
  const plan = bestTree(leaves, cost);
  return {
    left,
    ...plan,
    found: left.length === 1 ? (left[0]?.id ?? null) : null,
    byAgreement: kept.map(({ id }) => id),
  };
}

function bestTree(
  leaves: readonly Leaf[],
  { perTest, perWay }: HuntCost,
): Pick<HuntOnFoot, 'drop' | 'expectedTests' | 'expectedMinutes'> {
  const n = leaves.length;
  const weightTo = [0];
  const sizeTo = [0];
  const heavyAt = leaves.findIndex(({ size }) => size === Infinity);
  for (const { weight, size } of leaves) {
    weightTo.push((weightTo.at(-1) ?? 0) + weight);
    sizeTo.push((sizeTo.at(-1) ?? 0) + (size === Infinity ? 0 : size));
  }
  const sum = (list: readonly number[], from: number, to: number): number => (list[to + 1] ?? 0) - (list[from] ?? 0);
  const size = (from: number, to: number): number =>
    heavyAt >= from && heavyAt <= to ? Infinity : sum(sizeTo, from, to);
  const at = (from: number, to: number): number => from * n + to;
  const minutes = new Float64Array(n * n);
  const tests = new Float64Array(n * n);
  const cut = new Int32Array(n * n).fill(-1);
  for (let length = 2; length <= n; length++)
    for (let from = 0; from + length <= n; from++) {
      const to = from + length - 1;
      let best = Infinity;
      let split = from;
      for (let k = from; k < to; k++) {
        const dropped = Math.min(size(from, k), size(k + 1, to));
        const weight = sum(weightTo, from, to);
        const total =
          weight * (perTest + perWay * dropped) + (minutes[at(from, k)] ?? 0) + (minutes[at(k + 1, to)] ?? 0);
        if (total < best) {
          best = total;
          split = k;
        }
      }
      minutes[at(from, to)] = best;
      tests[at(from, to)] = sum(weightTo, from, to) + (tests[at(from, split)] ?? 0) + (tests[at(split + 1, to)] ?? 0);
      cut[at(from, to)] = split;
    }
  if (n < 2) return { drop: null, expectedTests: 0, expectedMinutes: 0 };
  const split = cut[at(0, n - 1)] ?? 0;
  const before = size(0, split) <= size(split + 1, n - 1);
  return {
    drop: (before ? leaves.slice(0, split + 1) : leaves.slice(split + 1)).flatMap(({ ids }) => ids),
    expectedTests: tests[at(0, n - 1)] ?? 0,
    expectedMinutes: minutes[at(0, n - 1)] ?? 0,
  };
}
