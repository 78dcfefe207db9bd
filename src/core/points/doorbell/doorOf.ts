import type { Job } from '../../job/job';
import type { Doorbell } from './doorbell';

/** A door of a job: the one that is asked for, the first where none is; null where it is no door. */
export function doorOf({ points }: Job, pointId: string | undefined): Doorbell | null {
  const point = points.find(({ id }) => id === pointId) ?? points.find(({ kind }) => kind === 'doorbell');
  return point?.kind === 'doorbell' ? point : null;
}
