import type { Job } from '../job/job';
import type { Missing } from './climb';
import { climbOf } from './climbs';
import type { Point } from './point';

/** What Look still needs at a point, most telling first. */
export const missingAtLook = (job: Job, point: Point): readonly Missing[] => climbOf(point).missingAtLook(job, point);
