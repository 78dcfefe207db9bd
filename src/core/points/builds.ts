import { doorbellBuild } from './doorbell/build';
import { floodlightBuild } from './floodlight/build';
import { plugFloodlightBuild } from './plugFloodlight/build';
import type { PointBuild, PointBuilds } from './build';
import type { Point } from './point';

/** What each kind of point is made of: a line for each kind. */
export const BUILDS: PointBuilds = {
  doorbell: doorbellBuild,
  floodlight: floodlightBuild,
  plugFloodlight: plugFloodlightBuild,
};

export const buildOf = ({ kind }: Point): PointBuild<Point> => BUILDS[kind];
