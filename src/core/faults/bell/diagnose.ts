import { evenly } from '../../random';
import { lookAhead } from '../lookAhead';
import { groundOf } from '../planGround';
import type { Walk } from '../troubleshooting';
import type { FaultyHouse } from './faultyHouse';
import { HouseStock } from './houseStock';
import { picked, possibleHouses, sharesOf, type Possible, type TakenTest } from './possibleHouses';
import { outcomesOf, showing, type Showing } from './showings';
import { drawShown, shareBelow, type ShownFigure } from './shownFigure';
import {
  BELL_FAULTS,
  testShape,
  type BellFaultKind,
  type BellTest,
  type BellTestKind,
  type Found,
  type TroubledBell,
} from './troubledBell';

/** A fault that the bell may have: how likely after the complaint, and what its repair takes. */
export interface BellFault {
  readonly kind: BellFaultKind;
  /** Of any scale. */
  readonly probability: number;
  readonly repairMinutes: number;
}

/** What was done so far: a test and what it came to, or a repair that helped or not. */
export type BellDone =
  { readonly test: BellTestKind; readonly found: Found } | { readonly repair: BellFaultKind; readonly fixed: boolean };

/** A bell in trouble, what it may be, what can be tested, and what was done. */
export interface BellTrouble {
  readonly bell: TroubledBell;
  readonly faults: readonly BellFault[];
  readonly tests: readonly BellTest[];
  readonly walks: readonly Walk[];
  /** Where one stands; null: the next walk is free. */
  readonly at: string | null;
  readonly done: readonly BellDone[];
}

/** What a test would show under a fault, after all that was done. */
export interface Prediction {
  readonly kind: BellFaultKind;
  /** By outcome, in the order of the test. */
  readonly chances: Readonly<Record<string, number>>;
  /** The 5, 50 and 95 % points as the meter will show it; null where it shows no figure. */
  readonly low: number | null;
  readonly likely: number | null;
  readonly high: number | null;
}

export interface Diagnosis {
  readonly faults: readonly { readonly kind: BellFaultKind; readonly probability: number }[];
  readonly next: { readonly test: BellTestKind } | { readonly repair: BellFaultKind } | null;
  readonly expectedMinutes: number;
  readonly predictions: readonly { readonly test: BellTestKind; readonly faults: readonly Prediction[] }[];
}

/** Houses of each fault that its predictions are told from. */
const TOLD_FROM = 1_400;
/** Houses that a plan is worked out on, of all faults that are open and of each. */
const PLANNED_ON = { together: 420, least: 24, most: 140 } as const;
/** Work that the plan may take, in steps of its innermost loop. */
const PLAN_STEPS = 6e6;
/** A figure is one of so many kinds of answer to a plan. */
const KINDS_OF_FIGURE = 8;

function predicted(of: BellTest, kind: BellFaultKind, houses: readonly FaultyHouse[], bell: TroubledBell): Prediction {
  // Three numbers a house: whether it is a figure, and twice what the meter makes of it
  const share = evenly(3);
  const words = outcomesOf(of.kind);
  const sums = words.map(() => 0);
  const figures: number[] = [];
  houses.forEach((house) => {
    const { chances, figure } = showing(bell, house, of);
    chances.forEach((chance, i) => {
      sums[i] = (sums[i] ?? 0) + chance / houses.length;
    });
    if (!figure) return;
    const isShown = share() < (chances[0] ?? 0);
    const shown = drawShown(testShape(of.kind).figure, figure, share);
    if (isShown) figures.push(shown);
  });
  figures.sort((a, b) => a - b);
  const at = (rank: number): number | null => figures[Math.round(rank * (figures.length - 1))] ?? null;
  return {
    kind,
    chances: Object.fromEntries(words.map((word, i) => [word, sums[i] ?? 0])),
    low: at(0.05),
    likely: at(0.5),
    high: at(0.95),
  };
}

/** Edges between the kinds of figure, such that each is as likely as the next. */
function edgesOf(figures: readonly ShownFigure[], weights: readonly number[]): readonly number[] {
  const order = figures.map(({ mean }, i) => ({ mean, weight: weights[i] ?? 0 })).sort((a, b) => a.mean - b.mean);
  const sum = weights.reduce((total, weight) => total + weight, 0);
  const edges: number[] = [];
  let below = 0;
  order.forEach(({ mean, weight }, i) => {
    below += weight;
    const next = order[i + 1]?.mean ?? mean;
    if (below / sum >= (edges.length + 1) / KINDS_OF_FIGURE && edges.length < KINDS_OF_FIGURE - 1)
      edges.push((mean + next) / 2);
  });
  return edges;
}

/** Chances of the answers to a test under each hypothesis: kinds of figure, then words. */
function answersOf(kind: BellTestKind, shown: readonly Showing[], weights: readonly number[]): readonly Float64Array[] {
  const words = outcomesOf(kind);
  if (testShape(kind).figure === null)
    return words.map((_, w) => Float64Array.from(shown, ({ chances }) => chances[w] ?? 0));
  const withFigure = shown.flatMap(({ figure, chances }, i) =>
    figure ? [{ figure, weight: (weights[i] ?? 0) * (chances[0] ?? 0) }] : [],
  );
  const edges = edgesOf(
    withFigure.map(({ figure }) => figure),
    withFigure.map(({ weight }) => weight),
  );
  const kinds = Array.from({ length: edges.length + 1 }, (_, k) =>
    Float64Array.from(shown, ({ figure, chances }) => {
      if (!figure) return 0;
      const up = k < edges.length ? shareBelow(figure, edges[k] ?? 0) : 1;
      const down = k > 0 ? shareBelow(figure, edges[k - 1] ?? 0) : 0;
      return (chances[0] ?? 0) * Math.max(0, up - down);
    }),
  );
  const others = words.slice(1).map((_, w) => Float64Array.from(shown, ({ chances }) => chances[w + 1] ?? 0));
  return [...kinds, ...others];
}

/** The plan of least expected minutes, on some houses of each fault that is left. */
function planned(
  { bell, faults, walks, at }: BellTrouble,
  left: readonly BellTest[],
  possible: readonly Possible[],
  shares: readonly number[],
): Pick<Diagnosis, 'next' | 'expectedMinutes'> {
  const houses: FaultyHouse[] = [];
  const [faultOf, weights]: [number[], number[]] = [[], []];
  const open = shares.filter((share) => share > 0).length;
  const each = Math.max(PLANNED_ON.least, Math.min(PLANNED_ON.most, Math.floor(PLANNED_ON.together / open)));
  possible.forEach((one, i) => {
    const share = shares[i] ?? 0;
    if (share <= 0) return;
    const some = picked(one, each);
    const fault = faults.findIndex(({ kind }) => kind === one.kind);
    for (const house of some) {
      houses.push(house);
      faultOf.push(fault);
      weights.push(share / some.length);
    }
  });
  const chances = left.map((test) =>
    answersOf(
      test.kind,
      houses.map((house) => showing(bell, house, test)),
      weights,
    ),
  );
  const { ground, start } = groundOf(
    {
      faults: faults.map(({ kind, repairMinutes }) => ({ place: BELL_FAULTS[kind], repairMinutes })),
      tests: left.map(({ kind, minutes }) => ({ place: testShape(kind).place, minutes })),
      walks,
      at,
    },
    chances,
    Int32Array.from(faultOf),
  );
  const position = { weights: Float64Array.from(weights), tests: left.map(() => true), at: start };
  const { first, cost } = lookAhead(ground, position, PLAN_STEPS);
  if (!first) return { next: null, expectedMinutes: cost };
  const [test, repair] =
    'test' in first ? [left[first.test]?.kind, undefined] : [undefined, faults[first.repair]?.kind];
  return { next: test ? { test } : repair ? { repair } : null, expectedMinutes: cost };
}

/**
 * Which fault a wired doorbell has after what was found, what each test would show, and what to do next.
 * @param stock houses of the same bell, for who asks about it again and again
 * @returns null where no fault explains what was done
 */
export function diagnose(trouble: BellTrouble, stock = new HouseStock(trouble.bell)): Diagnosis | null {
  const { bell, faults, tests, done } = trouble;
  const fixed = done.flatMap((one) => ('repair' in one && one.fixed ? [one.repair] : []))[0];
  const inVain = new Set(done.flatMap((one) => ('repair' in one && !one.fixed ? [one.repair] : [])));
  const beforehand = new Map(
    faults.flatMap(({ kind, probability }): [BellFaultKind, number][] => {
      // What was repaired and works was it, whatever was thought before
      if (fixed !== undefined) return kind === fixed ? [[kind, 1]] : [];
      return probability > 0 && !inVain.has(kind) ? [[kind, probability]] : [];
    }),
  );
  const taken = done.flatMap((one): TakenTest[] => {
    const test = 'test' in one ? tests.find(({ kind }) => kind === one.test) : undefined;
    return test && 'test' in one ? [{ test, found: one.found }] : [];
  });
  const possible = possibleHouses(stock, beforehand, taken);
  const shares = sharesOf(possible, beforehand);
  if (fixed === undefined && shares.every((share) => share <= 0)) return null;
  const shareOf = new Map(possible.map(({ kind }, i) => [kind, shares[i] ?? 0]));
  const left = tests.filter(({ kind }) => !taken.some(({ test }) => test.kind === kind));
  const told = possible.flatMap((one, i) =>
    (shares[i] ?? 0) > 0 ? [{ kind: one.kind, houses: picked(one, TOLD_FROM) }] : [],
  );
  return {
    faults: faults.map(({ kind }) => ({
      kind,
      probability: fixed === undefined ? (shareOf.get(kind) ?? 0) : Number(kind === fixed),
    })),
    ...(fixed === undefined ? planned(trouble, left, possible, shares) : { next: null, expectedMinutes: 0 }),
    predictions: left.map((test) => ({
      test: test.kind,
      faults: told.map(({ kind, houses }) => predicted(test, kind, houses, bell)),
    })),
  };
}
