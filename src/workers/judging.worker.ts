import { expose } from 'comlink';
import { fold } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { assessmentData, rememberingAssess, type AssessmentData } from '@/core/points';
import { answer, isCatalogue } from '@/contract/answers';
import { isJudgingQuestion } from '@/contract/judging';

const ASSESSMENTS_KEPT = 8;

const question = answer(isJudgingQuestion);
const catalogueOf = answer(isCatalogue);

let held: readonly Entry[] = [];
let assess = rememberingAssess(ASSESSMENTS_KEPT);

/** Takes the catalogue by which is judged. */
function begin(catalogue: unknown): void {
  assess = rememberingAssess(ASSESSMENTS_KEPT, catalogueOf(catalogue));
}

/**
 * What the readings of a point come to, with what is being typed. Which reading comes next follows from the kept log alone: it
 * is the dear part, and a half typed figure tells nothing about it.
 */
function judge(asked: unknown): AssessmentData {
  const { head, pointId, from, entries, draft } = question(asked);
  held = [...held.slice(0, from), ...entries];
  const at = (log: readonly Entry[]) => {
    const job = fold(head, log);
    const point = job.points.find(({ id }) => id === pointId);
    if (!point) throw new RangeError(`the log knows no point ${pointId}`);
    return assess(job, point);
  };
  const kept = at(held);
  return assessmentData((draft ? at([...held, draft]) : kept).adviseBy(kept));
}

const api = { begin, judge };
export type JudgingWorker = typeof api;
expose(api);
