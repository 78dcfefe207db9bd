import type { PlugFloodlight } from '@/core/points';
import { useJob, type JobHold } from '../../log/JobContext';

/** {@link useJob} at a floodlight with a plug: its outlet is there. */
export function usePlugFloodlight(): Omit<JobHold, 'point' | 'kept'> & {
  readonly point: PlugFloodlight;
  readonly kept: PlugFloodlight;
} {
  const hold = useJob();
  const { point, kept } = hold;
  if (point.kind !== 'plugFloodlight' || kept.kind !== 'plugFloodlight')
    throw new Error('this is asked of a floodlight with a plug only');
  return { ...hold, point, kept };
}
