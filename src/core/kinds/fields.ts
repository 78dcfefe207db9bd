import { array, boolean, number, object, string, type ObjectShape } from 'yup';
import { TEXT } from '../facts';

/** An object that refuses fields it does not name. */
export const exact = <S extends ObjectShape>(shape: S) => object(shape).noUnknown();

/** Building stones of the entries' data: every field may be left out, and null says “not any more”. */
export const maybe = {
  text: (most: number = TEXT.short) => string().max(most).nullable(),
  choice: <T extends string>(values: readonly T[]) =>
    string<T>()
      .nullable()
      .oneOf([...values, null]),
  /** Several of a few, in the order said. */
  choices: <T extends string>(values: readonly T[], most: number) =>
    array(string<T>().oneOf(values).defined()).max(most).nullable(),
  amount: ({ least, most }: { readonly least: number; readonly most: number }) =>
    number().min(least).max(most).nullable(),
  whole: ({ least, most }: { readonly least: number; readonly most: number }) =>
    number().integer().min(least).max(most).nullable(),
  yes: () => boolean().nullable(),
  time: () => string().matches(ISO_TIME, 'must be a time in ISO 8601 with its offset').nullable(),
};

/** One of a few that has to be said. */
export const oneOf = <T extends string>(values: readonly T[]) => string<T>().oneOf(values).defined();

/** Ids inside a job: any non-empty string up to 64 characters. */
export const reference = () => string().min(1).max(64).defined();

/** ISO 8601 date and time with an offset. */
export const ISO_TIME =
  /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,9})?)?(Z|[+-]([01]\d|2[0-3]):?[0-5]\d)$/;
