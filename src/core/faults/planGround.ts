import { shortestWalks } from './walks';
import type { FaultTest, LikelyFault, Troubleshooting, Walk } from './troubleshooting';

/** Where nobody has said where one stands: the next walk is free. */
export const NOWHERE = -1;

/**
 * Troubleshooting as figures: what a plan is worked out on. Its weights, which need not add to 1, are of hypotheses: each is a
 * fault, or one of the houses that a fault may be in, where answers are not independent given the fault.
 */
export interface PlanGround {
  readonly faults: number;
  /** The fault of each hypothesis. */
  readonly faultOf: Int32Array;
  readonly repairMinutes: Float64Array;
  /** Place of each repair; {@link NOWHERE}: wherever one stands. */
  readonly repairAt: Int32Array;
  /** Minutes of each repair with the walk to it, from nowhere and then from each place. */
  readonly repairFrom: readonly Float64Array[];
  readonly tests: number;
  readonly testMinutes: Float64Array;
  readonly testAt: Int32Array;
  /** Of each test and outcome the chance under each hypothesis. */
  readonly chances: readonly (readonly Float64Array[])[];
  readonly walks: readonly Float64Array[];
}

/** What can be done where: repairs and tests with their minutes and places. */
interface Doable {
  readonly faults: readonly Pick<LikelyFault, 'place' | 'repairMinutes'>[];
  readonly tests: readonly Pick<FaultTest, 'place' | 'minutes'>[];
  readonly walks: readonly Walk[];
  readonly at: string | null;
}

/** @param chances of each test and outcome under each hypothesis  @param faultOf the fault of each: as a rule its own */
export function groundOf(
  { faults, tests, walks, at }: Doable,
  chances: PlanGround['chances'],
  faultOf = Int32Array.from(faults, (_, i) => i),
): { readonly ground: PlanGround; readonly start: number } {
  const named = [...faults, ...tests].flatMap(({ place }) => place ?? []);
  const passed = walks.flatMap(({ from, to }) => [from, to]);
  const places = [...new Set([...named, ...passed, ...(at === null ? [] : [at])])];
  const index = new Map(places.map((place, i) => [place, i]));
  const placeOf = ({ place }: { readonly place: string | null }): number =>
    place === null ? NOWHERE : (index.get(place) ?? NOWHERE);
  const ways = shortestWalks(places, walks);
  const repairAt = Int32Array.from(faults, placeOf);
  return {
    start: at === null ? NOWHERE : (index.get(at) ?? NOWHERE),
    ground: {
      faults: faults.length,
      faultOf,
      repairMinutes: Float64Array.from(faults, ({ repairMinutes }) => repairMinutes),
      repairAt,
      repairFrom: [null, ...ways].map((way) =>
        Float64Array.from(faults, ({ repairMinutes }, i) => {
          const place = repairAt[i] ?? NOWHERE;
          return repairMinutes + (place === NOWHERE ? 0 : (way?.[place] ?? 0));
        }),
      ),
      tests: tests.length,
      testMinutes: Float64Array.from(tests, ({ minutes }) => minutes),
      testAt: Int32Array.from(tests, placeOf),
      chances,
      walks: ways,
    },
  };
}

/** The ground of a trouble whose answers are independent of one another, given the fault. */
export const planGround = (asked: Troubleshooting): ReturnType<typeof groundOf> =>
  groundOf(
    asked,
    asked.tests.map(({ outcomes, likelihood }) =>
      outcomes.map((_, o) => Float64Array.from(asked.faults, ({ id }) => likelihood[id]?.[o] ?? 0)),
    ),
  );

/** Minutes of the walk from a place to one; none where one is nowhere, or stays. */
export const walkTo = ({ walks }: PlanGround, from: number, to: number): number =>
  from === NOWHERE || to === NOWHERE ? 0 : (walks[from]?.[to] ?? 0);

/** Where one stands after something that was done at a place. */
export const standsAt = (from: number, to: number): number => (to === NOWHERE ? from : to);

/** What can be done next. */
export type Act = { readonly test: number } | { readonly repair: number };

/** Minutes that a plan is expected to take, times the weight of the faults that are open; and what it begins with. */
export interface Plan {
  readonly cost: number;
  readonly first: Act | null;
}

export const weightOf = (weights: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < weights.length; i++) sum += weights[i] ?? 0;
  return sum;
};
