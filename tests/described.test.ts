import { readFileSync, readdirSync } from 'node:fs';
import { compileErrors, validate } from '@readme/openapi-parser';
import Ajv from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { describe, expect, it } from 'vitest';
import { demoJobs } from '@/demo/demoFirm';
import { dataSchemas } from '@/contract/described/entrySchemas';
import { jobFileSchema } from '@/contract/described/jobFileSchema';
import { openApi } from '@/contract/described/openApi';

const ajv = () => addFormats(new Ajv({ strict: false, allErrors: true }));

let count = 0;
const newId = () => `00000000-0000-7000-8000-${String(++count).padStart(12, '0')}`;
const day = (days: number, hour: number) => Date.UTC(2026, 2, 10 + days, hour);
const fileOf = ({ title, entries }: ReturnType<typeof demoJobs>[number]) => ({
  format: 'fox-ladder/job',
  version: 1,
  job: { id: newId(), createdAt: '2026-03-10T08:00:00Z', title },
  entries,
  attachments: [],
});

describe('the schemas of the entries', () => {
  it('say of each fact what it is called, its unit, and what its answers mean', () => {
    const { properties } = dataSchemas().PointDescribedData ?? {};
    expect(properties?.leadReachM).toMatchObject({ title: 'lead reaches out of the hole', description: 'metres' });
    expect(properties?.sun).toMatchObject({
      title: 'sun',
      description: 'lowSun: low sun into it; fullSun: full sun',
    });
    expect(properties?.pointId).not.toHaveProperty('title');
    expect(dataSchemas().TransformerDescribedData?.properties?.ratedVa).toMatchObject({ description: 'VA' });
  });
});

describe('the OpenAPI document', () => {
  it('is valid OpenAPI 3.1', async () => {
    const document = structuredClone(openApi()) as Parameters<typeof validate>[0];
    const result = await validate(document);
    expect(result.valid ? '' : compileErrors(result)).toBe('');
  });
  it('is refused once it is broken: the check can fail', async () => {
    const broken = { ...openApi(), paths: { '/x': { get: { responses: 'none' } } } };
    expect((await validate(structuredClone(broken) as unknown as Parameters<typeof validate>[0])).valid).toBe(false);
  });
  it('has every route that the server has, with its methods', () => {
    const { paths } = openApi() as { paths: Record<string, Record<string, object>> };
    const root = 'src/app/api/v1';
    const inFolders = readdirSync(root, { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('route.ts') && !file.includes('[...'))
      .map((file) => {
        const path = `/api/v1/${file.replace(/\/route\.ts$/, '').replace(/\[(\w+)\]/g, '{$1}')}`;
        const text = readFileSync(`${root}/${file}`, 'utf8');
        return [path, [...text.matchAll(/^export (?:const|function) (GET|POST|DELETE)\b/gm)].map(([, one]) => one)];
      });
    const described = Object.entries(paths).map(([path, methods]) => [
      path,
      Object.keys(methods).map((method) => method.toUpperCase()),
    ]);
    const sorted = (list: readonly unknown[][]) =>
      list.map(([path, methods]) => `${String(path)} ${[...(methods as string[])].toSorted().join(' ')}`).toSorted();
    expect(sorted(described)).toEqual(sorted(inFolders));
  });
  it('names every operation once', () => {
    const { paths } = openApi() as { paths: Record<string, Record<string, { operationId: string }>> };
    const ids = Object.values(paths).flatMap((methods) => Object.values(methods).map(({ operationId }) => operationId));
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toContain('postComputeBell');
  });
});

describe('the schema of the job file', () => {
  const check = ajv().compile(jobFileSchema());
  it('stands in docs/formats as the program has it', () => {
    expect(JSON.parse(readFileSync('docs/formats/job-file-1.schema.json', 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(jobFileSchema())),
    );
  });
  it.each(demoJobs(newId, day).map((job) => [job.title, job] as const))('takes %s', (_title, job) => {
    check(fileOf(job));
    expect(check.errors ?? []).toEqual([]);
  });
  it('refuses an unknown kind, an unknown field and another version', () => {
    const [job] = demoJobs(newId, day);
    if (!job) throw new Error('no demo job');
    const file = fileOf(job);
    const [first, ...rest] = file.entries;
    expect(check({ ...file, entries: [{ ...first, kind: 'sang' }, ...rest] })).toBe(false);
    expect(check({ ...file, entries: [{ ...first, data: { colour: 'red' } }, ...rest] })).toBe(false);
    expect(check({ ...file, version: 2 })).toBe(false);
  });
});
