import { shareBelow, type ShownFigure } from './shownFigure';
import { outcomesOf, type Showing, type TestShape } from './troubleModel';

/** A figure is one of so many kinds of answer to a plan. */
const KINDS_OF_FIGURE = 8;

/** Edges between the kinds of figure, such that each is as likely as the next. */
function edgesOf(figures: readonly ShownFigure[], weights: readonly number[]): readonly number[] {
  const order = figures.map(({ mean }, i) => ({ mean, weight: weights[i] ?? 0 })).sort((a, b) => a.mean - b.mean);
  const sum = weights.reduce((total, weight) => total + weight, 0);
  const edges: number[] = [];
  const step = figures.reduce((most, figure) => Math.max(most, figure.step), 0);
  const least = order[0]?.mean ?? 0;
  let below = 0;
  order.forEach(({ mean, weight }, i) => {
    below += weight;
    const next = order[i + 1]?.mean ?? mean;
    const edge = (mean + next) / 2;
    // What no meter tells apart is one kind
    const isApart = edge - (edges.at(-1) ?? least) >= step;
    if (isApart && below / sum >= (edges.length + 1) / KINDS_OF_FIGURE && edges.length < KINDS_OF_FIGURE - 1)
      edges.push(edge);
  });
  return edges;
}

/** A kind of answer: a word, or figures from one edge to the next; its chance under each hypothesis. */
export interface AnswerKind {
  readonly word: string | null;
  /** Null: no edge on that side. */
  readonly from: number | null;
  readonly to: number | null;
  readonly chances: Float64Array;
}

/** The kinds of answer to a test: kinds of figure, then words. @param shown of each hypothesis, which weighs so much */
export function answerKinds(
  shape: TestShape,
  shown: readonly Showing[],
  weights: readonly number[],
): readonly AnswerKind[] {
  const words = outcomesOf(shape);
  const wordKind = (word: string, w: number): AnswerKind => ({
    word,
    from: null,
    to: null,
    chances: Float64Array.from(shown, ({ chances }) => chances[w] ?? 0),
  });
  if (shape.figure === null) return words.map(wordKind);
  const withFigure = shown.flatMap(({ figure, chances }, i) =>
    figure ? [{ figure, weight: (weights[i] ?? 0) * (chances[0] ?? 0) }] : [],
  );
  const edges = edgesOf(
    withFigure.map(({ figure }) => figure),
    withFigure.map(({ weight }) => weight),
  );
  const kinds = Array.from({ length: edges.length + 1 }, (_, k): AnswerKind => {
    const [from, to] = [edges[k - 1] ?? null, edges[k] ?? null];
    return {
      word: null,
      from,
      to,
      chances: Float64Array.from(shown, ({ figure, chances }) => {
        if (!figure) return 0;
        const up = to === null ? 1 : shareBelow(figure, to);
        const down = from === null ? 0 : shareBelow(figure, from);
        return (chances[0] ?? 0) * Math.max(0, up - down);
      }),
    };
  });
  return [...kinds, ...words.slice(1).map((word, w) => wordKind(word, w + 1))];
}
