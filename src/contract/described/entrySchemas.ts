import { said } from '@/core/said';
import { sayIn } from '@/words';
import type { JsonSchema } from './convertSchema.mjs';

import { ENTRY_KINDS, factOf, versionOf, type EntryKind } from '@/core/kinds';
import { regionPack } from '@/core/region';
import { capital } from '@/core/units';
import { entryEnvelope } from '../job';
import { jsonSchemaOf } from './jsonSchema';

const KINDS = Object.keys(ENTRY_KINDS) as EntryKind[];
const dataName = (kind: EntryKind): string => `${capital(kind)}Data`;
/** Documents speak in the terms of the default region. */
const REGION = regionPack(undefined);
const SAY = sayIn({ region: REGION, lengths: REGION.lengths });

/** In which unit a fact is kept, or what its answers mean. */
function meaningOf(kind: string, field: string): string {
  const form = factOf(kind, field)?.form;
  switch (form?.is) {
    case 'tape':
    case 'run':
      return 'metres';
    case 'figure':
      return form.rule.unit;
    case 'choice':
    case 'choices':
      return form.answers
        .map((value) => [value, SAY(said('answer', { kind, field, value }))] as const)
        .filter(([value, words]) => words !== value)
        .map(([value, words]) => `${value}: ${words}`)
        .join('; ');
    case 'text':
    case 'other':
    case undefined:
      return '';
  }
}

/** A field as its fact is described; as it is where it is none. */
function titled(kind: EntryKind, field: string, schema: JsonSchema): JsonSchema {
  if (!factOf(kind, field)) return schema;
  const description = meaningOf(kind, field);
  return { title: SAY(said('fact', { kind, field })), ...(description ? { description } : {}), ...schema };
}

function dataSchema(kind: EntryKind): JsonSchema {
  const schema = jsonSchemaOf(ENTRY_KINDS[kind]);
  const fields = Object.entries(schema.properties ?? {});
  return { ...schema, properties: Object.fromEntries(fields.map(([name, one]) => [name, titled(kind, name, one)])) };
}

/** The data of every kind, by name. */
export const dataSchemas = (): Readonly<Record<string, JsonSchema>> =>
  Object.fromEntries(KINDS.map((kind) => [dataName(kind), dataSchema(kind)]));

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

/** What a server adds to an entry, and has always added. */
export const ALWAYS_ADDED = ['seq', 'receivedAt'] as const;
/** What a server adds to an entry. */
export const NUMBERED: Readonly<Record<string, JsonSchema>> = {
  seq: { type: 'integer', minimum: 1 },
  receivedAt: { type: 'string', format: 'date-time' },
  imported: { type: 'boolean', description: 'taken in with a file: what it proved is history' },
};
