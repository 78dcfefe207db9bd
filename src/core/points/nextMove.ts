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

/** The one thing to do next at a point: its kind says it, until it is left; what failed is to be put right even then. */
export const nextMove = (job: Job, point: Point, assessment: Assessment, who: Asker): NextMove =>
  point.left
    ? (atFailure(point, checksOf(point)) ?? move('leave', said('nothingLeftDo'), said('sheetIsHandedOver')))
    : climbOf(point).nextMove({ job, point, assessment, who });
