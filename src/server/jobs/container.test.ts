import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { pack } from 'tar-stream';
import { ProblemError } from '@/contract/problem';
import { FileStore } from '../files';
import { entry, newJob, temporaryStore } from '../forTests';
import type { Store } from '../storeOf';
import { containerOf, takeContainer } from './container';
import { attachmentsOf, contentOfFile, keepFile } from './attachments';
import { appendEntries, createJob } from './entryStore';
import { exportJob } from './jobFile';
import { jobLog } from './jobLog';

let here: Awaited<ReturnType<typeof temporaryStore>>;
let there: Awaited<ReturnType<typeof temporaryStore>>;
beforeAll(async () => {
  here = await temporaryStore();
  there = await temporaryStore();
});
afterAll(async () => {
  await here.end();
  await there.end();
});

const take = (store: Store, bytes: Uint8Array) => takeContainer(store, Readable.from([bytes]));

/** A job with a note and so many photos, as a container. */
async function jobWith(photos: number): Promise<{ readonly id: string; readonly container: Buffer }> {
  const { db, clock, files } = here.store;
  const job = newJob('Tern Cottage');
  await createJob(db, clock, job);
  await appendEntries(db, clock, job.id, [entry('noteWritten', { text: 'wasps' })]);
  for (let n = 0; n < photos; n++) {
    const bytes = Buffer.alloc(40_000, `picture ${n} of ${job.id}`);
    const sha256 = FileStore.nameOf(bytes);
    const file = await keepFile({ db, files }, job.id, { id: sha256, mediaType: 'image/jpeg' }, bytes);
    await db
      .insertInto('attachments')
      .values({ job_id: job.id, ...file })
      .execute();
    await appendEntries(db, clock, job.id, [
      entry('photoAttached', { photoId: `p${n}`, sha256, widthPx: 400, heightPx: 300 }),
    ]);
  }
  return { id: job.id, container: await buffer((await containerOf(db, files, job.id)).stream) };
}

/** An archive of these parts. */
const archived = (parts: readonly (readonly [string, string | Buffer])[]): Promise<Buffer> => {
  const archive = pack();
  for (const [name, content] of parts) archive.entry({ name }, content);
  archive.finalize();
  return buffer(archive);
};
const NAME = FileStore.nameOf(Buffer.from('a picture'));
const listed = (more: object = {}) =>
  JSON.stringify({
    format: 'fox-ladder/job-container',
    version: 1,
    job: { id: '018f0000-0000-7000-8000-00000000c001', createdAt: '2026-03-04T09:00:00Z', title: 'Gull House' },
    entries: [],
    attachments: [{ id: 'a', mediaType: 'image/jpeg', sha256: NAME }],
    ...more,
  });

describe('a container', () => {
  it('brings a job with all its photos to another place, and again changes nothing', async () => {
    const { id, container } = await jobWith(30);
    const { made, job } = await take(there.store, container);
    expect([made, job.photos.length, job.notes.length]).toEqual([true, 30, 1]);
    const log = async ({ store }: typeof here) => (await jobLog(store.db, id)).entries.map((one) => [one.id, one.data]);
    expect(await log(there)).toEqual(await log(here));
    for (const row of await attachmentsOf(there.store.db, id))
      expect(FileStore.nameOf(await contentOfFile(there.store, row))).toBe(row.sha256);
    expect((await take(there.store, container)).made).toBe(false);
    // The same job leaves as the same bytes
    expect(FileStore.nameOf(await buffer((await containerOf(here.store.db, here.store.files, id)).stream))).toBe(
      FileStore.nameOf(container),
    );
  });
  it('is where the job file says what does not fit into it', async () => {
    const { id } = await jobWith(1);
    const large: FileStore = Object.assign(Object.create(here.store.files) as FileStore, {
      sizeOf: () => Promise.resolve(60 * 1024 * 1024),
    });
    await expect(exportJob(here.store.db, large, id)).rejects.toThrow('Take it as a container');
  });
  it.each<[string, () => Promise<Buffer>, string]>([
    ['is no archive', () => Promise.resolve(Buffer.from('a shopping list')), 'no container'],
    ['is cut off', async () => (await jobWith(2)).container.subarray(0, 50_000), 'cut off'],
    ['begins with something else', () => archived([[`files/${NAME}`, 'a picture']]), 'does not begin'],
    ['has entries that are no JSON', () => archived([['entries.json', '{"format"']]), 'no JSON'],
    ['is a job file', () => archived([['entries.json', listed({ format: 'fox-ladder/job' })]]), 'not a Fox Ladder'],
    ['is newer', () => archived([['entries.json', listed({ version: 2 })]]), 'Update the program'],
    ['lacks a file', () => archived([['entries.json', listed()]]), 'missing'],
    [
      'has a damaged file',
      () =>
        archived([
          ['entries.json', listed()],
          [`files/${NAME}`, 'another'],
        ]),
      'damaged',
    ],
    [
      'has a file that nothing names',
      () =>
        archived([
          ['entries.json', listed()],
          ['files/../../x', 'x'],
        ]),
      'none of its',
    ],
    [
      'has two attachments of one id',
      () => {
        const one = { id: 'a', mediaType: 'image/jpeg', sha256: NAME };
        return archived([['entries.json', listed({ attachments: [one, one] })]]);
      },
      'one id',
    ],
  ])('that %s is refused in words, and nothing of it is there', async (_what, bytes, told) => {
    const refusal = take(there.store, await bytes());
    await expect(refusal).rejects.toThrow(ProblemError);
    await expect(refusal).rejects.toThrow(told);
    const id = '018f0000-0000-7000-8000-00000000c001';
    expect(await there.store.db.selectFrom('jobs').select('id').where('id', '=', id).execute()).toEqual([]);
  });
});
