import { effectOf } from './effective';
import type { Entry } from '../kinds/register';

/** Once others have written this much since, the job has gone on and an undo would come as a surprise. */
const GONE_ON_AFTER = 10;

/**
 * The entry that an undo by this person strikes: their own last one that still stands and is no strike itself.
 * @returns null where there is none, or where others have gone on from it
 */
export function undoTarget(entries: readonly Entry[], who: string): Entry | null {
  const { struck } = effectOf(entries);
  const at = entries.findLastIndex(
    (entry) =>
      entry.by.id === who &&
      entry.kind !== 'entryStruck' &&
      // Written by the screen itself, not by a hand
      entry.kind !== 'personChanged' &&
      !struck.has(entry.id),
  );
  const since = entries.slice(at + 1).filter(({ by }) => by.id !== who).length;
  return since > GONE_ON_AFTER ? null : (entries[at] ?? null);
}
