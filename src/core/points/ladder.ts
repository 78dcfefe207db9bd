import { said } from '../said';
import type { Asker } from '../isolation';
import type { Job } from '../job/job';
import { RUNGS, type RungMark } from '../kinds/rungs';
import { climbOf } from './climbs';
import type { Assessment } from './doorbell/assessment';
import { mark } from './marks';
import type { Point } from './point';
import { complaintOf, openTrouble } from './trouble';

/** The eight marks of a point. */
export function ladderOf(job: Job, point: Point, assessment: Assessment, who: Asker): readonly RungMark[] {
  const climb = climbOf(point);
  const trouble = openTrouble(point);
  return RUNGS.map((rung) => ({
    rung,
    ...(trouble && rung === 'prove'
      ? mark('held', said('lookingFor', { complaint: complaintOf(trouble) }))
      : climb.mark(rung, { job, point, assessment, who })),
  }));
}
