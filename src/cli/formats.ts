import { mkdirSync, writeFileSync } from 'node:fs';
import { jobFileSchema } from '@/contract/described/jobFileSchema';

// Writes the JSON Schema of the job file to docs/formats; a test holds it against what the program takes.
mkdirSync('docs/formats', { recursive: true });
writeFileSync('docs/formats/job-file-1.schema.json', `${JSON.stringify(jobFileSchema(), null, 2)}\n`);
