import { convertSchema, type JsonSchema } from './convertSchema.mjs';
import type { AnySchema } from 'yup';

const isSchema = (value: unknown): value is JsonSchema => typeof value === 'object' && value !== null;

/** What the converter leaves out or adds: objects take no unknown fields, and a made-up default is no default. */
function tidied({ default: _default, ...schema }: JsonSchema): JsonSchema {
  const { properties, items } = schema;
  return {
    ...schema,
    ...(properties
      ? {
          properties: Object.fromEntries(Object.entries(properties).map(([name, inner]) => [name, tidied(inner)])),
          additionalProperties: false,
        }
      : {}),
    ...(isSchema(items) ? { items: tidied(items) } : {}),
  };
}

/** The JSON Schema (2020-12) of a Yup schema. Tests that no schema can say (“either awg or mm2”) are not in it. */
export const jsonSchemaOf = (schema: AnySchema): JsonSchema => tidied(convertSchema(schema));
