/** A fault that may be the one: how likely, and what its repair takes. */
export interface LikelyFault {
  readonly id: string;
  /** Of any scale. */
  readonly probability: number;
  /** Where it is repaired; null: wherever one stands. */
  readonly place: string | null;
  readonly repairMinutes: number;
}

/** Something that can be observed, once. Answers are independent of one another, given the fault. */
export interface FaultTest {
  readonly id: string;
  readonly place: string | null;
  readonly minutes: number;
  readonly outcomes: readonly string[];
  /** Chances of its outcomes, in their order, for each fault. */
  readonly likelihood: Readonly<Record<string, readonly number[]>>;
}

/** A way between two places; it takes as long back. */
export interface Walk {
  readonly from: string;
  readonly to: string;
  readonly minutes: number;
}

/** What was done so far: a test with its answer, or a repair that helped or not. */
export type DoneAct =
  | { readonly test: string; readonly outcome: string }
  | { readonly repair: string; readonly fixed: boolean };

/** Exactly one of the faults is true. */
export interface Troubleshooting {
  readonly faults: readonly LikelyFault[];
  readonly tests: readonly FaultTest[];
  readonly walks: readonly Walk[];
  /** Where one stands after what was done; null: the next walk is free. */
  readonly at: string | null;
  readonly done: readonly DoneAct[];
}

/** Shares of the faults after what was done, in their order, adding to 1; null where nothing explains it. */
export function sharesAfter({ faults, tests, done }: Troubleshooting): readonly number[] | null {
  const testOf = new Map(tests.map((test) => [test.id, test]));
  const fixed = done.flatMap((one) => ('repair' in one && one.fixed ? [one.repair] : []));
  const weights = faults.map(({ id, probability }) => {
    if (fixed.length > 0) return fixed.includes(id) ? 1 : 0;
    return done.reduce((weight, one) => {
      if ('repair' in one) return one.repair === id ? 0 : weight;
      const test = testOf.get(one.test);
      return weight * (test?.likelihood[id]?.[test.outcomes.indexOf(one.outcome)] ?? 0);
    }, probability);
  });
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return sum > 0 ? weights.map((weight) => weight / sum) : null;
}
