import {
  answerKinds,
  placeIn,
  planned,
  type AnswerKind,
  type Hypotheses,
  type TestAsked,
  type Trouble,
  type TroubleModel,
} from '../diagnosis';
import type { AnswerAhead, Likely } from './finding';

/** Answers that are less likely are not told beforehand. */
const RARE = 0.01;
/** Two answers leave the same where no fault’s share differs by more. */
const ALIKE = 0.12;
/** So many answers are told at most: more than a glance holds. */
const MOST_ANSWERS = 4;

/** A house that an answer leaves with less than this share of it no longer matters. */
const LEFT_OUT = 1e-6;

/** What comes after is looked at less far: only the first act of it is told. */
const STEPS = 8e5;

interface Answer {
  readonly word: string | null;
  readonly from: number | null;
  readonly to: number | null;
  /** Of each hypothesis, after it. */
  readonly weights: readonly number[];
}

const chanceOf = ({ weights }: Answer): number => weights.reduce((sum, weight) => sum + weight, 0);

function sharesOf(kinds: readonly string[], { faultOf }: Hypotheses<unknown>, answer: Answer): readonly Likely[] {
  const sums = kinds.map(() => 0);
  answer.weights.forEach((weight, i) => {
    const fault = faultOf[i] ?? 0;
    sums[fault] = (sums[fault] ?? 0) + weight;
  });
  const total = chanceOf(answer);
  return kinds.map((kind, i) => ({ kind, probability: total > 0 ? (sums[i] ?? 0) / total : 0 }));
}

const difference = (one: readonly Likely[], other: readonly Likely[]): number =>
  one.reduce((most, { probability }, i) => Math.max(most, Math.abs(probability - (other[i]?.probability ?? 0))), 0);

const joined = (one: Answer, other: Answer): Answer => ({
  word: null,
  from: one.from,
  to: other.to,
  weights: one.weights.map((weight, i) => weight + (other.weights[i] ?? 0)),
});

/** Neighbouring stretches of a figure that leave nearly the same are one answer. */
function merged(answers: readonly Answer[], shares: (answer: Answer) => readonly Likely[]): readonly Answer[] {
  const figures = answers.filter(({ word }) => word === null);
  const words = answers.filter(({ word }) => word !== null);
  const made = [...figures];
  for (;;) {
    const gaps = made.slice(1).map((one, i) => difference(shares(made[i] ?? one), shares(one)));
    const least = gaps.reduce((best, gap, i) => (gap < (gaps[best] ?? Infinity) ? i : best), 0);
    const isTooMany = made.length + words.length > MOST_ANSWERS;
    if (gaps.length === 0 || (!isTooMany && (gaps[least] ?? 0) > ALIKE)) break;
    const [one, other] = [made[least], made[least + 1]];
    if (!one || !other) break;
    made.splice(least, 2, joined(one, other));
  }
  return [...made, ...words];
}

/** The hypotheses that an answer leaves. */
function after<H>({ houses, faultOf }: Hypotheses<H>, answer: Answer): Hypotheses<H> {
  const total = chanceOf(answer);
  const left = answer.weights.flatMap((weight, i) => (weight > LEFT_OUT * total ? [i] : []));
  return {
    houses: left.flatMap((i) => houses[i] ?? []),
    faultOf: left.map((i) => faultOf[i] ?? 0),
    weights: left.map((i) => (answer.weights[i] ?? 0) / total),
  };
}

/** What each answer to a test would leave, and what would be done then. */
export function answersAhead<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  trouble: Trouble<F, T>,
  left: readonly T[],
  test: T,
  hypotheses: Hypotheses<H>,
): readonly AnswerAhead[] {
  const kinds = trouble.faults.map(({ kind }) => kind);
  const shape = model.shapeOf(test.kind);
  const { houses, weights } = hypotheses;
  const all = answerKinds(
    shape,
    houses.map((house) => model.showing(house, test)),
    weights,
  ).map(({ chances, ...answer }: AnswerKind): Answer => ({
    ...answer,
    weights: weights.map((weight, i) => weight * (chances[i] ?? 0)),
  }));
  const shares = (answer: Answer): readonly Likely[] => sharesOf(kinds, hypotheses, answer);
  const likely = merged(
    all.filter((answer) => chanceOf(answer) > 0),
    shares,
  ).filter((answer) => chanceOf(answer) >= RARE);
  const others = left.filter(({ kind }) => kind !== test.kind);
  return likely.map((answer) => {
    const { next, expectedMinutes } = planned(
      model,
      { ...trouble, at: placeIn(trouble, test.kind, shape.place) ?? trouble.at },
      others,
      after(hypotheses, answer),
      STEPS,
    );
    const { word, from, to } = answer;
    return { word, from, to, chance: chanceOf(answer), faults: shares(answer), next, minutes: expectedMinutes };
  });
}
