import { isFields, isText, isWords } from './shapes';
import type { BoardPoint, BoardPoints } from '@/core/board';
import type { Text } from '@/core/said';

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
export function isBoardPoint(value: unknown): value is BoardPoint<Text> {
  if (!isFields(value) || !isText(value.id) || !isText(value.name) || typeof value.worries !== 'number') return false;
  const { marks, move, verdict } = value;
  const moves = isFields(move) && isText(move.rung) && isWords(move.words) && isWords(move.why);
  const judged = verdict === null || (isFields(verdict) && isText(verdict.word) && isWords(verdict.words));
  return moves && judged && Array.isArray(marks) && marks.every(isText);
}

export const isBoardPoints = (value: unknown): value is BoardPoints => {
  if (!isFields(value) || !isFields(value.place) || !Array.isArray(value.points)) return false;
  const { region, lengths } = value.place;
  return isText(region) && (lengths === 'metric' || lengths === 'imperial') && value.points.every(isBoardPoint);
};

/** Parts of the board, in their order. */
export const BOARD_PARTS = ['today', 'earlier', 'coming', 'noDay', 'finished'] as const;
export type BoardPartId = (typeof BOARD_PARTS)[number];

/** A job on the board, which waits for nobody for long. */
export interface BoardJob extends ListedJob {
  /** Its points are as they were before what was written last: that is being worked out. */
  readonly isBehind: boolean;
}

/** A part of the board: the first of its jobs, and how many there are in all. */
export interface BoardPart {
  readonly part: BoardPartId;
  readonly count: number;
  readonly jobs: readonly BoardJob[];
}
