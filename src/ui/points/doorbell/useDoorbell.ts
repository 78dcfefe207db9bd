import type { Doorbell } from '@/core/points';
import { useJob, type JobHold } from '../../log/JobContext';

/** {@link useJob} at a doorbell: its supply and chime are there. Benches of other kinds of point never ask for it. */
export function useDoorbell(): Omit<JobHold, 'point' | 'kept'> & { readonly point: Doorbell; readonly kept: Doorbell } {
  const hold = useJob();
  const { point, kept } = hold;
  if (point.kind !== 'doorbell' || kept.kind !== 'doorbell') throw new Error('this is asked of a doorbell only');
  return { ...hold, point, kept };
}
