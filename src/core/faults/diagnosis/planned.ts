import { lookAhead, positionOf } from '../lookAhead';
import { groundOf } from '../planGround';
import { answerKinds } from './answerKinds';
import { picked, type Possible } from './possibleHouses';
import { placeIn, type NextAct, type Trouble } from './trouble';
import type { TestAsked, TroubleModel } from './troubleModel';

/** Houses that a plan is worked out on, of all faults that are open and of each. */
const PLANNED_ON = { together: 420, least: 24, most: 140 } as const;
/** Work that the plan may take, in steps of its innermost loop. */
const PLAN_STEPS = 6e6;

/** A repair in vain costs more than its minutes: a part, a splice opened for nothing, trust. */
const VAIN_MINUTES = 7;

/** Houses that stand for all that is possible, each with its fault and its weight. */
export interface Hypotheses<H> {
  readonly houses: readonly H[];
  /** Index of each one’s fault. */
  readonly faultOf: readonly number[];
  readonly weights: readonly number[];
}

/** @param kinds faults by their index  @param shares of the possible ones */
export function hypothesesOf<H, F extends string>(
  model: Pick<TroubleModel<H, F, TestAsked>, 'lasting'>,
  kinds: readonly F[],
  possible: readonly Possible<H, F>[],
  shares: readonly number[],
): Hypotheses<H> {
  const houses: H[] = [];
  const [faultOf, weights]: [number[], number[]] = [[], []];
  const open = shares.filter((share) => share > 0).length;
  const each = Math.max(PLANNED_ON.least, Math.min(PLANNED_ON.most, Math.floor(PLANNED_ON.together / open)));
  possible.forEach((one, i) => {
    const share = shares[i] ?? 0;
    if (share <= 0) return;
    const some = picked(model, one, each);
    const fault = kinds.indexOf(one.kind);
    for (const house of some) {
      houses.push(house);
      faultOf.push(fault);
      weights.push(share / some.length);
    }
  });
  return { houses, faultOf, weights };
}

/**
 * The plan of least expected minutes, on some houses of each fault that is left.
 * @param steps work that it may take
 */
export function planned<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  trouble: Pick<Trouble<F, T>, 'faults' | 'walks' | 'at' | 'places'>,
  left: readonly T[],
  { houses, faultOf, weights }: Hypotheses<H>,
  steps = PLAN_STEPS,
): { readonly next: NextAct<F, T['kind']>; readonly expectedMinutes: number } {
  const { faults, walks, at } = trouble;
  const chances = left.map((test) =>
    answerKinds(
      model.shapeOf(test.kind),
      houses.map((house) => model.showing(house, test)),
      weights,
    ).map((kind) => kind.chances),
  );
  const { ground, start } = groundOf(
    {
      faults: faults.map(({ kind, repairMinutes }) => ({
        place: placeIn(trouble, kind, model.repairPlace(kind)),
        repairMinutes: repairMinutes + VAIN_MINUTES,
      })),
      tests: left.map(({ kind, minutes }) => ({
        place: placeIn(trouble, kind, model.shapeOf(kind).place),
        minutes,
      })),
      walks,
      at,
    },
    chances,
    Int32Array.from(faultOf),
  );
  const everyTest = left.map(() => true);
  const { first, cost } = lookAhead(ground, positionOf(weights, everyTest, start), steps);
  // Each way ends with one repair that helps: what was counted for that one is taken off again
  const expectedMinutes = Math.max(0, cost - VAIN_MINUTES);
  if (!first) return { next: null, expectedMinutes };
  const [test, repair] =
    'test' in first ? [left[first.test]?.kind, undefined] : [undefined, faults[first.repair]?.kind];
  return { next: test ? { test } : repair ? { repair } : null, expectedMinutes };
}
