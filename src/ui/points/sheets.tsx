import type { ReactNode } from 'react';
import type { Job } from '@/core/job';
import type { PointKind } from '@/core/kinds';
import type { Doorbell, Floodlight, PlugFloodlight, Point } from '@/core/points';
import { DoorbellSheet } from './doorbell/DoorbellSheet';
import { FloodlightSheet } from './floodlight/FloodlightSheet';
import { PlugSheet } from './plugFloodlight/PlugSheet';

/** One point on the printed sheet. A method, so that the register takes each kind for any point. */
interface PointSheet<P extends Point> {
  /** @param first the site’s own photos stand with its first point */
  sheet(job: Job, point: P, first: boolean): ReactNode;
}

const doorbell: PointSheet<Doorbell> = {
  sheet: (job, point, first) => <DoorbellSheet job={job} point={point} first={first} />,
};
const floodlight: PointSheet<Floodlight> = {
  sheet: (job, point, first) => <FloodlightSheet job={job} point={point} first={first} />,
};

const plugFloodlight: PointSheet<PlugFloodlight> = {
  sheet: (job, point, first) => <PlugSheet job={job} point={point} first={first} />,
};

/** The sheet of each kind of point: a line for each kind. */
export const SHEETS: Readonly<Record<PointKind, PointSheet<Point>>> = { doorbell, floodlight, plugFloodlight };
