import { SHELF_IDS, SHELVES, type Column, type Shelf } from '@/core/catalogue';
import { CATALOGUE_FORMAT, CATALOGUE_VERSION, MOST_ITEMS } from '../catalogueFile';
import type { JsonSchema } from './convertSchema.mjs';

function valueSchema(column: Column): JsonSchema {
  switch (column.type) {
    case 'text':
      return { type: 'string', minLength: 1, maxLength: column.most };
    case 'figure':
      return { type: 'number', minimum: column.least, maximum: column.most };
    case 'choice':
      return { enum: column.of };
    case 'list':
      return { type: 'array', items: column.of ? { enum: column.of } : { type: 'string' }, maxItems: column.most };
  }
}

const valuesSchema = ({ columns }: Shelf): JsonSchema => ({
  type: 'object',
  properties: Object.fromEntries(columns.map((column) => [column.name, valueSchema(column)])),
  required: columns.filter(({ optional }) => !optional).map(({ name }) => name),
  additionalProperties: false,
});

/** Schemas of the catalogue, made from the columns of its shelves. */
export function catalogueSchemas(home: string): Readonly<Record<string, JsonSchema>> {
  const item: JsonSchema = {
    oneOf: SHELF_IDS.map((shelf) => ({
      type: 'object',
      properties: { shelf: { const: shelf }, values: valuesSchema(SHELVES[shelf]) },
      required: ['shelf', 'values'],
      additionalProperties: false,
    })),
  };
  const items: JsonSchema = { type: 'array', items: { $ref: `${home}CatalogueItem` }, maxItems: MOST_ITEMS };
  const file: JsonSchema = {
    type: 'object',
    properties: { format: { const: CATALOGUE_FORMAT }, version: { const: CATALOGUE_VERSION }, items },
    required: ['items'],
    additionalProperties: false,
  };
  return {
    CatalogueItem: item,
    CatalogueItems: file,
    CatalogueFile: { ...file, required: ['format', 'version', 'items'] },
    Catalogue: {
      type: 'object',
      properties: Object.fromEntries(
        SHELF_IDS.map((shelf) => [
          shelf,
          {
            type: 'array',
            items: {
              type: 'object',
              properties: {
                values: valuesSchema(SHELVES[shelf]),
                own: { type: 'boolean' },
                instead: { type: 'boolean' },
              },
              required: ['values', 'own', 'instead'],
            },
          },
        ]),
      ),
      required: [...SHELF_IDS],
    },
  };
}
