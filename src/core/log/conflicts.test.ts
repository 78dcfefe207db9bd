import { describe, expect, it } from 'vitest';
import { rivalsOf, type Word } from './conflicts';

const word = (entryId: string, byId: string, seq: number, seen: number, value: unknown = entryId): Word => ({
  entryId,
  byId,
  seq,
  seen,
  value,
});
const ids = (...words: readonly Word[]) => rivalsOf(words).map(({ entryId }) => entryId);

describe('two answers to one fact', () => {
  it('stand against each other where neither writer had seen the other’s', () => {
    expect(ids(word('a', 'ines', 6, 5), word('b', 'tomas', 7, 5))).toEqual(['a']);
  });
  it('are one after the other where the later writer had seen the earlier', () => {
    expect(ids(word('a', 'ines', 6, 5), word('b', 'tomas', 7, 6))).toEqual([]);
    // By the clock the later one came first: who wrote the earlier one had seen it
    expect(ids(word('b', 'tomas', 7, 6), word('a', 'ines', 8, 7))).toEqual([]);
  });
  it('of one person are a change of mind', () => {
    expect(ids(word('a', 'ines', 6, 5), word('b', 'ines', 7, 5))).toEqual([]);
  });
  it('that say the same are none', () => {
    expect(ids(word('a', 'ines', 6, 5, [1, 2]), word('b', 'tomas', 7, 5, [1, 2]))).toEqual([]);
  });
  it('are settled by who has seen both and says either again', () => {
    const both = [word('a', 'ines', 6, 5, 'x'), word('b', 'tomas', 7, 5, 'y')] as const;
    expect(ids(...both, word('c', 'ines', 8, 7, 'x'))).toEqual([]);
    expect(ids(...both, word('c', 'ada', 8, 7, 'y'))).toEqual([]);
    // Ines had not seen what Tomas said: it still stands against his
    expect(ids(...both, word('c', 'ines', 8, 6, 'z'))).toEqual(['b']);
  });
  it('that were settled come up no more when a third one stands against the settlement', () => {
    const settled = [word('a', 'ines', 6, 5), word('b', 'tomas', 7, 5), word('c', 'ada', 8, 7, 'a')] as const;
    expect(ids(...settled, word('d', 'uwe', 9, 5))).toEqual(['c']);
  });
  it('may be three, each against the one that stands', () => {
    expect(ids(word('a', 'ines', 6, 5), word('b', 'tomas', 7, 5), word('c', 'ada', 8, 5))).toEqual(['a', 'b']);
  });
});
