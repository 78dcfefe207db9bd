import { object, string } from 'yup';
import { figureProblemText } from '@/core/units';
import type { TypedField } from './field';

/** The Yup schema of a group of fields: each text is read by its own parser, and what is wrong is told at the field. */
export const formSchema = (fields: readonly TypedField[]) =>
  object(
    Object.fromEntries(
      fields.map((field) => [
        field.name,
        string()
          .defined()
          .test('figure', (text, context) => {
            if (text.trim() === '') return true;
            const result = field.read(text, context.parent as Readonly<Record<string, string>>);
            return result.ok ? true : context.createError({ message: figureProblemText(result.problem) });
          }),
      ]),
    ),
  );
