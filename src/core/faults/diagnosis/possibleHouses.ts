import { chanceShown, type FigureOf } from './shownFigure';
import { outcomesOf, type Found, type TestAsked, type TroubleModel } from './troubleModel';

/** A test that was taken, and what it came to. */
export interface TakenTest<T extends TestAsked> {
  readonly test: T;
  readonly found: Found;
}

/** Houses with one fault in them that show what is complained of, and how well each explains what was found. */
export interface Possible<H, F extends string> {
  readonly kind: F;
  /** Houses that were looked at, those too that explain nothing of what was found. */
  drawn: number;
  /** Those that explain it. */
  readonly houses: H[];
  readonly weights: number[];
}

/** Lots of houses are looked at, until what is left explains enough, or so many were. */
const MOST_LOTS = 4;
/** So many equally good houses of a fault are enough. */
const ENOUGH = 1_000;
/** A fault that is less likely than this needs no more houses. */
const NEGLIGIBLE = 1e-4;
/** Where so few explain what was found, no house lies near enough by chance: figures are then held less sharply. */
const TOO_FEW = 8;
/** How much less sharply, in turn: σ in half widths of what the meter may be off. */
export const SLACK = [0, 1, 3] as const;

/** An answer as it is held against houses: which of the outcomes it is, and its figure where it is one. */
interface Held<T> {
  readonly test: T;
  readonly outcome: number;
  readonly of: FigureOf;
  readonly value: number | null;
}

function heldBy<H, F extends string, T extends TestAsked>(
  { shapeOf }: TroubleModel<H, F, T>,
  { test, found }: TakenTest<T>,
): Held<T> {
  const shape = shapeOf(test.kind);
  return 'word' in found
    ? { test, outcome: outcomesOf(shape).indexOf(found.word), of: null, value: null }
    : { test, outcome: 0, of: shape.figure, value: found.value };
}

/** How many equally good houses the weighted ones are worth. */
function worth(weights: readonly number[]): number {
  let [sum, squares] = [0, 0];
  for (const weight of weights) {
    sum += weight;
    squares += weight * weight;
  }
  return squares > 0 ? (sum * sum) / squares : 0;
}

const mean = ({ weights, drawn }: Possible<unknown, string>): number =>
  drawn === 0 ? 0 : weights.reduce((sum, weight) => sum + weight, 0) / drawn;

/** Shares of some faults after what was found, adding to 1; all 0 where none explains it. */
export function sharesOf<F extends string>(
  possible: readonly Possible<unknown, F>[],
  beforehand: ReadonlyMap<F, number>,
): readonly number[] {
  const weights = possible.map((one) => (beforehand.get(one.kind) ?? 0) * mean(one));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => (sum > 0 ? weight / sum : 0));
}

/** Whether enough houses explain what was found that something can be said. */
export const isExplained = (possible: readonly Possible<unknown, string>[]): boolean =>
  // Of a fault that hardly ever shows so there are few houses at all
  possible.some(({ weights, drawn }) => weights.length > 0 && worth(weights) >= Math.min(TOO_FEW, drawn / 2));

/**
 * Weighs the houses of some faults by what was found, holding figures less and less sharply until some explain it.
 * @param beforehand how likely each fault is after the complaint and before what was found; others are not looked at
 */
export function possibleHouses<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  beforehand: ReadonlyMap<F, number>,
  taken: readonly TakenTest<T>[],
  slacks: readonly number[] = SLACK,
): readonly Possible<H, F>[] {
  let possible: readonly Possible<H, F>[] = [];
  for (const slack of slacks) {
    possible = weighed(model, beforehand, taken, slack);
    if (isExplained(possible)) break;
  }
  return possible;
}

function weighed<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  beforehand: ReadonlyMap<F, number>,
  taken: readonly TakenTest<T>[],
  slack: number,
): readonly Possible<H, F>[] {
  const held = taken.map((one) => heldBy(model, one));
  /** How likely a house makes what was found. */
  const explains = (house: H): number => {
    let chance = 1;
    for (const { test, outcome, of, value } of held) {
      const { chances, figure } = model.showing(house, test);
      if (value === null) chance *= chances[outcome] ?? 0;
      else if (figure) {
        const loose = slack === 0 ? figure : { ...figure, sigma: Math.hypot(figure.sigma, slack * figure.half) };
        chance *= (chances[0] ?? 0) * chanceShown(of, loose, value);
      } else return 0;
      if (chance === 0) return 0;
    }
    return chance;
  };
  const possible = [...beforehand.keys()].map((kind): Possible<H, F> => ({ kind, drawn: 0, houses: [], weights: [] }));
  for (let lot = 0; lot < MOST_LOTS; lot++) {
    const shares = sharesOf(possible, beforehand);
    const wanting = possible.filter(
      ({ weights }, i) => lot === 0 || ((shares[i] ?? 0) > NEGLIGIBLE && worth(weights) < ENOUGH),
    );
    if (wanting.length === 0) break;
    for (const one of wanting)
      for (const house of model.lotOf(one.kind, lot)) {
        one.drawn++;
        const weight = explains(house);
        if (weight <= 0) continue;
        one.houses.push(house);
        one.weights.push(weight);
      }
  }
  return possible;
}

/** Houses picked by their weights, evenly over them (systematic resampling): each as likely as the next. */
export function picked<H, F extends string>(
  { lasting }: Pick<TroubleModel<H, F, TestAsked>, 'lasting'>,
  { houses, weights }: Possible<H, F>,
  count: number,
): readonly H[] {
  const sum = weights.reduce((total, weight) => total + weight, 0);
  if (sum <= 0) return [];
  const made: H[] = [];
  let below = 0;
  for (let i = 0; i < houses.length && made.length < count; i++) {
    below += weights[i] ?? 0;
    const found = houses[i];
    if (found === undefined || (made.length + 0.5) / count > below / sum) continue;
    const house = lasting(found);
    while (made.length < count && (made.length + 0.5) / count <= below / sum) made.push(house);
  }
  return made;
}
