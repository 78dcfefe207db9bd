import { evenly } from '../../random';
import { drawnStray, strayed, type Stray } from './shownFigure';
import { outcomesOf, type TestAsked, type TroubleModel } from './troubleModel';

/** What a test would show under a fault, after all that was done. */
export interface Prediction<F extends string = string> {
  readonly kind: F;
  /** By outcome, in the order of the test. */
  readonly chances: Readonly<Record<string, number>>;
  /** The 5, 50 and 95 % points as the meter will show it; null where it shows no figure. */
  readonly low: number | null;
  readonly likely: number | null;
  readonly high: number | null;
}

/** What is left to chance at the houses of a prediction, in their order: whether it is a figure, and how the meter strays. */
const CHANCES: { readonly share: number; readonly stray: Stray }[] = [];
const nextChance = evenly(3);
/** The same for every prediction: drawn once. */
function chanceAt(house: number): (typeof CHANCES)[number] {
  return (CHANCES[house] ??= { share: nextChance(), stray: drawnStray(nextChance) });
}

/** What a test shows over houses, each as likely as the next. */
export function predicted<H, F extends string, T extends TestAsked>(
  { shapeOf, showing }: Pick<TroubleModel<H, F, T>, 'shapeOf' | 'showing'>,
  test: T,
  kind: F,
  houses: readonly H[],
): Prediction<F> {
  const shape = shapeOf(test.kind);
  const words = outcomesOf(shape);
  const sums = words.map(() => 0);
  const figures = new Float64Array(houses.length);
  let [withFigure, shown] = [0, 0];
  for (const house of houses) {
    const { chances, figure } = showing(house, test);
    for (let i = 0; i < chances.length; i++) sums[i] = (sums[i] ?? 0) + (chances[i] ?? 0) / houses.length;
    if (!figure) continue;
    const { share, stray } = chanceAt(withFigure++);
    if (share < (chances[0] ?? 0)) figures[shown++] = strayed(shape.figure, figure, stray);
  }
  const inOrder = figures.subarray(0, shown).sort();
  const at = (rank: number): number | null => inOrder[Math.round(rank * (inOrder.length - 1))] ?? null;
  return {
    kind,
    chances: Object.fromEntries(words.map((word, i) => [word, sums[i] ?? 0])),
    low: at(0.05),
    likely: at(0.5),
    high: at(0.95),
  };
}
