import { boolean, number, string, array, type Schema } from 'yup';
import { TEXT } from './limits';
import { said, type Text } from '../said';
import type { FigureRule } from '../units';

interface Limits {
  readonly least: number;
  readonly most: number;
}

/** How a fact is said: typed or tapped, and in which unit. Lengths are kept in metres and said as the site says them. */
export type FactForm<T extends string = string> =
  | { readonly is: 'text'; readonly most: number }
  | { readonly is: 'figure'; readonly rule: FigureRule }
  /** Held to a tape: millimetres or inches. */
  | { readonly is: 'tape'; readonly limits: Limits }
  /** Of a cable or a way: metres or feet. */
  | { readonly is: 'run'; readonly limits: Limits }
  | { readonly is: 'choice' | 'choices'; readonly answers: readonly T[] }
  /** Said by other means than one field; how it reads. */
  | { readonly is: 'other'; readonly say: (value: unknown) => Text };

/**
 * One fact that may be said of something: described once: its unit or its answers, and its
 * limits. Its field, its schema, its row and its sentence follow; what it is called stands in `words/en/facts`.
 */
export interface Fact<S extends Schema = Schema, F extends FactForm = FactForm> {
  readonly form: F;
  /** Every fact may be left out, and null says “not any more”. */
  readonly schema: S;
}

export const YES_NO = ['yes', 'no'] as const;

/** The ways in which a fact is described. */
export const fact = {
  text: (most: number = TEXT.short) => ({
    form: { is: 'text' as const, most },
    schema: string().max(most).nullable(),
  }),
  /** An angle in degrees. */
  angle: (limits: Limits) =>
    fact.figure({ unit: '°', unitWords: ['°', 'deg', 'degree', 'degrees'], ...limits, zeroAllowed: true }),
  /** So much in a hundred. */
  percent: (limits: Limits) =>
    fact.figure({ unit: '%', unitWords: ['%', 'percent', 'per cent'], ...limits, zeroAllowed: true }),
  /** A figure in its own unit. */
  figure: (rule: FigureRule) => ({
    form: { is: 'figure' as const, rule },
    schema: number().min(rule.least).max(rule.most).nullable(),
  }),
  /** A whole number of something. */
  whole: (limits: Limits, unit = '', unitWords: readonly string[] = []) => ({
    form: {
      is: 'figure' as const,
      rule: { unit, unitWords, ...limits, ...(limits.least === 0 ? { zeroAllowed: true } : {}) },
    },
    schema: number().integer().min(limits.least).max(limits.most).nullable(),
  }),
  tape: (limits: Limits) => ({
    form: { is: 'tape' as const, limits },
    schema: number().min(limits.least).max(limits.most).nullable(),
  }),
  run: (limits: Limits) => ({
    form: { is: 'run' as const, limits },
    schema: number().min(limits.least).max(limits.most).nullable(),
  }),
  /** One of a few; the compiler asks `words` for what each is called. */
  choice: <T extends string>(values: readonly T[]) => ({
    form: { is: 'choice' as const, answers: values },
    schema: string<T>()
      .nullable()
      .oneOf([...values, null]),
  }),
  yesNo: () => fact.choice(YES_NO),
  /** Any of a few, in the order said; each so often at most. */
  choices: <T extends string>(values: readonly T[], most = values.length) => ({
    form: { is: 'choices' as const, answers: values },
    schema: array(string<T>().oneOf(values).defined()).max(most).nullable(),
  }),
  /** A day of the calendar, as ISO 8601 writes it. */
  day: () =>
    fact.other(string().test('day', 'no such day', isDay).nullable(), (value) => said('onDay', { day: String(value) })),
  yes: () => ({
    form: { is: 'other' as const, say: (value: unknown) => said('yesOrNo', { yes: value === true }) },
    schema: boolean().nullable(),
  }),
  /** What is no single field: a profile, a list, a number that is tapped. */
  other: <S extends Schema>(schema: S, say: (value: unknown) => Text = String) => ({
    form: { is: 'other' as const, say },
    schema,
  }),
} as const;

/** Whether a text is a day that there is; nothing said is fine. */
export function isDay(text: string | null | undefined): boolean {
  if (text === null || text === undefined) return true;
  const day = new Date(`${text}T00:00:00Z`);
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(day.getTime()) && day.toISOString().startsWith(text);
}

export type FactTable = Readonly<Record<string, Fact>>;

/** The schemas of a table of facts, field by field. */
export const schemasOf = <F extends FactTable>(facts: F): { [K in keyof F]: F[K]['schema'] } =>
  Object.fromEntries(Object.entries(facts).map(([field, { schema }]) => [field, schema])) as {
    [K in keyof F]: F[K]['schema'];
  };
