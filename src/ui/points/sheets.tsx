import type { ReactNode } from 'react';
import type { Catalogue } from '@/core/catalogue';
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

/** What is handed to the sheet of a point beside its job. */
interface Beside {
  /** The site’s own photos stand with its first point. */
  readonly isFirst: boolean;
  readonly catalogue: Catalogue;
}

/** One point on the printed sheet. A method, so that the register takes each kind for any point. */
interface PointSheet<P extends Point> {
  sheet(job: Job, point: P, beside: Beside): ReactNode;
  /** How it is wired, as a drawing: as built, or as planned where nothing was done yet. */
  wiring(job: Job, point: P): ReactNode;
  /** What its camera sees, from above; nothing where nobody aimed it. */
  seen(job: Job, point: P): ReactNode;
}

const doorbell: PointSheet<Doorbell> = {
  sheet: (job, point, { isFirst, catalogue }) => (
    <DoorbellSheet job={job} point={point} first={isFirst} catalogue={catalogue} />
  ),
  wiring: (job, point) => <WiredPlaces say={sayIn(placeOf(job))} point={point} />,
  seen: () => null,
};
const floodlight: PointSheet<Floodlight> = {
  sheet: (job, point, { isFirst }) => <FloodlightSheet job={job} point={point} first={isFirst} />,
  wiring: (job, point) => <BoxAsBuilt say={sayIn(placeOf(job))} point={point} />,
  seen: seenFromAbove,
};

const plugFloodlight: PointSheet<PlugFloodlight> = {
  sheet: (job, point, { isFirst }) => <PlugSheet job={job} point={point} first={isFirst} />,
  wiring: () => null,
  seen: seenFromAbove,
};

/** The sheet of each kind of point: a line for each kind. */
export const SHEETS: Readonly<Record<PointKind, PointSheet<Point>>> = { doorbell, floodlight, plugFloodlight };
