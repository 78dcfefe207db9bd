import type { NewEntry } from '@/core/job';

/** Entries that were written here and not acknowledged yet, and what the server said of one it refused. */
export interface Waiting {
  readonly entry: NewEntry;
  readonly refused?: string;
}

const keyOf = (jobId: string): string => `fox-ladder-outbox-${jobId}`;

/** What waits for a job; it outlives a closed browser. */
export const readOutbox = (jobId: string): readonly Waiting[] =>
  JSON.parse(localStorage.getItem(keyOf(jobId)) ?? '[]') as readonly Waiting[];

/** Changes what waits and returns it. */
export function writeOutbox(
  jobId: string,
  change: (waiting: readonly Waiting[]) => readonly Waiting[],
): readonly Waiting[] {
  const next = change(readOutbox(jobId));
  if (next.length === 0) localStorage.removeItem(keyOf(jobId));
  else localStorage.setItem(keyOf(jobId), JSON.stringify(next));
  return next;
}
