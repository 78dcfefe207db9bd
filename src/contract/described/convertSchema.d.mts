import type { AnySchema } from 'yup';

export interface JsonSchema {
  type?: string | string[];
  properties?: Record<string, JsonSchema>;
  required?: string[];
  [keyword: string]: unknown;
}

/** JSON Schema of a Yup schema, as far as its description goes. */
export function convertSchema(schema: AnySchema): JsonSchema;
