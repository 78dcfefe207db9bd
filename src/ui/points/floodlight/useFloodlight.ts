import type { Floodlight } from '@/core/points';
import { useJob, type JobHold } from '../../log/JobContext';

/** {@link useJob} at a floodlight: its fixture is there. Benches of other kinds of point never ask for it. */
export function useFloodlight(): Omit<JobHold, 'point' | 'kept'> & {
  readonly point: Floodlight;
  readonly kept: Floodlight;
} {
  const hold = useJob();
  const { point, kept } = hold;
  if (point.kind !== 'floodlight' || kept.kind !== 'floodlight') throw new Error('this is asked of a floodlight only');
  return { ...hold, point, kept };
}
