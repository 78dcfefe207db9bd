import type { FaultyHouse } from './faultyHouse';
import type { HouseStock } from './houseStock';
import { outcomesOf, showing } from './showings';
import { chanceShown } from './shownFigure';
import { testShape, type BellFaultKind, type BellTest, type Found, type TroubledBell } from './troubledBell';

/** A test that was taken, and what it came to. */
export interface TakenTest {
  readonly test: BellTest;
  readonly found: Found;
}

/** Houses with one fault in them that show what is complained of, and how well each explains what was found. */
export interface Possible {
  readonly kind: BellFaultKind;
  /** Houses that were looked at, those too that explain nothing of what was found. */
  drawn: number;
  /** Those that explain it. */
  readonly houses: FaultyHouse[];
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
const SLACK = [0, 1, 3] as const;

/** How likely a house makes what was found. */
function explains(bell: TroubledBell, faulty: FaultyHouse, taken: readonly TakenTest[], slack: number): number {
  let chance = 1;
  for (const { test, found } of taken) {
    const { chances, figure } = showing(bell, faulty, test);
    if ('word' in found) chance *= chances[outcomesOf(test.kind).indexOf(found.word)] ?? 0;
    else if (figure) {
      const held = { ...figure, sigma: Math.hypot(figure.sigma, slack * figure.half) };
      chance *= (chances[0] ?? 0) * chanceShown(testShape(test.kind).figure, held, found.value);
    } else return 0;
    if (chance === 0) return 0;
  }
  return chance;
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

const mean = ({ weights, drawn }: Possible): number =>
  drawn === 0 ? 0 : weights.reduce((sum, weight) => sum + weight, 0) / drawn;

/** Shares of some faults after what was found, adding to 1; all 0 where none explains it. */
export function sharesOf(
  possible: readonly Possible[],
  beforehand: ReadonlyMap<BellFaultKind, number>,
): readonly number[] {
  const weights = possible.map((one) => (beforehand.get(one.kind) ?? 0) * mean(one));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => (sum > 0 ? weight / sum : 0));
}

/**
 * Weighs the houses of some faults by what was found.
 * @param beforehand how likely each fault is after the complaint and before what was found; others are not looked at
 */
export function possibleHouses(
  stock: HouseStock,
  beforehand: ReadonlyMap<BellFaultKind, number>,
  taken: readonly TakenTest[],
): readonly Possible[] {
  let possible: readonly Possible[] = [];
  for (const slack of SLACK) {
    possible = weighed(stock, beforehand, taken, slack);
    if (possible.some(({ weights }) => worth(weights) >= TOO_FEW)) break;
  }
  return possible;
}

function weighed(
  stock: HouseStock,
  beforehand: ReadonlyMap<BellFaultKind, number>,
  taken: readonly TakenTest[],
  slack: number,
): readonly Possible[] {
  const possible = [...beforehand.keys()].map((kind): Possible => ({ kind, drawn: 0, houses: [], weights: [] }));
  for (let lot = 0; lot < MOST_LOTS; lot++) {
    const shares = sharesOf(possible, beforehand);
    const wanting = possible.filter(
      ({ weights }, i) => lot === 0 || ((shares[i] ?? 0) > NEGLIGIBLE && worth(weights) < ENOUGH),
    );
    if (wanting.length === 0) break;
    for (const one of wanting)
      for (const faulty of stock.lotOf(one.kind, lot)) {
        one.drawn++;
        const weight = explains(stock.bell, faulty, taken, slack);
        if (weight <= 0) continue;
        one.houses.push(faulty);
        one.weights.push(weight);
      }
  }
  return possible;
}

/** Houses picked by their weights, evenly over them (systematic resampling): each as likely as the next. */
export function picked({ houses, weights }: Possible, count: number): readonly FaultyHouse[] {
  const sum = weights.reduce((total, weight) => total + weight, 0);
  if (sum <= 0) return [];
  const made: FaultyHouse[] = [];
  let below = 0;
  for (let i = 0; i < houses.length && made.length < count; i++) {
    below += weights[i] ?? 0;
    const found = houses[i];
    const house = found && { ...found, fares: [] };
    while (house && made.length < count && (made.length + 0.5) / count <= below / sum) made.push(house);
  }
  return made;
}
