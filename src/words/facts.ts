import type { Answer, FactField, FactKind } from '@/core/kinds';
import type { Terms } from './terms';

/** A name, or one in the terms of the place. */
export type Word = string | ((terms: Terms) => string);

/** What a fact is called: a word, and one for each of its answers; answers that are names already are called as they are. */
type Named<A extends string> = [A] extends [never]
  ? Word
  : { readonly is: Word; readonly answers: Readonly<Record<A, Word>> | 'itself' };

/** A word for every fact and every answer: one that is left out or misspelt does not compile. */
export type FactWords = { readonly [K in FactKind]: { readonly [F in FactField<K>]: Named<Answer<K, F>> } };

const plain = (word: Word, terms: Terms): string => (typeof word === 'string' ? word : word(terms));

type Table = Readonly<Record<string, Readonly<Record<string, Named<string> | Word>>>>;

/** What a fact is called. */
export function factWord(words: FactWords, kind: string, field: string, terms: Terms): string {
  const one = (words as Table)[kind]?.[field];
  if (one === undefined) throw new RangeError(`${kind} has no fact ${field}`);
  return plain(typeof one === 'object' ? one.is : one, terms);
}

/** What an answer to a fact is called; itself where it is no answer of now. */
export function answerWord(words: FactWords, kind: string, field: string, answer: string, terms: Terms): string {
  const one = (words as Table)[kind]?.[field];
  if (typeof one !== 'object' || one.answers === 'itself') return answer;
  const word = (one.answers as Readonly<Partial<Record<string, Word>>>)[answer];
  return word === undefined ? answer : plain(word, terms);
}
