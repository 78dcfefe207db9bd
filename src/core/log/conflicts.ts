/** What one entry says of one fact. */
export interface Word {
  readonly entryId: string;
  readonly byId: string;
  readonly seq: number;
  /** The highest number of the log that its writer knew. */
  readonly seen: number;
  readonly value: unknown;
}

/** Whether two values of a fact say the same; lists by what is in them. */
export const saysSame = (one: unknown, other: unknown): boolean =>
  one === other || (typeof one === 'object' && JSON.stringify(one) === JSON.stringify(other));

/** Whether who wrote a word knew another one: everybody knows what they said themselves. */
const knew = (one: Word, other: Word): boolean =>
  one.entryId !== other.entryId && (one.byId === other.byId ? one.seq > other.seq : one.seen >= other.seq);

/**
 * Words that stand against the last one: neither writer knew the other’s, they differ, and nobody who had seen both has said it
 * again (contracts, “two people, no signal”).
 * @param words of one fact, in the order in which the log is read: the last one stands
 */
export function rivalsOf(words: readonly Word[]): readonly Word[] {
  const last = words.at(-1);
  if (!last) return [];
  return words.filter(
    (one) =>
      one !== last &&
      !saysSame(one.value, last.value) &&
      !knew(last, one) &&
      !knew(one, last) &&
      // Who said it again had seen this one, and stands in its place
      !words.some((other) => knew(other, one)),
  );
}
