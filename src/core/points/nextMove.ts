import { said } from '../said';
import type { Asker } from '../isolation';
import type { Job } from '../job/job';
import type { NextMove } from '../kinds/rungs';
import { checksOf } from './checks';
import { climbOf } from './climbs';
import type { Assessment } from './doorbell/assessment';
import { move } from './moves';
import type { Point } from './point';
import { atFailure } from './proving';
import { complaintOf, openTrouble } from './trouble';

/**
 * The one thing to do next at a point: its kind says it, until it is left; what does not work is looked for, and what failed put
 * right, even then.
 */
export function nextMove(job: Job, point: Point, assessment: Assessment, who: Asker): NextMove {
  const trouble = openTrouble(point);
  if (trouble) return move('prove', said('findItsFault', { complaint: complaintOf(trouble) }), said('nextInFinder'));
  return point.left
    ? (atFailure(point, checksOf(point)) ?? move('leave', said('nothingLeftDo'), said('sheetIsHandedOver')))
    : climbOf(point).nextMove({ job, point, assessment, who });
}
