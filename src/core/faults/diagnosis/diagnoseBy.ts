import { hypothesesOf, planned } from './planned';
import { picked } from './possibleHouses';
import { predicted, type Prediction } from './prediction';
import { ranked, sharesByFault } from './ranking';
import type { NextAct, Trouble } from './trouble';
import type { TestAsked, TroubleModel } from './troubleModel';

export interface Diagnosis<F extends string = string, K extends string = string> {
  readonly faults: readonly { readonly kind: F; readonly probability: number }[];
  readonly next: NextAct<F, K>;
  readonly expectedMinutes: number;
  readonly predictions: readonly { readonly test: K; readonly faults: readonly Prediction<F>[] }[];
}

/** Houses of each fault that its predictions are told from. */
const TOLD_FROM = 900;

/**
 * Which fault it is after what was found, what each test would show, and what to do next.
 * @returns null where no fault explains what was done
 */
export function diagnoseBy<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  trouble: Trouble<F, T>,
): Diagnosis<F, T['kind']> | null {
  const ranking = ranked(model, trouble);
  if (!ranking) return null;
  const { fixed, left, possible, shares } = ranking;
  const kinds = trouble.faults.map(({ kind }) => kind);
  // One fault after the other: its houses keep what they work out, and are not kept for long
  const told = possible.flatMap((one, i) => {
    if ((shares[i] ?? 0) <= 0) return [];
    const houses = picked(model, one, TOLD_FROM);
    return [left.map((test) => predicted(model, test, one.kind, houses))];
  });
  return {
    faults: sharesByFault(ranking, kinds),
    ...(fixed === null
      ? planned(model, trouble, left, hypothesesOf(model, kinds, possible, shares))
      : { next: null, expectedMinutes: 0 }),
    predictions: left.map((test, t) => ({
      test: test.kind,
      faults: told.flatMap((byTest) => byTest[t] ?? []),
    })),
  };
}
