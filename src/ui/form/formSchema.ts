import { formWords } from '@/words/screens';
import { object, string } from 'yup';
import { figureProblemText } from '@/core/units';
import type { Say } from '@/words';
import type { TypedField } from './field';

/**
 * The Yup schema of a group of fields: each text is read by its own parser, and what is wrong is told at the field.
 * @param empty whether a field may stay empty: `allowed` while it saves itself, `required` where it is asked for
 */
export const formSchema = (fields: readonly TypedField[], say: Say, empty: 'allowed' | 'required' = 'allowed') =>
  object(
    Object.fromEntries(
      fields.map((field) => [
        field.name,
        string()
          .defined()
          .test('figure', (text, context) => {
            if (text.trim() === '') {
              const fine = empty === 'allowed' || field.optional;
              return fine ? true : context.createError({ message: formWords.missing({ label: field.label }) });
            }
            const result = field.read(text, context.parent as Readonly<Record<string, string>>);
            return result.ok ? true : context.createError({ message: say(figureProblemText(result.problem)) });
          }),
      ]),
    ),
  );
