/** A way of the board that may feed what is hunted. */
export interface HuntWay {
  readonly id: string;
  /** Not negative; the list need not sum to 1. 0: ruled out. */
  readonly probability: number;
  /** Never part of a test; by agreement only. */
  readonly doNotDrop: boolean;
}

/** A test that was made: which ways were off, and whether it died. */
export interface HuntAnswer {
  readonly dropped: readonly string[];
  readonly died: boolean;
}

export interface BreakerHunt {
  /** Not ruled out, re-scaled to 1. */
  readonly ways: readonly { readonly id: string; readonly probability: number }[];
  readonly next: { readonly drop: readonly string[] } | null;
  /** Least possible expected number of tests from now on. */
  readonly expectedTests: number;
  readonly found: string | null;
  readonly byAgreement: readonly string[];
}

/** Ways that the answers leave, re-scaled to 1; null where nothing is left: the answers contradict. */
export function waysLeft(ways: readonly HuntWay[], answered: readonly HuntAnswer[]): readonly HuntWay[] | null {
  const sets = answered.map(({ dropped, died }) => ({ dropped: new Set(dropped), died }));
  const left = ways.filter(
    ({ id, probability }) => probability > 0 && sets.every(({ dropped, died }) => dropped.has(id) === died),
  );
  if (left.length === 0) return null;
  // By the largest first: a sum of large numbers must not overflow
  const largest = Math.max(...left.map(({ probability }) => probability));
  const total = left.reduce((sum, { probability }) => sum + probability / largest, 0);
  return left.map((way) => ({ ...way, probability: way.probability / largest / total }));
}

interface Node {
  readonly weight: number;
  readonly ways: readonly HuntWay[];
}

/**
 * The plan of tests with the least expected number, each costing the same (contract `/compute/breaker-hunt`). A test
 * splits what is left in two, and of two parts at most one holds the do-not-drop ways: the other is dropped. So every
 * binary tree over the ways, the do-not-drop ones being one leaf, is a plan, and Huffman's is the best.
 * @returns null where the answers contradict one another or no way has any probability
 */
export function breakerHunt(ways: readonly HuntWay[], answered: readonly HuntAnswer[]): BreakerHunt | null {
  const left = waysLeft(ways, answered);
  if (!left) return null;
  const kept = left.filter(({ doNotDrop }) => doNotDrop);
  const leaves: Node[] = left
    .filter(({ doNotDrop }) => !doNotDrop)
    .map((way) => ({ weight: way.probability, ways: [way] }));
  if (kept.length > 0) leaves.push({ weight: kept.reduce((sum, { probability }) => sum + probability, 0), ways: kept });
  const answer = {
    ways: left.map(({ id, probability }) => ({ id, probability })),
    found: left.length === 1 ? (left[0]?.id ?? null) : null,
    byAgreement: kept.map(({ id }) => id),
  };
  let expectedTests = 0;
  let next: { drop: readonly string[] } | null = null;
  const open = [...leaves].sort((a, b) => b.weight - a.weight);
  for (;;) {
    const small = open.pop();
    const second = open.pop();
    if (!small || !second) break;
    const weight = small.weight + second.weight;
    expectedTests += weight;
    // Of the last pair, which is the first test, the part that may be dropped, and the shorter one where both may
    const free = [small, second].filter((node) => !node.ways.some(({ doNotDrop }) => doNotDrop));
    const drop = free.sort((a, b) => a.ways.length - b.ways.length)[0];
    next = { drop: (drop?.ways ?? []).map(({ id }) => id) };
    const at = open.findIndex((node) => node.weight < weight);
    open.splice(at < 0 ? open.length : at, 0, { weight, ways: [...small.ways, ...second.ways] });
  }
  return { ...answer, expectedTests, next };
}
