import type { Job } from '../job/job';
import type { AreaStanding } from './climb';
import { climbOf } from './climbs';
import type { Point } from './point';

/** How every area of a point's survey stands, by its kind. */
export const areasOf = (job: Job, point: Point): readonly AreaStanding[] => climbOf(point).areas(job, point);

/** The area that opens where nothing is asked. */
export const firstAreaOf = (point: Point): string => climbOf(point).firstArea;

/** Whether nothing was said of a point yet. */
export const isUntouched = (point: Point): boolean => climbOf(point).isUntouched(point);
