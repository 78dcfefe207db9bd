import { isFields, isText } from './shapes';
import type { VerdictWord } from '@/core/bell';
import type { NextMove, RungState } from '@/core/kinds';

/** A point as the board shows it. */
export interface BoardPoint {
  readonly id: string;
  readonly name: string;
  readonly marks: readonly RungState[];
  readonly move: NextMove;
  readonly verdict: { readonly word: VerdictWord; readonly words: string } | null;
  readonly worries: number;
}

/** A job as lists show it. */
export interface ListedJob {
  readonly id: string;
  readonly title: string;
  readonly address: string;
  readonly expectedAt: string | null;
  readonly updatedAt: string;
  readonly finished: boolean;
  readonly points: readonly BoardPoint[];
  /** Why the row lags behind its job: what is kept is kept, its view could not be made. Null where it does not. */
  readonly fault: string | null;
}

/** Whether something that was read is a point of the board, field by field: some hundreds are read for a page. */
export function isBoardPoint(value: unknown): value is BoardPoint {
  if (!isFields(value) || !isText(value.id) || !isText(value.name) || typeof value.worries !== 'number') return false;
  const { marks, move, verdict } = value;
  const moves = isFields(move) && isText(move.rung) && isText(move.words) && isText(move.why);
  const judged = verdict === null || (isFields(verdict) && isText(verdict.word) && isText(verdict.words));
  return moves && judged && Array.isArray(marks) && marks.every(isText);
}
