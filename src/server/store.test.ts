import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import { ensureKey, writingKey } from './sealing/keys';
import { sealedTitle } from './sealing/sealedRows';
import { parseJobFile } from '@/contract/job';
import { ProblemError } from '@/contract/problem';
import { addToCrew } from './crew';
import { FileStore } from './files';
import { entry, newJob, temporaryStore } from './forTests';
import { appendEntries, createJob } from './jobs/entryStore';
import { jobLog } from './jobs/jobLog';
import { exportJob, importJob } from './jobs/jobFile';
import { boardJobs as boardParts, dayOf, listJobs } from './jobs/jobList';
import { catchUp, rebuildProjections } from './projection/rebuild';
import { bringUp } from './projection/project';
import { broughtUp } from './projection/soon';
import { openStore, type Store } from './store';

let store: Store;
let folder: string;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ store, folder, end } = await temporaryStore());
});
afterAll(() => end());

const make = async (title?: string) => {
  const request = newJob(title);
  await createJob(store.db, store.clock, request);
  return request;
};
/** Writes, and waits until the rows follow. */
const append = async (id: string, ...entries: Parameters<typeof entry>[]) => {
  const written = entries.map((one) => entry(...one));
  const receipts = await appendEntries(store.db, store.clock, id, written);
  await broughtUp(store.db);
  return receipts;
};
const boardJobs = async (db: Store['db'], q: string) =>
  (await boardParts(db, q, dayOf(store.clock.now()))).flatMap(({ jobs }) => jobs);
const status = (promise: Promise<unknown>): Promise<number> =>
  promise.then(
    () => 0,
    (error: unknown) => {
      if (error instanceof ProblemError) return error.status;
      throw error;
    },
  );
const point = { pointId: 'p', pointKind: 'doorbell', name: 'Front door' } as const;

describe('the log', () => {
  it('numbers entries per job from 1 without gaps', async () => {
    const job = await make();
    expect((await append(job.id, ['noteWritten', { text: 'a' }], ['noteWritten', { text: 'b' }])).last).toBe(2);
    const { entries } = await append(job.id, ['noteWritten', { text: 'c' }]);
    expect(entries.map(({ seq }) => seq)).toEqual([3]);
  });
  it('writes the same entry once, and refuses other content under its id', async () => {
    const job = await make();
    const one = entry('noteWritten', { text: 'once' });
    const first = await appendEntries(store.db, store.clock, job.id, [one, one]);
    const again = await appendEntries(store.db, store.clock, job.id, [one]);
    expect(again).toEqual({ entries: [first.entries[0]], last: 1 });
    const other = { ...one, data: { text: 'twice' } } as typeof one;
    expect(await status(appendEntries(store.db, store.clock, job.id, [other]))).toBe(409);
    expect((await jobLog(store.db, job.id)).entries).toHaveLength(1);
  });
  it('writes all or none', async () => {
    const job = await make();
    const good = entry('noteWritten', { text: 'good' });
    const bad = entry('readingTaken', { pointId: 'nowhere', what: 'mainsVolts', low: 119, high: 119 });
    expect(await status(appendEntries(store.db, store.clock, job.id, [good, bad]))).toBe(422);
    expect((await jobLog(store.db, job.id)).entries).toHaveLength(0);
  });
  it('knows a job it does not hold, a strike of nothing and a job made twice', async () => {
    expect(await status(append(v7(), ['noteWritten', { text: 'x' }]))).toBe(404);
    const job = await make();
    expect(await status(append(job.id, ['entryStruck', { target: v7() }]))).toBe(422);
    expect((await createJob(store.db, store.clock, job)).made).toBe(false);
    expect(await status(createJob(store.db, store.clock, { ...job, title: 'Other' }))).toBe(409);
  });
  it('is never updated or deleted, by triggers', async () => {
    const job = await make();
    await append(job.id, ['noteWritten', { text: 'stays' }]);
    for (const statement of [
      sql`UPDATE entries SET data = '{}' WHERE job_id = ${job.id}`,
      sql`DELETE FROM entries WHERE job_id = ${job.id}`,
      sql`UPDATE jobs SET title = 'x' WHERE id = ${job.id}`,
      sql`DELETE FROM jobs WHERE id = ${job.id}`,
    ])
      await expect(statement.execute(store.db)).rejects.toThrow('never changed');
  });
  it('are by whoever is of the crew under their own name; somebody who is not may write', async () => {
    const job = await make('Siskin House');
    await addToCrew(store.db, { id: 'wren', name: 'Wren', licensed: undefined });
    const by = (id: string, name: string) =>
      appendEntries(store.db, store.clock, job.id, [entry('noteWritten', { text: 'x' }, { by: { id, name } })]);
    await expect(by('wren', 'Ivo')).rejects.toMatchObject({
      status: 422,
      errors: [{ path: 'entries[0].by.name', message: 'is not the name of wren in the crew: Wren' }],
    });
    await by('wren', 'Wren');
    await by('another-program', 'Tally');
  });
  it('takes two crews writing at once, each entry once', async () => {
    const job = await make();
    const batches = Array.from({ length: 20 }, (_, i) => [entry('noteWritten', { text: `note ${i}` })]);
    await Promise.all(batches.map((batch) => appendEntries(store.db, store.clock, job.id, batch)));
    const { entries } = await jobLog(store.db, job.id);
    expect(entries.map(({ seq }) => seq)).toEqual(batches.map((_, i) => i + 1));
  });
  it('writes through a full sync', async () => {
    const { rows } = await sql<{ synchronous: number }>`PRAGMA synchronous`.execute(store.db);
    expect(rows[0]?.synchronous).toBe(2);
  });
});

describe('the board of a day', () => {
  it('shows today first, then what was left over last, and counts what there is no room for', async () => {
    const { store: own, end: done } = await temporaryStore();
    const put = async (title: string, expectedAt: string | null, finished = 0) => {
      const job = newJob(title);
      await createJob(own.db, own.clock, job);
      await broughtUp(own.db);
      await own.db
        .updateTable('board')
        .set({ expected_at: expectedAt, finished })
        .where('job_id', '=', job.id)
        .execute();
    };
    const day = dayOf('2026-03-04T12:00:00');
    const at = (hours: number): string => new Date(day.from * 1000 + hours * 3_600_000).toISOString();
    await put('late today', at(23.5));
    await put('early today', at(0));
    await put('tomorrow', at(24));
    await put('no day', null);
    await put('done', at(9), 1);
    for (let n = 1; n <= 70; n++) await put(`left ${n}`, at(-n));
    const parts = await boardParts(own.db, '', day);
    expect(parts.map(({ part, count, jobs }) => [part, count, jobs.length, jobs[0]?.title])).toEqual([
      ['today', 2, 2, 'early today'],
      ['earlier', 70, 60, 'left 1'],
      ['coming', 1, 1, 'tomorrow'],
      ['noDay', 1, 1, 'no day'],
      ['finished', 1, 1, 'done'],
    ]);
    expect((await boardParts(own.db, 'left', day)).map(({ count }) => count)).toEqual([70]);
    await done();
  });
});

describe('projections', () => {
  const dump = async () => ({
    board: await store.db.selectFrom('board').selectAll().orderBy('job_id').execute(),
    search: await store.db.selectFrom('job_search').select(['job_id', 'text']).orderBy('job_id').execute(),
  });
  it('equal the log after every kind of entry, and after a rebuild', async () => {
    const job = await make('Gull House');
    await append(
      job.id,
      ['siteDescribed', { name: 'Gull House', region: 'gb-230', address: 'Harbour Row 12' }],
      ['pointAdded', point],
      ['transformerDescribed', { supplyId: 'p', ratedVolts: 8, ratedVa: 8 }],
      ['noteWritten', { text: 'heron on the roof' }],
    );
    const before = await dump();
    expect(await rebuildProjections(store.db)).toBeGreaterThan(0);
    expect(await dump()).toEqual(before);
    const row = before.board.find(({ job_id }) => job_id === job.id);
    expect(JSON.parse(row?.points ?? '{}')).toMatchObject({
      points: [{ name: 'Front door', verdict: { word: 'leading' } }],
    });
  });
  it('find a job by any word in it, a page at a time', async () => {
    const titles = ['Marram One', 'Marram Two', 'Marram Three'];
    for (const title of titles) await make(title);
    const first = await listJobs(store.db, { q: 'marr', limit: 2, after: null });
    expect(first.jobs).toHaveLength(2);
    const rest = await listJobs(store.db, { q: 'marr', limit: 2, after: first.after });
    expect(rest.after).toBeNull();
    expect([...first.jobs, ...rest.jobs].map(({ title }) => title).sort()).toEqual([...titles].sort());
    expect((await boardJobs(store.db, 'heron')).map(({ title }) => title)).toEqual(['Gull House']);
    expect(await boardJobs(store.db, '"*()')).toEqual([]);
    expect(await status(listJobs(store.db, { q: '', limit: 2, after: 'nonsense' }))).toBe(400);
  });
  it('never refuse an entry: the fact is kept, the row says that it could not be made, and is made later', async () => {
    const job = await make('Skua Point');
    await append(job.id, ['pointAdded', point]);
    const broken = (): never => {
      throw new Error('a view that is broken');
    };
    expect(await bringUp(store.db, job.id, broken)).toBe(false);
    const rows = await boardJobs(store.db, 'skua');
    // What stood there stays
    expect(rows).toMatchObject([{ fault: 'a view that is broken', points: [{ name: 'Front door' }] }]);
    expect((await jobLog(store.db, job.id)).entries).toHaveLength(1);
    expect(await catchUp(store.db)).toBeGreaterThan(0);
    expect(await boardJobs(store.db, 'skua')).toMatchObject([{ fault: null }]);
  });
  it('are told to be behind as long as what was written is being worked out', async () => {
    const job = await make('Snipe Marsh');
    await append(job.id, ['pointAdded', point]);
    expect(await boardJobs(store.db, 'snipe')).toMatchObject([{ isBehind: false, fault: null }]);
    const row = store.db.updateTable('board').where('job_id', '=', job.id);
    await row.set({ last_seq: 0 }).execute();
    expect(await boardJobs(store.db, 'snipe')).toMatchObject([{ isBehind: true, fault: null }]);
    // One that can’t be made is not being worked out
    await row.set({ fault: 'a view that is broken' }).execute();
    expect(await boardJobs(store.db, 'snipe')).toMatchObject([{ isBehind: false, fault: 'a view that is broken' }]);
    await bringUp(store.db, job.id);
    expect(await boardJobs(store.db, 'snipe')).toMatchObject([{ isBehind: false, fault: null }]);
  });
  it('say so too on the row of a job that never had one', async () => {
    const id = v7();
    await ensureKey(store.db, id);
    await store.db
      .insertInto('jobs')
      .values({
        id,
        title: sealedTitle(await writingKey(store.db, id), id, 'Gannet Rock'),
        created_at: store.clock.now(),
        received_at: store.clock.now(),
        by_id: null,
        by_name: null,
      })
      .execute();
    const broken = (): never => {
      throw new Error('broken');
    };
    expect(await bringUp(store.db, id, broken)).toBe(false);
    const row = (await boardJobs(store.db, '')).find((one) => one.id === id);
    expect(row).toMatchObject({ title: 'Gannet Rock', points: [], fault: 'broken' });
    await bringUp(store.db, id);
  });
  it('are brought up at a start where the log went on without them, or another code made them', async () => {
    const job = await make('Dotterel Hill');
    await append(job.id, ['pointAdded', point]);
    const row = () => store.db.selectFrom('board').selectAll().where('job_id', '=', job.id).executeTakeFirstOrThrow();
    const made = await row();
    // As a kill between the commit and the row leaves it
    await store.db
      .updateTable('board')
      .set({ last_seq: 0, points: '[]', made_by: 'x' })
      .where('job_id', '=', job.id)
      .execute();
    expect(await catchUp(store.db)).toBeGreaterThan(0);
    expect(await row()).toEqual(made);
    await store.db.updateTable('board').set({ made_by: 'another code' }).where('job_id', '=', job.id).execute();
    await catchUp(store.db);
    expect((await row()).made_by).toBe(made.made_by);
  });
  it('are shown as unread where somebody has meddled with a row', async () => {
    const job = await make('Knot Meadow');
    await store.db.updateTable('board').set({ points: '[{"id":1}]' }).where('job_id', '=', job.id).execute();
    expect(await boardJobs(store.db, 'meadow')).toMatchObject([{ points: [], fault: 'the row can’t be read' }]);
    await bringUp(store.db, job.id);
  });
  it('survive a restart', async () => {
    const again = await openStore(folder);
    const jobs = await boardJobs(again.db, 'gull');
    await again.db.destroy();
    expect(jobs).toHaveLength(1);
  });
});

describe('points and things', () => {
  it('are struck with a reason once something was built there, and freely before', async () => {
    const job = await make('Ruff Lane');
    const added = entry('pointAdded', point);
    const strike = (reason?: string) => entry('entryStruck', { target: added.id, ...(reason ? { reason } : {}) });
    await appendEntries(store.db, store.clock, job.id, [added]);
    await append(job.id, ['stepTicked', { pointId: 'p', stepId: 'door-d1', touches: 'bell', how: 'done' }]);
    expect(await status(appendEntries(store.db, store.clock, job.id, [strike()]))).toBe(422);
    expect(await status(append(job.id, ['pointHung', { pointId: 'p', pointKind: 'floodlight' }]))).toBe(422);
    expect(await status(appendEntries(store.db, store.clock, job.id, [strike('customer said no')]))).toBe(0);
    const other = entry('pointAdded', { ...point, pointId: 'q' });
    await appendEntries(store.db, store.clock, job.id, [other]);
    expect(await status(append(job.id, ['pointHung', { pointId: 'q', pointKind: 'floodlight' }]))).toBe(0);
    expect(await status(append(job.id, ['entryStruck', { target: other.id }]))).toBe(0);
  });
  it('stay while something hangs on them', async () => {
    const job = await make('Stint Close');
    const found = entry('thingFound', { thingId: 's2', thing: 'supply', name: 'attic' });
    await appendEntries(store.db, store.clock, job.id, [found]);
    await append(job.id, ['pointAdded', { ...point, supplyId: 's2' }]);
    const refused = appendEntries(store.db, store.clock, job.id, [entry('entryStruck', { target: found.id })]);
    await expect(refused).rejects.toThrow('Front door hangs on it');
    await append(job.id, ['pointHung', { pointId: 'p', supplyId: 'p' }]);
    expect(await status(append(job.id, ['entryStruck', { target: found.id }]))).toBe(0);
  });
  it('are refused where they are not there, each by its name', async () => {
    const job = await make('Dunlin Rise');
    await append(job.id, ['pointAdded', point]);
    const says = async (...one: Parameters<typeof append>[1]) =>
      append(job.id, one).then(
        () => '',
        (error: unknown) => (error instanceof ProblemError ? error.detail : ''),
      );
    expect(await says('transformerDescribed', { supplyId: 'nowhere', ratedVa: 10 })).toContain('no such supply');
    expect(await says('chimeDescribed', { chimeId: 'nowhere', ratedVa: 10 })).toContain('no such chime');
    expect(await says('boxDescribed', { boxId: 'nowhere' })).toContain('no such box');
    expect(await says('circuitsCompared', { circuitId: 'a', otherId: 'b', same: 'yes' })).toContain('no such circuit');
  });
});

describe('the job file', () => {
  it('goes out and comes back the same, with its attachments', async () => {
    const job = await make('Kelp Row 14');
    await append(job.id, ['pointAdded', point], ['noteWritten', { text: 'gate code with the neighbour' }]);
    const bytes = Buffer.from('a picture');
    const attachment = {
      id: 'a1',
      mediaType: 'image/png',
      sha256: FileStore.nameOf(bytes),
      base64: bytes.toString('base64'),
    };
    const file = { ...(await exportJob(store.db, store.files, job.id)), attachments: [attachment] };
    const other = await temporaryStore();
    const { db, clock, files } = other.store;
    const take = (one: unknown) => importJob(db, clock, files, parseJobFile(JSON.parse(JSON.stringify(one))));
    expect((await take(file)).made).toBe(true);
    expect((await take(file)).made).toBe(false);
    const back = await exportJob(db, files, job.id);
    expect(back.attachments).toEqual([attachment]);
    const strip = (entries: readonly object[]) => entries.map((one) => ({ ...one, receivedAt: '', imported: true }));
    expect(strip(back.entries)).toEqual(strip(file.entries));
    const damaged = { ...file, job: { ...file.job, id: v7() }, attachments: [{ ...attachment, base64: 'AAAA' }] };
    expect(await status(take(damaged))).toBe(422);
    await other.end();
  });
  it('adds what is new to a known job, numbered at its end and read by its time, and says when ids are taken', async () => {
    const job = await make('Merged');
    await append(job.id, ['noteWritten', { text: 'here' }]);
    const file = await exportJob(store.db, store.files, job.id);
    const from = entry('noteWritten', { text: 'from the other van' });
    await append(job.id, ['noteWritten', { text: 'meanwhile' }]);
    const merged = await importJob(store.db, store.clock, store.files, { ...file, entries: [from, ...file.entries] });
    expect(merged.job.notes.map(({ text }) => text)).toEqual(['here', 'from the other van', 'meanwhile']);
    expect(merged.job.last).toBe(3);
    const clash = { ...file, entries: [{ ...from, data: { text: 'changed' } } as typeof from] };
    expect(await status(importJob(store.db, store.clock, store.files, clash))).toBe(409);
  });
});
