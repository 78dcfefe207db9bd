import type { Entry } from '../kinds/register';

/** Which entries of a log say something now. */
export interface Effect {
  /** Struck by an entry that is not struck itself. */
  readonly struck: ReadonlySet<string>;
  /** Replaced by a correcting entry that is not struck. */
  readonly corrected: ReadonlySet<string>;
}

/**
 * Works out strikes and corrections, in whatever order they stand: an entry is struck where a strike of it is not struck
 * itself.
 */
export function effectOf(entries: readonly Entry[]): Effect {
  const strikes = new Map<string, string[]>();
  for (const entry of entries)
    if (entry.kind === 'entryStruck') {
      const others = strikes.get(entry.data.target);
      if (others) others.push(entry.id);
      else strikes.set(entry.data.target, [entry.id]);
    }
  const known = new Map<string, boolean>();
  /** Worked out from the end of each chain of strikes: a log may hold thousands of them. */
  const isStruck = (first: string): boolean => {
    const open = [first];
    for (let id = open.at(-1); id !== undefined; id = open.at(-1)) {
      const by = strikes.get(id) ?? [];
      // Strikes of one another, which nobody writes by hand, take each other for standing
      const unknown = known.has(id) ? [] : by.filter((one) => !known.has(one) && !open.includes(one));
      if (unknown.length > 0) open.push(...unknown);
      else {
        if (!known.has(id))
          known.set(
            id,
            by.some((one) => known.get(one) !== true),
          );
        open.pop();
      }
    }
    return known.get(first) === true;
  };
  return {
    struck: new Set([...strikes.keys()].filter(isStruck)),
    corrected: new Set(
      entries.flatMap(({ id, corrects }) => (corrects !== undefined && !isStruck(id) ? corrects : [])),
    ),
  };
}

/** Whether an entry counts: neither struck nor replaced. */
export const counts = (effect: Effect, entry: Entry): boolean =>
  !effect.struck.has(entry.id) && !effect.corrected.has(entry.id);
