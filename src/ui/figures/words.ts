import { figuresWords } from '@/words/screens';
/** Volts with one decimal. */
export const volts = (value: number): string => `${value.toFixed(1)} V`;

/** Volts at the door, or that there is no operating point. */
export const voltsOrCollapse = (value: number): string => (value > 0 ? volts(value) : figuresWords.collapses);

/** A margin with its sign. */
export const margin = (value: number): string => `${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(1)} V`;

/** How far a reading lies off, without a sign before zero. */
export const offset = (value: number): string =>
  value
    .toFixed(1)
    .replace(/^-(0\.0)$/, '$1')
    .replace('-', '−');

/** A chance in per cent, never rounded to a certainty. */
export function percent(share: number): string {
  if (share > 0.99) return figuresWords.over99;
  if (share < 0.01) return figuresWords.under1;
  return `${Math.round(share * 100)} %`;
}
