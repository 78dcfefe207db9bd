import { faultWords } from '@/words/screens';
import type { AnswerAhead, Explanation, FigureOf, Likely } from '@/core/faults';
import type { UNTESTED_WHYS } from '@/core/kinds';
import { said, type Text } from '@/core/said';

const UNITS = { volts: 'V', ohms: 'Ω', dbm: 'dBm', degrees: '°' } as const;

export const unitOf = (figure: FigureOf): string => (figure === null ? '' : UNITS[figure]);

export const UNTESTED_WORDS: Readonly<Record<(typeof UNTESTED_WHYS)[number], string>> = {
  cantReach: faultWords.cantReach,
  noTool: faultWords.noTool,
  notSafe: faultWords.notSafe,
  notNow: faultWords.notNow,
};

export const EXPLAINED_WORDS: Readonly<Record<Explanation, string>> = {
  one: faultWords.byOne,
  two: faultWords.byTwo,
  sinceRepair: faultWords.bySinceRepair,
  loosely: faultWords.byLoosely,
  nothing: faultWords.byNothing,
};

/** A figure of a test, to its last digit. */
export const figureText = (value: number, figure: FigureOf): string =>
  value.toFixed(figure === 'volts' || figure === 'ohms' ? 1 : 0).replace('-', '−');

export const withUnit = (value: number, figure: FigureOf): string => `${figureText(value, figure)} ${unitOf(figure)}`;

export const shareText = (share: number): string =>
  share > 0.99 ? '> 99 %' : share < 0.01 ? '< 1 %' : `${Math.round(100 * share)} %`;

/** The likeliest first. */
export const byShare = (faults: readonly Likely[]): readonly Likely[] =>
  faults.toSorted((a, b) => b.probability - a.probability);

/** An answer that may come, as text: what is said of a word, or a stretch of figures. */
export function answerText(
  { word, from, to }: Pick<AnswerAhead, 'word' | 'from' | 'to'>,
  test: string,
  figure: FigureOf,
): Text {
  if (word !== null) return said('testWord', { test, word });
  if (from === null && to === null) return faultWords.anyFigure;
  if (from === null) return faultWords.under({ value: withUnit(to ?? 0, figure) });
  if (to === null) return faultWords.over({ value: withUnit(from, figure) });
  return faultWords.from({ from: figureText(from, figure), to: withUnit(to, figure) });
}

/** Whether a figure or a word is that answer. */
export const isAnswer = (
  { word, from, to }: Pick<AnswerAhead, 'word' | 'from' | 'to'>,
  found: { readonly word: string } | { readonly value: number },
): boolean =>
  'word' in found
    ? word === found.word
    : word === null && (from === null || found.value >= from) && (to === null || found.value < to);
