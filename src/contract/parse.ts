import { ValidationError, isSchema, type Schema } from 'yup';
import { DEEPEST } from './jsonSize';
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
/** Of a larger body the first fault alone is told: finding them all takes longer than anybody reads. */
const ALL_FAULTS_UP_TO = 2000;

/** Where in a value something lies that a search finds; null where it finds nothing. Only asked where something is wrong. */
function pathTo(value: unknown, is: (here: unknown, depth: number) => boolean): string | null {
  const open: { value: unknown; path: string; depth: number }[] = [{ value, path: '', depth: 0 }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { value: here, path, depth } = next;
    if (is(here, depth)) return path;
    if (typeof here !== 'object' || here === null || depth > DEEPEST) continue;
    for (const [key, child] of Object.entries(here))
      open.push({ value: child, path: path ? `${path}.${key}` : key, depth: depth + 1 });
  }
  return null;
}

const isEndless = (value: unknown): boolean => typeof value === 'number' && !Number.isFinite(value);

/**
 * Refuses nesting that no request of ours has, and numbers that JSON lets through but no computer holds, before any schema
 * looks at it.
 * @returns how many values there are
 */
export function walk(value: unknown): number {
  let nodes = 0;
  let depth = 0;
  for (let level: readonly unknown[] = [value]; level.length > 0; depth++) {
    const below: unknown[] = [];
    for (const here of level) {
      nodes++;
      if (isEndless(here))
        throw new ProblemError(422, 'A number is too large to be worked with.', [
          { path: pathTo(value, isEndless) ?? '', message: 'not a finite number' },
        ]);
      if (typeof here !== 'object' || here === null) continue;
      if (depth > DEEPEST)
        throw new ProblemError(400, 'The request is nested too deep.', [
          { path: pathTo(value, (_, at) => at > DEEPEST) ?? '', message: 'nested too deep' },
        ]);
      for (const child of Object.values(here)) below.push(child);
    }
    level = below;
  }
  return nodes;
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

const refusal = (error: ValidationError): ProblemError => {
  const errors = errorsOf(error);
  const status = errors.some(({ type }) => SCHEMA_TYPES.has(type)) ? 400 : 422;
  const first = errors[0]?.field;
  const detail = first ? `${first.path || 'The body'}: ${first.message}` : 'The body is not as it should be.';
  return new ProblemError(
    status,
    detail,
    errors.map(({ field }) => field),
    { cause: error },
  );
};

/** What a schema finds wrong with a value, the first of it or all; null where nothing is. */
function faultOf(schema: Validating<unknown>, value: unknown, abortEarly: boolean): ValidationError | null {
  try {
    schema.validateSync(value, { strict: true, abortEarly });
    return null;
  } catch (error) {
    if (ValidationError.isError(error)) return error;
    // One of its own tests met a value of another type than it was made for: the types alone say what is wrong
    const wrongType = faultOf(typesOf(schema as Schema), value, false);
    if (!wrongType) throw error;
    return wrongType;
  }
}

/** A schema without its own tests: what is of which type and nothing more. */
function typesOf(schema: Schema): Schema {
  const bare = schema.clone() as Schema & { tests: unknown[]; fields?: object; innerType?: unknown };
  bare.tests = [];
  if (bare.fields)
    bare.fields = Object.fromEntries(
      Object.entries(bare.fields).map(([name, field]) => [
        name,
        isSchema(field) ? typesOf(field as Schema) : (field as unknown),
      ]),
    );
  if (isSchema(bare.innerType)) bare.innerType = typesOf(bare.innerType as Schema);
  return bare;
}

/**
 * Parses a value by a schema, strictly: nothing is converted, unknown fields are refused.
 * @throws ProblemError 400 where it is not of the schema, 422 where it is of the right type but
 * impossible
 */
export function parse<T>(schema: Validating<T>, value: unknown): T {
  const nodes = walk(value);
  const fault = faultOf(schema, value, true);
  if (fault) throw refusal(nodes > ALL_FAULTS_UP_TO ? fault : (faultOf(schema, value, false) ?? fault));
  return value as T;
}
