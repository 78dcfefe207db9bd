import type { ReactNode } from 'react';
import { placeOf, type Job } from '@/core/job';
import type { PointKind } from '@/core/kinds';
import type { Doorbell, Floodlight, PlugFloodlight, Point } from '@/core/points';
import { sayIn } from '@/words';
import { WiredPlaces } from '../paper/WiredPlaces';
import { DoorbellSheet } from './doorbell/DoorbellSheet';
import { BoxAsBuilt } from './floodlight/BoxAsBuilt';
import { FloodlightSheet } from './floodlight/FloodlightSheet';
import { PlugSheet } from './plugFloodlight/PlugSheet';
import { seenFromAbove } from './yard/seenFromAbove';

/** One point on the printed sheet. A method, so that the register takes each kind for any point. */
interface PointSheet<P extends Point> {
  /** @param first the site’s own photos stand with its first point */
  sheet(job: Job, point: P, first: boolean): ReactNode;
  /** How it is wired, as a drawing: as built, or as planned where nothing was done yet. */
  wiring(job: Job, point: P): ReactNode;
  /** What its camera sees, from above; nothing where nobody aimed it. */
  seen(job: Job, point: P): ReactNode;
}

const doorbell: PointSheet<Doorbell> = {
  sheet: (job, point, first) => <DoorbellSheet job={job} point={point} first={first} />,
  wiring: (job, point) => <WiredPlaces say={sayIn(placeOf(job))} point={point} />,
  seen: () => null,
};
const floodlight: PointSheet<Floodlight> = {
  sheet: (job, point, first) => <FloodlightSheet job={job} point={point} first={first} />,
  wiring: (job, point) => <BoxAsBuilt say={sayIn(placeOf(job))} point={point} />,
  seen: seenFromAbove,
};

const plugFloodlight: PointSheet<PlugFloodlight> = {
  sheet: (job, point, first) => <PlugSheet job={job} point={point} first={first} />,
  wiring: () => null,
  seen: seenFromAbove,
};

/** The sheet of each kind of point: a line for each kind. */
export const SHEETS: Readonly<Record<PointKind, PointSheet<Point>>> = { doorbell, floodlight, plugFloodlight };
