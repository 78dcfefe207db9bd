import type { PointKind } from '../kinds/point';
import type { EntryData } from '../kinds/register';
import type { Job } from '../job/job';
import type { SharesWith } from './build';
import { BUILDS } from './builds';
import type { Doorbell } from './doorbell/doorbell';

/** Doors that a new point of a kind may share with; none where it hangs on nothing that a door hangs on. */
export const doorsToShareWith = (job: Job, pointKind: PointKind): readonly Doorbell[] =>
  BUILDS[pointKind].doorsToShareWith(job);

interface Asked {
  readonly pointId: string;
  readonly pointKind: PointKind;
  readonly name: string;
  /** Makes ids for the things that come into being with it. */
  readonly newId: () => string;
  /** The door that it shares with, and what; null where it shares nothing. */
  readonly with: SharesWith | null;
}

/** A new point with what it hangs on, as an entry’s data. @param job null for the first point of a job */
export const newPoint = (
  job: Job | null,
  { pointId, pointKind, name, newId, with: shared }: Asked,
): EntryData<'pointAdded'> => ({ pointId, pointKind, name, ...BUILDS[pointKind].newHangs(job, newId, shared) });

/** A point that becomes another kind, with things of its own where it hung on none, as an entry’s data. */
export const changedKind = (
  { id, hangs }: Job['points'][number],
  pointKind: PointKind,
  newId: () => string,
): EntryData<'pointHung'> => {
  const fresh = BUILDS[pointKind].newHangs(null, newId, null);
  return {
    pointId: id,
    pointKind,
    ...(hangs.supplyId === null && fresh.supplyId ? { supplyId: fresh.supplyId } : {}),
    ...(hangs.chimeId === null && fresh.chimeId ? { chimeId: fresh.chimeId } : {}),
  };
};
