/** So long without an entry by somebody holds their mains steps until they say where they were, ms. */
export const ABSENCE_MS = 20 * 60_000;

export interface Writing {
  readonly byId: string;
  /** ms since 1970. */
  readonly at: number;
}

/** The index of the last number of a sorted list that is not above a limit; −1 where there is none. */
function lastUpTo(list: readonly number[], limit: number): number {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if ((list[middle] ?? Infinity) <= limit) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

const sortedBy = (writings: readonly Writing[]): ReadonlyMap<string, number[]> => {
  const times = new Map<string, number[]>();
  for (const { byId, at } of writings) {
    const list = times.get(byId);
    if (list) list.push(at);
    else times.set(byId, [at]);
  }
  for (const list of times.values()) list.sort((a, b) => a - b);
  return times;
};

/** When who was there, as far as their entries tell. */
export class Presence {
  private readonly written: ReadonlyMap<string, readonly number[]>;
  /** Ends of the absences of each person. */
  private readonly returns: ReadonlyMap<string, readonly number[]>;
  private readonly stays: ReadonlyMap<string, readonly number[]>;

  constructor(writings: readonly Writing[], stayed: readonly Writing[]) {
    this.written = sortedBy(writings);
    this.returns = new Map(
      [...this.written].map(([id, times]) => [id, times.filter((at, i) => at - (times[i - 1] ?? at) > ABSENCE_MS)]),
    );
    this.stays = sortedBy(stayed);
  }

  /** Whether somebody was away since a time, and has not said that they stood at it all the time. */
  isUnanswered(personId: string, since: number, now: number): boolean {
    const written = this.written.get(personId) ?? [];
    const last = written[lastUpTo(written, now)];
    if (last !== undefined && now - last > ABSENCE_MS) return true;
    const returns = this.returns.get(personId) ?? [];
    const back = returns[lastUpTo(returns, now)];
    if (back === undefined || back <= since) return false;
    const stays = this.stays.get(personId) ?? [];
    const stayed = stays[lastUpTo(stays, now)];
    return stayed === undefined || stayed < back;
  }
}
