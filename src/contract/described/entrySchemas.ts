import type { JsonSchema } from './convertSchema.mjs';
import { ENTRY_KINDS, versionOf, type EntryKind } from '@/core/kinds';
import { entryEnvelope } from '../job';
import { jsonSchemaOf } from './jsonSchema';

const KINDS = Object.keys(ENTRY_KINDS) as EntryKind[];
const dataName = (kind: EntryKind): string => `${kind.charAt(0).toUpperCase()}${kind.slice(1)}Data`;

/** The data of every kind, by name. */
export const dataSchemas = (): Readonly<Record<string, JsonSchema>> =>
  Object.fromEntries(KINDS.map((kind) => [dataName(kind), jsonSchemaOf(ENTRY_KINDS[kind])]));

/**
 * One of all kinds of entries.
 * @param home where the data’s schemas stand in the document
 * @param more fields that are there beside the envelope’s, with those of them that must be there
 */
export function entrySchema(
  home: string,
  more: Readonly<Record<string, JsonSchema>> = {},
  must: readonly string[] = [],
): JsonSchema {
  const envelope = jsonSchemaOf(entryEnvelope);
  return {
    oneOf: KINDS.map((kind) => ({
      type: 'object',
      title: kind,
      properties: {
        ...envelope.properties,
        kind: { const: kind },
        version: { const: versionOf(kind) },
        data: { $ref: `${home}${dataName(kind)}` },
        ...more,
      },
      // Left out it is 1
      required: [...(envelope.required ?? []), ...(versionOf(kind) > 1 ? ['version'] : []), ...must],
      additionalProperties: false,
    })),
  };
}

/** What a server adds to an entry. */
export const NUMBERED: Readonly<Record<string, JsonSchema>> = {
  seq: { type: 'integer', minimum: 1 },
  receivedAt: { type: 'string', format: 'date-time' },
};
