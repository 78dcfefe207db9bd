import type { Entry } from '../kinds/register';

/** Which entries of a log say something now. */
export interface Effect {
  /** Struck by an entry that is not struck itself. */
  readonly struck: ReadonlySet<string>;
  /** Replaced by a correcting entry that is not struck. */
  readonly corrected: ReadonlySet<string>;
}

/**
 * Works out strikes and corrections. Both point backwards, so the log is read from its end: a strike that was struck
 * by a later one has no effect.
 */
export function effectOf(entries: readonly Entry[]): Effect {
  const struck = new Set<string>();
  const corrected = new Set<string>();
  for (const entry of [...entries].reverse()) {
    if (struck.has(entry.id)) continue;
    if (entry.kind === 'entryStruck') struck.add(entry.data.target);
    else if (entry.corrects) corrected.add(entry.corrects);
  }
  return { struck, corrected };
}

/** Whether an entry counts: neither struck nor replaced. */
export const counts = (effect: Effect, entry: Entry): boolean =>
  !effect.struck.has(entry.id) && !effect.corrected.has(entry.id);
