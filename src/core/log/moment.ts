/** When something was written down: by its own time and, apart from that, by its number in the log. */
export interface Moment {
  /** ms since 1970; never later than the entry was received. */
  readonly at: number;
  readonly id: string;
  readonly seq: number;
}

/** A moment up to which something is asked. */
export type Until = Moment & {
  /** Of a log that was taken in with a file: what stood there then is asked, not what stands here. */
  readonly history?: boolean;
  /** The place of proofs of before they named theirs. */
  readonly anywhere?: string;
};

interface Dated {
  readonly id: string;
  readonly at: string;
  readonly receivedAt: string;
  readonly seq: number;
}

/** Worked out once for each: reading a log asks for them many times over, and an entry never changes. */
const moments = new WeakMap<Dated, Moment>();

/** When an entry was written down. */
export function momentOf(entry: Dated): Moment {
  const known = moments.get(entry);
  if (known) return known;
  const { at, receivedAt, id, seq } = entry;
  const moment = { at: Math.min(Date.parse(at), Date.parse(receivedAt)), id, seq };
  moments.set(entry, moment);
  return moment;
}

/** Order by time; what was written in the same millisecond by id (contracts, “two people, no signal”). */
export const byTime = (one: Moment, other: Moment): number =>
  one.at - other.at || (one.id < other.id ? -1 : one.id > other.id ? 1 : 0);

/** Whether something came before something else by its time and by its number. */
export const isBefore = (one: Moment, other: Moment): boolean => byTime(one, other) < 0 && one.seq < other.seq;

/** Whether something came after something else by its time or by its number: a slow clock hides nothing. */
export const isAfter = (one: Moment, other: Moment): boolean => byTime(one, other) > 0 || one.seq > other.seq;

/** A log in the order in which it is read: by time, whatever the order of arrival. */
export function inTime<E extends Dated>(entries: readonly E[]): readonly E[] {
  return entries.toSorted((a, b) => byTime(momentOf(a), momentOf(b)));
}
