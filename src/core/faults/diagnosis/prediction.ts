import { evenly } from '../../random';
import { drawShown } from './shownFigure';
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

/** What a test shows over houses, each as likely as the next. */
export function predicted<H, F extends string, T extends TestAsked>(
  { shapeOf, showing }: Pick<TroubleModel<H, F, T>, 'shapeOf' | 'showing'>,
  test: T,
  kind: F,
  houses: readonly H[],
): Prediction<F> {
  // Three numbers a house: whether it is a figure, and twice what the meter makes of it
  const share = evenly(3);
  const shape = shapeOf(test.kind);
  const words = outcomesOf(shape);
  const sums = words.map(() => 0);
  const figures: number[] = [];
  for (const house of houses) {
    const { chances, figure } = showing(house, test);
    for (let i = 0; i < chances.length; i++) sums[i] = (sums[i] ?? 0) + (chances[i] ?? 0) / houses.length;
    if (!figure) continue;
    const isShown = share() < (chances[0] ?? 0);
    const shown = drawShown(shape.figure, figure, share);
    if (isShown) figures.push(shown);
  }
  const inOrder = Float64Array.from(figures).sort();
  const at = (rank: number): number | null => inOrder[Math.round(rank * (inOrder.length - 1))] ?? null;
  return {
    kind,
    chances: Object.fromEntries(words.map((word, i) => [word, sums[i] ?? 0])),
    low: at(0.05),
    likely: at(0.5),
    high: at(0.95),
  };
}
