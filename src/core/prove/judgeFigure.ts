import type { Check } from './checks';

/** Volts that were predicted for a reading, 5 to 95 %. */
export interface PredictedBand {
  readonly low: number;
  readonly high: number;
}

export type FigureJudgement = { readonly fits: true } | { readonly fits: false; readonly why: string };

/**
 * Holds the figure of a check against its limit or its predicted band.
 * @param band predicted volts; null where nothing could be predicted
 */
export function judgeFigure(check: Check, figure: number, band: PredictedBand | null): FigureJudgement {
  if (check.answer.kind === 'seconds')
    return figure <= check.answer.most
      ? { fits: true }
      : { fits: false, why: `${figure} s is longer than ${check.answer.most} s.` };
  if (check.answer.kind !== 'volts' || !band) return { fits: true };
  if (figure >= band.low && figure <= band.high) return { fits: true };
  const side = figure < band.low ? 'under' : 'over';
  return {
    fits: false,
    why: `${figure.toFixed(1)} V is ${side} the predicted ${band.low.toFixed(1)} to ${band.high.toFixed(1)} V: the wiring or the survey is wrong.`,
  };
}
