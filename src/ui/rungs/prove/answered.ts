import type { ComponentType } from 'react';
import type { EntryData } from '@/core/kinds';
import { judgeFigure, type Check, type DoorLimits, type FigureJudgement, type PredictedBand } from '@/core/prove';
import type { LastingState } from '@/core/catalogue';
import type { Say } from '@/words';

/** What a check’s entry says beside its point and check. */
export type Answered = Omit<EntryData<'checkDone'>, 'pointId' | 'check'>;

/** A check that is answered by a figure, and what becomes of it. */
export interface Answering {
  readonly check: Check;
  readonly onDone: (data: Answered) => void;
}

/** What a kind of point gives to its checks beside what all have. */
export interface OwnAnswers {
  /** How volts are asked for. */
  readonly Volts?: ComponentType<Answering & { readonly state: LastingState }>;
  /** How the open volts of a new transformer are. */
  readonly OpenVolts?: ComponentType<Answering>;
  /** How it is asked what the device says of its supply. */
  readonly Report?: ComponentType<Answering>;
}

/** What is typed for a check: its figure, and the mains at that moment where they were read beside it. */
export interface TypedFigure {
  readonly figure: number;
  readonly mainsVolts?: number;
}

/** A judgement as it is written down. */
export const judgedBy = (judged: FigureJudgement, say: Say): Pick<Answered, 'result' | 'reason'> =>
  judged.fits ? { result: 'passed' } : { result: 'failed', reason: say(judged.why) };

/** What a figure makes of a check: passed within its limit or band, failed with why outside. */
export function answered(
  check: Check,
  { figure, mainsVolts }: TypedFigure,
  held: { readonly band: PredictedBand | null; readonly door: DoorLimits | null },
  say: Say,
): Answered {
  return {
    figure,
    ...(mainsVolts === undefined ? {} : { mainsVolts }),
    ...(held.band ? { bandLow: held.band.low, bandHigh: held.band.high } : {}),
    ...judgedBy(judgeFigure(check, figure, held.band, held.door), say),
  };
}
