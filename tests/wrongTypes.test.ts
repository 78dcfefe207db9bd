import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { isSchema } from 'yup';
import { aimRequest, answerAim } from '@/contract/aim';
import { answerBell, bellRequest } from '@/contract/bell';
import { answerBoxFill, boxFillRequest } from '@/contract/boxFill';
import { adviceRequest } from '@/contract/adviceRequest';
import { answerBreakerHunt, breakerHuntRequest } from '@/contract/breakerHunt';
import { newCrewRequest, newJobRequest, parseEntries, parseJobFile } from '@/contract/job';
import { answerLight, lightRequest } from '@/contract/light';
import { parse, type Validating } from '@/contract/parse';
import { answerPose, poseRequest } from '@/contract/pose';
import { ProblemError } from '@/contract/problem';
import { answerDiagnose, diagnoseRequest } from '@/contract/diagnose';
import { answerNextTest, nextTestRequest } from '@/contract/nextTest';
import { answerSearchOrder, searchOrderRequest } from '@/contract/searchOrder';
import { settingsRequest } from '@/contract/settings';
import { answerSourceFit, sourceFitRequest } from '@/contract/sourceFit';
import { answerView, viewRequest } from '@/contract/view';
import { ENTRY_KINDS, type EntryKind } from '@/core/kinds';
import { runs } from './runs';

// Whatever is handed in, of whatever types, in whatever place: a refusal with its place, never a fault of the program.

const JUNK: readonly unknown[] = [
  null,
  1,
  -1,
  1e308,
  '',
  'x',
  '__proto__',
  'constructor',
  true,
  [],
  [null],
  [[]],
  {},
  { kind: '__proto__' },
  { toString: 1 },
];
const junk = fc.constantFrom(...JUNK);

interface Inside {
  readonly fields?: Readonly<Record<string, unknown>>;
  readonly innerType?: unknown;
  readonly spec?: { readonly types?: readonly unknown[] };
  readonly describe: () => { readonly oneOf?: readonly unknown[]; readonly type: string };
}

/** Something near a schema’s values, with a wrong type here and there, one of its kinds most of the time. */
function near(schema: unknown): fc.Arbitrary<unknown> {
  const { fields, innerType, spec, describe: told } = schema as Inside;
  const likely = (value: fc.Arbitrary<unknown>) =>
    fc.oneof({ weight: 5, arbitrary: value }, { weight: 1, arbitrary: junk });
  if (fields)
    return likely(
      fc.record(
        Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, isSchema(field) ? near(field) : junk])),
        { requiredKeys: [] },
      ),
    );
  if (innerType) return likely(fc.array(isSchema(innerType) ? near(innerType) : junk, { maxLength: 3 }));
  if (spec?.types) return likely(fc.tuple(...spec.types.map((one) => (isSchema(one) ? near(one) : junk))));
  const { oneOf = [], type } = told.call(schema);
  const known = oneOf.filter((one) => typeof one !== 'object');
  if (known.length > 0) return likely(fc.constantFrom(...known));
  return likely(
    type === 'number'
      ? fc.constantFrom<unknown>(0, 1, 12, 0.5, -3, 1e9)
      : type === 'boolean'
        ? fc.boolean()
        : fc.constantFrom<unknown>('a', '2026-03-04T09:00:00Z', '018f0000-0000-7000-8000-000000000001'),
  );
}

/** A refusal of its own, with where it is, or none; anything else fails the test. */
function refusedOrFine(run: () => unknown): void {
  try {
    run();
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    expect([400, 413, 422]).toContain(error.status);
    expect(error.detail).not.toBe('');
  }
}
const tried = (schema: unknown, run: (value: unknown) => unknown) =>
  fc.assert(
    fc.property(near(schema), (value) => refusedOrFine(() => run(JSON.parse(JSON.stringify(value))))),
    { seed: 162, numRuns: runs(120) },
  );

describe('wrong types', () => {
  it.each(Object.entries(ENTRY_KINDS) as [EntryKind, unknown][])('in an entry %s are refused', (kind, schema) => {
    const envelope = (data: unknown) => ({
      id: '018f0000-0000-7000-8000-000000000001',
      at: '2026-03-04T09:00:00Z',
      by: { id: 'ines', name: 'Ines' },
      kind,
      version: 1,
      data,
    });
    tried(schema, (data) => parseEntries({ entries: [envelope(data)] }));
  });
  it.each<[string, Validating<unknown>, (value: never) => unknown]>([
    ['bell', bellRequest, answerBell],
    ['source-fit', sourceFitRequest, answerSourceFit],
    ['box-fill', boxFillRequest, answerBoxFill],
    ['breaker-hunt', breakerHuntRequest, answerBreakerHunt],
    ['next-test', nextTestRequest, answerNextTest],
    ['diagnose', diagnoseRequest, answerDiagnose],
    ['search-order', searchOrderRequest, answerSearchOrder],
    ['view', viewRequest, answerView],
    ['light', lightRequest, answerLight],
    ['aim', aimRequest, answerAim],
    ['pose', poseRequest, answerPose],
    ['advice', adviceRequest, () => null],
    ['a new job', newJobRequest, () => null],
    ['somebody of the crew', newCrewRequest, () => null],
    ['settings', settingsRequest, () => null],
  ])('in %s are refused', (_what, schema, run) => {
    tried(schema, (value) => run(parse(schema, value) as never));
  });
  it('in a job file are refused with their place', () => {
    for (const wrong of JUNK) {
      refusedOrFine(() => parseJobFile(wrong));
      refusedOrFine(() => parseJobFile({ format: 'fox-ladder/job', version: 1, job: wrong, entries: [wrong] }));
      refusedOrFine(() => parseEntries({ entries: [wrong] }));
    }
  });
  it('are named by their place: an empty pair of screws, a load of no kind', () => {
    const taps = () =>
      parseEntries({
        entries: [
          {
            id: '018f0000-0000-7000-8000-000000000001',
            at: '2026-03-04T09:00:00Z',
            by: { id: 'ines', name: 'Ines' },
            kind: 'transformerDescribed',
            data: { supplyId: 's', taps: [null] },
          },
        ],
      });
    expect(taps).toThrow(
      expect.objectContaining({ status: 400, errors: [expect.objectContaining({ path: 'entries[0].data.taps[0]' })] }),
    );
  });
});
