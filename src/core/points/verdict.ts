import { NOBODY } from '../isolation';
import { said } from '../said';
import type { Job } from '../job/job';
import type { PointVerdict } from './climb';
import { climbOf } from './climbs';
import { failuresOf } from './checks';
import { failedVerdict } from './proving';
import type { Assessment } from './doorbell/assessment';
import type { Point } from './point';
import { openTrouble } from './trouble';

/** What does not work outranks all that was worked out. */
function troubledVerdict(point: Point): PointVerdict | null {
  return openTrouble(point) && { word: 'failed', words: said('faultShort') };
}

/** The word on a point for a list of many: what failed goes before what was worked out; null before there is anything to say. */
export const verdictOf = (job: Job, point: Point, assessment: Assessment): PointVerdict | null =>
  troubledVerdict(point) ??
  failedVerdict(failuresOf(point)) ??
  climbOf(point).verdict({ job, point, assessment, who: NOBODY });
