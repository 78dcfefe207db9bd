import type { JsonSchema } from './convertSchema.mjs';
import { JOB_FILE_FORMAT, JOB_FILE_VERSION, jobFileBody } from '../job';
import { NUMBERED, dataSchemas, entrySchema } from './entrySchemas';
import { jsonSchemaOf } from './jsonSchema';

/** The JSON Schema of the job file; it stands in `docs/formats/`. */
export function jobFileSchema(): JsonSchema {
  const body = jsonSchemaOf(jobFileBody);
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Fox Ladder job file',
    ...body,
    properties: {
      ...body.properties,
      format: { const: JOB_FILE_FORMAT },
      version: { const: JOB_FILE_VERSION },
      entries: { type: 'array', items: entrySchema('#/$defs/', NUMBERED) },
    },
    $defs: dataSchemas(),
  };
}
