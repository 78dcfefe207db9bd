import type { BoardPoint, BoardPoints } from '@/contract/listedJob';
import { NOBODY } from '@/core/isolation';
import type { Text } from '@/core/said';
import { lengthsOf, regionOf, type Job } from '@/core/job';
import { ladderOf, nextMove, rememberingAssess, verdictOf, worriesOf, type Point } from '@/core/points';

const ASSESSMENTS_KEPT = 500;
const assess = rememberingAssess(ASSESSMENTS_KEPT);

/** What the board says of a point; follows from the job alone. A point without a bell side asks for no bell solve. */
export function boardPoint(job: Job, point: Point): BoardPoint<Text> {
  const assessment = assess(job, point);
  return {
    id: point.id,
    name: point.name,
    marks: ladderOf(job, point, assessment, NOBODY).map(({ state }) => state),
    move: nextMove(job, point, assessment, NOBODY),
    verdict: verdictOf(job, point, assessment),
    worries: worriesOf(job, point, assessment).length,
  };
}

/** The points of a job’s row. */
export const boardPoints = (job: Job): BoardPoints => ({
  place: { region: regionOf(job).id, lengths: lengthsOf(job) },
  points: job.points.map((point) => boardPoint(job, point)),
});
