import { formWords } from '@/words/screens';
import type { FieldError, Resolver } from 'react-hook-form';
import { figureProblemText } from '@/core/units';
import type { Say } from '@/words';
import type { TypedField } from './field';

/** The texts of fields as they are typed, by their names. */
export type Texts = Readonly<Record<string, string>>;

/** What fields say, by their names: each text is read here, once, by its own field. */
export type Parts = Readonly<Record<string, object>>;

interface Read {
  readonly parts: Parts;
  /** What is wrong with a text, for who typed it. */
  readonly faults: Texts;
}

/**
 * Reads the texts of a group of fields.
 * @param empty whether a field may stay empty: `allowed` while it saves itself and empty says “not any more”, `required`
 *   where it is asked for
 */
export function readTexts(
  fields: readonly TypedField[],
  texts: Texts,
  say: Say,
  empty: 'allowed' | 'required' = 'allowed',
): Read {
  const parts: Record<string, object> = {};
  const faults: Record<string, string> = {};
  for (const field of fields) {
    const { name, label, cleared } = field;
    const text = (texts[name] ?? '').trim();
    if (text === '') {
      if (empty === 'allowed') parts[name] = cleared;
      else if (field.optional) parts[name] = {};
      else faults[name] = formWords.missing({ label });
      continue;
    }
    const result = field.read(text, texts);
    if (result.ok) parts[name] = result.value;
    else faults[name] = say(figureProblemText(result.problem));
  }
  return { parts, faults };
}

/** The same for React Hook Form: what was read, or what is wrong at each field. */
export const resolved = ({ parts, faults }: Read): Awaited<ReturnType<Resolver<Texts, unknown, Parts>>> => {
  const wrong = Object.entries(faults).map(([name, message]) => [name, { type: 'read', message }] as const);
  return wrong.length === 0
    ? { values: parts, errors: {} }
    : { values: {}, errors: Object.fromEntries<FieldError>(wrong) };
};

/** What parts say together. */
export const together = (parts: Parts): object => Object.assign({}, ...Object.values(parts)) as object;
