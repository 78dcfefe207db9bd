import { effectOf } from './effective';
import type { Entry } from './kinds';

/**
 * The entry that an undo by this person strikes: their own last one that still stands and is no strike itself.
 * @returns null where there is none
 */
export function undoTarget(entries: readonly Entry[], who: string): Entry | null {
  const { struck } = effectOf(entries);
  return (
    entries.findLast((entry) => entry.by.id === who && entry.kind !== 'entryStruck' && !struck.has(entry.id)) ?? null
  );
}
