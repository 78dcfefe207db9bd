/** A source of numbers from 0 to under 1, handed in wherever chance is needed. */
export type Random = () => number;

/** A small seeded generator (mulberry32): the same seed gives the same numbers on every machine. */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A seed for a text beside a seed: each text has its own numbers (FNV-1a). */
export function mixed(seed: number, text: string): number {
  let hash = seed >>> 0;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return hash;
}

/** One of a list, each as likely as the next; undefined: it is empty. */
export const picked = <T>(list: readonly T[], random: Random): T | undefined =>
  list[Math.floor(random() * list.length)];
