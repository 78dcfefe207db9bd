import { boolean, number, string, array, type Schema } from 'yup';
import { TEXT } from './limits';
import type { Text } from '../said';
import type { RegionPack } from '../region';
import type { FigureRule } from '../units';

interface Limits {
  readonly least: number;
  readonly most: number;
}

/** Words of a fact; with the terms of the region where they differ. */
export type FactWords = Text | ((region: RegionPack) => string);

/** One of the answers to a fact, in words. */
export interface Answer<T extends string = string> {
  readonly value: T;
  readonly words: FactWords;
}

/** How a fact is said: typed or tapped, and in which unit. Lengths are kept in metres and said as the site says them. */
export type FactForm<T extends string = string> =
  | { readonly is: 'text'; readonly most: number }
  | { readonly is: 'figure'; readonly rule: FigureRule }
  /** Held to a tape: millimetres or inches. */
  | { readonly is: 'tape'; readonly limits: Limits }
  /** Of a cable or a way: metres or feet. */
  | { readonly is: 'run'; readonly limits: Limits }
  | { readonly is: 'choice' | 'choices'; readonly answers: readonly Answer<T>[] }
  /** Said by other means than one field; how it reads. */
  | { readonly is: 'other'; readonly say: (value: unknown) => Text };

/** One fact that may be said of something: described once. Its field, its schema, its row and its sentence follow. */
export interface Fact<S extends Schema = Schema, F extends FactForm = FactForm> {
  readonly words: FactWords;
  readonly form: F;
  /** Every fact may be left out, and null says “not any more”. */
  readonly schema: S;
}

type Worded<T extends string> = Readonly<Record<T, FactWords>>;
const answersOf = <T extends string>(values: readonly T[], words: Worded<T>): readonly Answer<T>[] =>
  values.map((value) => ({ value, words: words[value] }));

export const YES_NO = ['yes', 'no'] as const;
const YES_NO_WORDS = { yes: 'yes', no: 'no' } as const;

/** The ways in which a fact is described. */
export const fact = {
  text: (words: FactWords, most: number = TEXT.short) => ({
    words,
    form: { is: 'text' as const, most },
    schema: string().max(most).nullable(),
  }),
  /** A figure in its own unit. */
  figure: (words: FactWords, rule: FigureRule) => ({
    words,
    form: { is: 'figure' as const, rule },
    schema: number().min(rule.least).max(rule.most).nullable(),
  }),
  /** A whole number of something. */
  whole: (words: FactWords, limits: Limits, unit = '', unitWords: readonly string[] = []) => ({
    words,
    form: {
      is: 'figure' as const,
      rule: { unit, unitWords, ...limits, ...(limits.least === 0 ? { zeroAllowed: true } : {}) },
    },
    schema: number().integer().min(limits.least).max(limits.most).nullable(),
  }),
  tape: (words: FactWords, limits: Limits) => ({
    words,
    form: { is: 'tape' as const, limits },
    schema: number().min(limits.least).max(limits.most).nullable(),
  }),
  run: (words: FactWords, limits: Limits) => ({
    words,
    form: { is: 'run' as const, limits },
    schema: number().min(limits.least).max(limits.most).nullable(),
  }),
  /** One of a few; the compiler asks for the words of each. */
  choice: <T extends string>(words: FactWords, values: readonly T[], answers: Worded<T>) => ({
    words,
    form: { is: 'choice' as const, answers: answersOf(values, answers) },
    schema: string<T>()
      .nullable()
      .oneOf([...values, null]),
  }),
  yesNo: (words: FactWords) => fact.choice(words, YES_NO, YES_NO_WORDS),
  /** Any of a few, in the order said; each so often at most. */
  choices: <T extends string>(words: FactWords, values: readonly T[], answers: Worded<T>, most = values.length) => ({
    words,
    form: { is: 'choices' as const, answers: answersOf(values, answers) },
    schema: array(string<T>().oneOf(values).defined()).max(most).nullable(),
  }),
  yes: (words: FactWords) => ({
    words,
    form: { is: 'other' as const, say: (value: unknown) => (value === true ? 'yes' : 'no') },
    schema: boolean().nullable(),
  }),
  /** What is no single field: a profile, a list, a number that is tapped. */
  other: <S extends Schema>(words: FactWords, schema: S, say: (value: unknown) => Text = String) => ({
    words,
    form: { is: 'other' as const, say },
    schema,
  }),
} as const;

export type FactTable = Readonly<Record<string, Fact>>;

/** The schemas of a table of facts, field by field. */
export const schemasOf = <F extends FactTable>(facts: F): { [K in keyof F]: F[K]['schema'] } =>
  Object.fromEntries(Object.entries(facts).map(([field, { schema }]) => [field, schema])) as {
    [K in keyof F]: F[K]['schema'];
  };
