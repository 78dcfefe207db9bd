import { NOBODY } from '../isolation';
import type { Job } from '../job/job';
import type { PointVerdict } from './climb';
import { climbOf } from './climbs';
import { failuresOf } from './checks';
import { failedVerdict } from './proving';
import type { Assessment } from './doorbell/assessment';
import type { Point } from './point';

/** The word on a point for a list of many: what failed goes before what was worked out; null before there is anything to say. */
export const verdictOf = (job: Job, point: Point, assessment: Assessment): PointVerdict | null =>
  failedVerdict(failuresOf(point)) ?? climbOf(point).verdict({ job, point, assessment, who: NOBODY });
