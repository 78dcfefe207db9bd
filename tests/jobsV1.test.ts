import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseJobFile } from '@/contract/job';
import { fold, type Job } from '@/core/job';
import { readingsAt } from '@/core/points';
import { ENTRY_KINDS, lifted, newEntry, versionOf, type EntryKind } from '@/core/kinds';
import { ProblemError } from '@/contract/problem';
import { importJob } from '@/server/jobs/jobFile';
import { temporaryStore } from '@/server/forTests';

// Job files as the first form of the program wrote them, and what that program made of each: points, readings, circuits,
// proofs. Whatever becomes of the kinds, these files go on saying the same.
const FOLDER = 'tests/jobs-v1';
const read = (name: string): unknown => JSON.parse(readFileSync(`${FOLDER}/${name}`, 'utf8')) as unknown;
const FILES = readdirSync(FOLDER).filter((name) => name.endsWith('.foxjob.json'));

const summary = (job: Job) => ({
  points: job.points.map((point) => ({
    id: point.id,
    kind: point.kind,
    name: point.name,
    readings: readingsAt(point).length,
    tests: point.tests.length,
    cables: point.cables.length,
    checks: Object.keys(point.checks).length,
    ticks: Object.fromEntries(Object.entries(point.ticks).map(([id, { proofStood }]) => [id, proofStood])),
  })),
  circuits: job.circuits.map(({ id, way, name, feeds, state, proofs }) => ({
    id,
    way,
    name,
    feeds,
    state: state.state,
    mains: proofs.some(({ stands, proof }) => stands && proof.weight === 'mains'),
    bell: proofs.some(({ stands, proof }) => stands && proof.weight === 'bell'),
  })),
  boards: job.boards.map(({ ways }) => ways.length),
  photos: job.photos.length,
  notes: job.notes.length,
  last: job.last,
});

type Summary = ReturnType<typeof summary>;
const expected = read('expected.json') as Readonly<Record<string, Summary | undefined>>;

describe('job files of the first form', () => {
  it.each(FILES)('%s comes in whole, with no proof more', (name) => {
    const file = parseJobFile(read(name));
    const entries = file.entries.map((entry, i) => ({ ...entry, seq: i + 1, receivedAt: entry.at }));
    expect(summary(fold(file.job, entries))).toEqual(expected[name]);
    for (const { kind, version } of entries) expect(version).toBe(versionOf(kind));
  });

  it('comes in through the store, and the same file again changes nothing', async () => {
    const { store, end } = await temporaryStore();
    try {
      const raw = read('lapwing-lodge.foxjob.json');
      const first = await importJob(store.db, store.clock, store.files, parseJobFile(raw));
      expect(first.made).toBe(true);
      const { circuits = [], ...rest } = expected['lapwing-lodge.foxjob.json'] ?? {};
      expect(summary(first.job)).toEqual({
        ...rest,
        // What was proved elsewhere is history: no proof of it stands here
        circuits: circuits.map((circuit) => ({ ...circuit, bell: false, mains: false })),
      });
      expect((await importJob(store.db, store.clock, store.files, parseJobFile(raw))).made).toBe(false);
    } finally {
      await end();
    }
  });

  it('refuses an entry that is newer than the program, and names it', () => {
    const raw = read('knot-cottage.foxjob.json') as { entries: Record<string, unknown>[] };
    const [first, ...rest] = raw.entries;
    const newer = { ...raw, entries: [{ ...first, version: 99 }, ...rest] };
    expect(() => parseJobFile(newer)).toThrow(/entries\[0\].*of version 99; this program reads up to version/);
    const odd = { ...raw, entries: [{ ...first, version: 1.5 }, ...rest] };
    expect(() => parseJobFile(odd)).toThrow(ProblemError);
  });
});

describe('lifting', () => {
  it('says of an old tick what its plan touched then, and takes an unknown step for mains', () => {
    const touches = (stepId: unknown): unknown =>
      lifted('stepTicked', 1, { pointId: 'p', stepId, how: 'done' }).touches;
    expect(touches('door-d1')).toBe('bell');
    expect(touches('chime-label')).toBe('nothing');
    expect(touches('box-hot')).toBe('mains');
    expect(touches('invented')).toBe('mains');
    expect(touches(undefined)).toBe('mains');
  });
  it('takes the new form from whoever says no version', () => {
    expect(lifted('boxDescribed', 1, { boxId: 'b', material: 'metal' })).toEqual({ boxId: 'b', material: 'metal' });
    expect(lifted('boxDescribed', 1, { pointId: 'p' })).toEqual({ boxId: 'p' });
    expect(lifted('pointAdded', 1, { pointId: 'p', pointKind: 'doorbell', supplyId: 's' })).toMatchObject({
      supplyId: 's',
      chimeId: 'p',
    });
    expect(lifted('stepTicked', 1, { stepId: 'box-hot', touches: 'bell' }).touches).toBe('bell');
  });
  it('leaves data of the newest version alone', () => {
    const data = { pointId: 'p', stepId: 'box-hot', touches: 'nothing', how: 'done' };
    expect(lifted('stepTicked', versionOf('stepTicked'), data)).toEqual(data);
  });
  it('writes entries with the newest version of their kind', () => {
    const made = { id: 'e', at: '', by: { id: 'i', name: 'I' } };
    expect(newEntry('noteWritten', { text: 'x' }, made).version).toBe(1);
    const tick = { pointId: 'p', stepId: 's', touches: 'bell', how: 'done' } as const;
    expect(newEntry('stepTicked', tick, made).version).toBe(3);
    for (const kind of Object.keys(ENTRY_KINDS) as EntryKind[]) expect(versionOf(kind)).toBeGreaterThanOrEqual(1);
  });
});
