import { useEffect } from 'react';
import type { Person } from '@/core/kinds';
import { useCrew } from '../crew/CrewContext';

interface AtWork {
  readonly id: string;
  readonly changes: string;
}

const keyOf = (jobId: string): string => `fox-ladder-at-work-${jobId}`;

function read(jobId: string): AtWork | null {
  try {
    const known: unknown = JSON.parse(localStorage.getItem(keyOf(jobId)) ?? 'null');
    return typeof known === 'object' && known !== null && 'id' in known && 'changes' in known
      ? { id: String(known.id), changes: String(known.changes) }
      : null;
  } catch {
    return null;
  }
}

/** Remembers whose hand was last at a job on this machine, and when the hand had changed before that. */
export const rememberWriter = (jobId: string, who: Person, changes: string): void =>
  localStorage.setItem(keyOf(jobId), JSON.stringify({ id: who.id, changes }));

/**
 * Writes down that another person is at this screen, also where the first one came back meanwhile, on whichever page it
 * was told.
 * @param isOpen whether anything hangs on who is there: without a proof nobody’s looking into a job is an entry in it
 * @param readAt when the log was read from the server last, ms since 1970: a log of before the change can’t tell that nothing
 *   hangs on it, for the proof may have been written in another tab
 */
export function usePersonChange(
  jobId: string,
  isOpen: boolean,
  readAt: number,
  onChange: (fromId: string) => void,
): void {
  const { who, changes } = useCrew();
  const isKnown = isOpen || readAt >= Number(changes);
  useEffect(() => {
    if (!who || !isKnown) return;
    const before = read(jobId);
    if (before?.changes === changes) return;
    rememberWriter(jobId, who, changes);
    if (before && isOpen) onChange(before.id);
  }, [changes, isKnown, isOpen, jobId, onChange, who]);
}
