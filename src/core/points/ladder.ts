import type { Asker } from '../isolation';
import type { Job } from '../job/job';
import { RUNGS, type RungMark } from '../kinds/rungs';
import { climbOf } from './climbs';
import type { Assessment } from './doorbell/assessment';
import type { Point } from './point';

/** The eight marks of a point. */
export function ladderOf(job: Job, point: Point, assessment: Assessment, who: Asker): readonly RungMark[] {
  const climb = climbOf(point);
  return RUNGS.map((rung) => ({ rung, ...climb.mark(rung, { job, point, assessment, who }) }));
}
