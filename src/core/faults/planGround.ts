import { shortestWalks } from './walks';
import type { Troubleshooting } from './troubleshooting';

/** Where nobody has said where one stands: the next walk is free. */
export const NOWHERE = -1;

/** Troubleshooting as figures: what a plan is worked out on. Weights of faults are shares that need not add to 1. */
export interface PlanGround {
  readonly faults: number;
  readonly repairMinutes: Float64Array;
  /** Place of each repair; {@link NOWHERE}: wherever one stands. */
  readonly repairAt: Int32Array;
  readonly tests: number;
  readonly testMinutes: Float64Array;
  readonly testAt: Int32Array;
  /** Of each test and outcome the chance under each fault. */
  readonly chances: readonly (readonly Float64Array[])[];
  readonly walks: readonly Float64Array[];
}

export function planGround({ faults, tests, walks, at }: Troubleshooting): {
  readonly ground: PlanGround;
  readonly start: number;
} {
  const named = [...faults, ...tests].flatMap(({ place }) => place ?? []);
  const ways = walks.flatMap(({ from, to }) => [from, to]);
  const places = [...new Set([...named, ...ways, ...(at === null ? [] : [at])])];
  const index = new Map(places.map((place, i) => [place, i]));
  const placeOf = ({ place }: { readonly place: string | null }): number =>
    place === null ? NOWHERE : (index.get(place) ?? NOWHERE);
  return {
    start: at === null ? NOWHERE : (index.get(at) ?? NOWHERE),
    ground: {
      faults: faults.length,
      repairMinutes: Float64Array.from(faults, ({ repairMinutes }) => repairMinutes),
      repairAt: Int32Array.from(faults, placeOf),
      tests: tests.length,
      testMinutes: Float64Array.from(tests, ({ minutes }) => minutes),
      testAt: Int32Array.from(tests, placeOf),
      chances: tests.map(({ outcomes, likelihood }) =>
        outcomes.map((_, o) => Float64Array.from(faults, ({ id }) => likelihood[id]?.[o] ?? 0)),
      ),
      walks: shortestWalks(places, walks),
    },
  };
}

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
  for (const weight of weights) sum += weight;
  return sum;
};
