import { possibleHouses, sharesOf, type Possible, type TakenTest } from './possibleHouses';
import type { Trouble } from './trouble';
import type { TestAsked, TroubleModel } from './troubleModel';

/** What it may be after all that was done. */
export interface Ranking<H, F extends string, T extends TestAsked> {
  /** The fault whose repair helped; null: none did yet. */
  readonly fixed: F | null;
  readonly taken: readonly TakenTest<T>[];
  /** Tests that were not taken. */
  readonly left: readonly T[];
  readonly possible: readonly Possible<H, F>[];
  /** Of the possible ones, adding to 1. */
  readonly shares: readonly number[];
}

/** What was found, each test with its answer. */
export const takenOf = <F extends string, T extends TestAsked>({ tests, done }: Trouble<F, T>): TakenTest<T>[] =>
  done.flatMap((one): TakenTest<T>[] => {
    const test = 'test' in one ? tests.find(({ kind }) => kind === one.test) : undefined;
    return test && 'test' in one ? [{ test, found: one.found }] : [];
  });

/** How likely each fault is before any test, as far as no repair told. */
export function beforehandOf<F extends string>({ faults, done }: Trouble<F, TestAsked>): ReadonlyMap<F, number> {
  const fixed = done.flatMap((one) => ('repair' in one && one.fixed ? [one.repair] : []))[0];
  const inVain = new Set(done.flatMap((one) => ('repair' in one && !one.fixed ? [one.repair] : [])));
  return new Map(
    faults.flatMap(({ kind, probability }): [F, number][] => {
      // What was repaired and works was it, whatever was thought before
      if (fixed !== undefined) return kind === fixed ? [[kind, 1]] : [];
      return probability > 0 && !inVain.has(kind) ? [[kind, probability]] : [];
    }),
  );
}

/** @returns null where no fault explains what was done */
export function ranked<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  trouble: Trouble<F, T>,
  slacks?: readonly number[],
): Ranking<H, F, T> | null {
  const { tests, done } = trouble;
  const fixed = done.flatMap((one) => ('repair' in one && one.fixed ? [one.repair] : []))[0] ?? null;
  const beforehand = beforehandOf(trouble);
  const taken = takenOf(trouble);
  const possible = possibleHouses(model, beforehand, taken, slacks);
  const shares = sharesOf(possible, beforehand);
  if (fixed === null && shares.every((share) => share <= 0)) return null;
  const left = tests.filter(({ kind }) => !taken.some(({ test }) => test.kind === kind));
  return { fixed, taken, left, possible, shares };
}

/** Shares of all listed faults: 0 for those that are ruled out. */
export function sharesByFault<F extends string>(
  { fixed, possible, shares }: Pick<Ranking<unknown, F, TestAsked>, 'fixed' | 'possible' | 'shares'>,
  kinds: readonly F[],
): readonly { readonly kind: F; readonly probability: number }[] {
  const shareOf = new Map(possible.map(({ kind }, i) => [kind, shares[i] ?? 0]));
  return kinds.map((kind) => ({
    kind,
    probability: fixed === null ? (shareOf.get(kind) ?? 0) : Number(kind === fixed),
  }));
}
