import type { PointClimb, PointClimbs } from './climb';
import { doorbellClimb } from './doorbell/climb';
import { floodlightClimb } from './floodlight/climb';
import { plugFloodlightClimb } from './plugFloodlight/climb';
import type { Point } from './point';
import type { PointFinder } from './pointFinder';

/** What is told of each kind of point on its way: a line for each kind. */
const CLIMBS: PointClimbs = {
  doorbell: doorbellClimb,
  floodlight: floodlightClimb,
  plugFloodlight: plugFloodlightClimb,
};

/** How a fault is looked for at a point. */
export const finderAt = (point: Point): PointFinder<Point> => climbOf(point).finder;

export const climbOf = ({ kind }: Point): PointClimb<Point> => CLIMBS[kind];
