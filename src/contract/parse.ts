import { ValidationError } from 'yup';
import { ProblemError, type FieldError } from './problem';

/** Name of a Yup test whose failure means “not of the schema” (400) and not “impossible” (422). */
export const SCHEMA_FAULT = 'schema';

const SCHEMA_TYPES = new Set([
  SCHEMA_FAULT,
  'typeError',
  'optionality',
  'nullable',
  'noUnknown',
  'oneOf',
  'matches',
  'uuid',
  'required',
  'exact',
]);

const MOST_ERRORS = 50;
const DEEPEST = 24;

/** Refuses nesting that no request of ours has, and numbers that JSON lets through but no computer holds. */
export function walk(value: unknown): void {
  const open: { value: unknown; path: string; depth: number }[] = [{ value, path: '', depth: 0 }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { value: here, path, depth } = next;
    if (typeof here === 'number' && !Number.isFinite(here))
      throw new ProblemError(422, 'A number is too large to be worked with.', [
        { path, message: 'not a finite number' },
      ]);
    if (typeof here !== 'object' || here === null) continue;
    if (depth > DEEPEST)
      throw new ProblemError(400, 'The request is nested too deep.', [{ path, message: 'nested too deep' }]);
    for (const [key, child] of Object.entries(here))
      open.push({ value: child, path: path ? `${path}.${key}` : key, depth: depth + 1 });
  }
}

const errorsOf = (error: ValidationError): readonly { type: string; field: FieldError }[] =>
  (error.inner.length > 0 ? error.inner : [error]).slice(0, MOST_ERRORS).map((one) => ({
    type: one.type ?? SCHEMA_FAULT,
    field: { path: one.path ?? '', message: one.message },
  }));

/** A Yup schema of any kind, as far as it is needed here. */
export interface Validating<T> {
  validateSync(value: unknown, options: { strict: boolean; abortEarly: boolean }): T;
}

/**
 * Parses a value by a schema, strictly: nothing is converted, unknown fields are refused.
 * @throws ProblemError 400 where it is not of the schema, 422 where it is of the right type but impossible
 */
export function parse<T>(schema: Validating<T>, value: unknown): T {
  walk(value);
  try {
    return schema.validateSync(value, { strict: true, abortEarly: false });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const errors = errorsOf(error);
    const status = errors.some(({ type }) => SCHEMA_TYPES.has(type)) ? 400 : 422;
    const first = errors[0]?.field;
    const detail = first ? `${first.path || 'The body'}: ${first.message}` : 'The body is not as it should be.';
    throw new ProblemError(
      status,
      detail,
      errors.map(({ field }) => field),
      { cause: error },
    );
  }
}
