import type { JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import type { AssessmentData } from '@/core/points';
import { isFields, isFigure, isNamed, isText } from './shapes';

/** What the worker that judges a point is asked: the log, of which it holds the beginning, and what is being typed. */
export interface JudgingQuestion {
  readonly head: JobHead;
  readonly pointId: string;
  /** How many entries of the log it holds already. */
  readonly from: number;
  /** Those after them. */
  readonly entries: readonly Entry[];
  readonly draft: Entry | null;
}

export const isJudgingQuestion = (value: unknown): value is JudgingQuestion =>
  isFields(value) &&
  isNamed(value.head) &&
  isText(value.pointId) &&
  isFigure(value.from) &&
  Array.isArray(value.entries) &&
  value.entries.every(isNamed) &&
  (value.draft === null || isNamed(value.draft));

/** What it tells: the point’s assessment, worked out to its end. */
export const isAssessmentData = (value: unknown): value is AssessmentData =>
  isFields(value) &&
  isFields(value.survey) &&
  isFields(value.premises) &&
  isFields(value.known) &&
  isFields(value.known.houses) &&
  isFields(value.reference) &&
  isFields(value.reference.judgement) &&
  isFields(value.advice) &&
  Array.isArray(value.advice.next) &&
  (value.next === null || isNamed(value.next));
