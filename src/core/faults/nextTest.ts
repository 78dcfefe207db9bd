import { bestPlan } from './bestPlan';
import { lookAhead, positionOf } from './lookAhead';
import { planGround } from './planGround';
import { sharesAfter, type Troubleshooting } from './troubleshooting';

/** What to do next, and how long it is expected to take until it works. */
export interface NextTest {
  readonly faults: readonly { readonly id: string; readonly probability: number }[];
  readonly next: { readonly test: string } | { readonly repair: string } | null;
  /** From now on, by the plan that the answers follow. */
  readonly expectedMinutes: number;
}

/** With more faults or tests than this a question is not looked through to its end. */
const SEARCHED = 8;

/**
 * The test or repair that begins the plan of least expected minutes until it works.
 * @returns null where nothing explains what was done
 */
export function nextTest(asked: Troubleshooting): NextTest | null {
  const shares = sharesAfter(asked);
  if (!shares) return null;
  const { faults, tests, done } = asked;
  const told = faults.map(({ id }, i) => ({ id, probability: shares[i] ?? 0 }));
  if (done.some((one) => 'repair' in one && one.fixed)) return { faults: told, next: null, expectedMinutes: 0 };
  const { ground, start } = planGround(asked);
  const taken = new Set(done.flatMap((one) => ('test' in one ? [one.test] : [])));
  const weights = Float64Array.from(shares);
  const left = tests.map(({ id }) => !taken.has(id));
  const plan =
    (Math.max(faults.length, tests.length) <= SEARCHED ? bestPlan(ground, weights, left, start) : null) ??
    lookAhead(ground, positionOf(weights, left, start));
  const { first, cost } = plan;
  if (!first) return null;
  const next = 'test' in first ? { test: tests[first.test]?.id ?? '' } : { repair: faults[first.repair]?.id ?? '' };
  return { faults: told, next, expectedMinutes: cost };
}
