import type { Random } from '../../random';
import { drawShown, type FigureOf, type ShownFigure } from './shownFigure';

/** What a meter shows in place of a word. */
export const FIGURE = 'figure';

/** What a test can show, and where it is done. */
export interface TestShape {
  /** Null: wherever one stands. */
  readonly place: string | null;
  readonly figure: FigureOf;
  readonly words: readonly string[];
}

/** What a test can come to, in its order: a figure first where it has one. */
export const outcomesOf = ({ figure, words }: TestShape): readonly string[] => (figure ? [FIGURE, ...words] : words);

/** What was found: a word, or a figure as the meter showed it. */
export type Found = { readonly word: string } | { readonly value: number };

/** What a test shows at one house with its fault. */
export interface Showing {
  /** Chances of its outcomes, in the order of {@link outcomesOf}. */
  readonly chances: readonly number[];
  /** The figure where it shows one; null: never. */
  readonly figure: ShownFigure | null;
}

/** A test that can be taken. */
export interface TestAsked<T extends string = string> {
  readonly kind: T;
  readonly minutes: number;
}

/**
 * What can be out of order somewhere, and what each test would show there. A house is one way that things may be with one
 * fault in it: such as worked before, and shows what is complained of.
 */
export interface TroubleModel<H, F extends string, T extends TestAsked> {
  /** Where a fault is repaired; null: wherever one stands. */
  readonly repairPlace: (fault: F) => string | null;
  readonly shapeOf: (test: T['kind']) => TestShape;
  /** A lot of houses with a fault, each as likely as the next. Lots are asked for in their order. */
  readonly lotOf: (fault: F, lot: number) => readonly H[];
  /** Worked out, not typed: from the circuit that gives the verdicts. */
  readonly showing: (house: H, test: T) => Showing;
  /** A house of which much is asked: it keeps what it works out. */
  readonly lasting: (house: H) => H;
}

/** What a test comes to, once. */
export function drawnAnswer({ chances, figure }: Showing, shape: TestShape, random: Random): Found {
  const words = outcomesOf(shape);
  let left = random();
  const index = chances.findIndex((chance) => (left -= chance) < 0);
  const word = words[index === -1 ? chances.findLastIndex((chance) => chance > 0) : index] ?? '';
  return shape.figure !== null && word === FIGURE && figure
    ? { value: drawShown(shape.figure, figure, random) }
    : { word };
}
