import type { NewEntry } from '@/core/job';

const keyOf = (jobId: string): string => `fox-ladder-outbox-${jobId}`;

/** Entries that were written here and not acknowledged yet; they outlive a closed browser. */
export const readOutbox = (jobId: string): readonly NewEntry[] =>
  JSON.parse(localStorage.getItem(keyOf(jobId)) ?? '[]') as readonly NewEntry[];

/** Changes what waits and returns it. */
export function writeOutbox(
  jobId: string,
  change: (waiting: readonly NewEntry[]) => readonly NewEntry[],
): readonly NewEntry[] {
  const next = change(readOutbox(jobId));
  if (next.length === 0) localStorage.removeItem(keyOf(jobId));
  else localStorage.setItem(keyOf(jobId), JSON.stringify(next));
  return next;
}
