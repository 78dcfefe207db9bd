import type { PointClimb, PointClimbs } from './climb';
import { doorbellClimb } from './doorbell/climb';
import { floodlightClimb } from './floodlight/climb';
import { plugFloodlightClimb } from './plugFloodlight/climb';
import type { Point } from './point';

/** What is told of each kind of point on its way: a line for each kind. */
const CLIMBS: PointClimbs = {
  doorbell: doorbellClimb,
  floodlight: floodlightClimb,
  plugFloodlight: plugFloodlightClimb,
};

export const climbOf = ({ kind }: Point): PointClimb<Point> => CLIMBS[kind];
