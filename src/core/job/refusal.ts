import { said, type Text } from '../said';
import { HANGS_ON } from '../house/things';
import { THINGS } from '../kinds/point';
import type { Entry, NewEntry } from '../kinds/register';
import type { Point } from '../points/point';
import type { Job } from './job';

/** Whether hands were put on something at a point: a tick, mounting, a check, or it was handed over. */
export const isBuilt = ({ ticks, moved, checks, mount, left }: Point): boolean =>
  Object.keys(ticks).length + moved.length + Object.keys(checks).length + Object.keys(mount).length > 0 ||
  left !== null;

/** Points that hang on a thing, by their names. */
const hangOn = (job: Job, id: string): readonly string[] =>
  job.points.flatMap(({ name, hangs }) => (THINGS.some((kind) => hangs[HANGS_ON[kind]] === id) ? name : []));

function whyNotStruck(job: Job, target: Entry, reason: string | null | undefined): Text | null {
  if (target.kind === 'thingFound') {
    const names = hangOn(job, target.data.thingId);
    return names.length > 0 ? said('stillHangOnIt', { points: names }) : null;
  }
  if (target.kind !== 'pointAdded') return null;
  const point = job.points.find(({ id }) => id === target.data.pointId);
  return point && isBuilt(point) && !reason?.trim() ? said('workDoneSay', { point: point.name }) : null;
}

/**
 * Why an entry can’t be taken as things stand, in a sentence; null where it can. What nothing was built on may be taken
 * away or given another kind; what was built is struck with a reason, and a thing that something hangs on stays.
 */
export function refusalOf(job: Job, entries: readonly Entry[], entry: NewEntry): Text | null {
  if (entry.kind === 'entryStruck') {
    const target = entries.find(({ id }) => id === entry.data.target);
    return target ? whyNotStruck(job, target, entry.data.reason) : null;
  }
  if (entry.kind !== 'pointHung') return null;
  const { pointId, pointKind } = entry.data;
  const point = job.points.find(({ id }) => id === pointId);
  return point && pointKind && pointKind !== point.kind && isBuilt(point)
    ? said('workDoneStays', { point: point.name })
    : null;
}
