import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { extract, pack } from 'tar-stream';
import { SHELVES } from '@/core/catalogue';
import { readOwnItems } from '../catalogue';
import { writeOwnItems } from '../ownItems';
import { addToCrew, listCrew } from '../crew';
import { FileStore } from '../files';
import { entry, newJob, someone, temporaryStore } from '../forTests';
import { attachmentsOf, contentOfFile, keepFile } from '../jobs/attachments';
import { appendEntries, createJob } from '../jobs/entryStore';
import { eraseCustomer } from '../jobs/eraseCustomer';
import { jobLog } from '../jobs/jobLog';
import { playedRounds } from '../practice';
import { broughtUp } from '../projection/soon';
import { readSettings, writeSettings } from '../settings';
import { siteKey } from '../sealing/keys';
import type { Store } from '../storeOf';
import { firmArchive } from './firmArchive';
import { takeFirm } from './takeFirm';

type Temporary = Awaited<ReturnType<typeof temporaryStore>>;
const opened: Temporary[] = [];
const anotherStore = async (): Promise<Store> => {
  const one = await temporaryStore();
  opened.push(one);
  return one.store;
};
afterAll(async () => {
  for (const one of opened) await one.end();
});

let firm: Store;
let archive: Buffer;
const ids: string[] = [];
const ROUND = '018f0000-0000-7000-8000-0000000000aa';

const archived = (store: Store): Promise<Buffer> => buffer(firmArchive(store));
const take = (store: Store, bytes: Uint8Array) => takeFirm(store, Readable.from([bytes]));

async function photographed({ db, files }: Store, jobId: string): Promise<void> {
  const bytes = Buffer.alloc(9_000, `picture of ${jobId}`);
  const sha256 = FileStore.nameOf(bytes);
  const file = await keepFile({ db, files }, jobId, { id: sha256, mediaType: 'image/jpeg' }, bytes);
  await db
    .insertInto('attachments')
    .values({ job_id: jobId, ...file })
    .execute();
}

async function jobIn({ db, clock }: Store, title: string): Promise<string> {
  const job = newJob(title);
  await createJob(db, clock, job);
  await appendEntries(db, clock, job.id, [entry('noteWritten', { text: `wasps at ${title}` })]);
  return job.id;
}

/** The parts of an archive, by their names, in order. */
async function partsOf(bytes: Buffer): Promise<[string, Buffer][]> {
  const parts: [string, Buffer][] = [];
  const reading = extract();
  Readable.from([bytes]).pipe(reading);
  for await (const one of reading) parts.push([one.header.name, await buffer(one)]);
  return parts;
}
const packed = (parts: readonly (readonly [string, string | Buffer])[]): Promise<Buffer> => {
  const made = pack();
  for (const [name, content] of parts) made.entry({ name }, content);
  made.finalize();
  return buffer(made);
};

beforeAll(async () => {
  firm = await anotherStore();
  for (const title of ['Tern Cottage', 'Gull House', 'Plover Yard']) ids.push(await jobIn(firm, title));
  const [tern = '', , plover = ''] = ids;
  await photographed(firm, tern);
  await photographed(firm, plover);
  await eraseCustomer(firm, plover, { by: someone, title: 'Plover Yard' });
  await addToCrew(firm.db, { id: 'vera', name: 'Vera', licensed: true });
  await writeOwnItems(firm.db, [
    { shelf: 'transformer', values: { ...SHELVES.transformer.shipped[0], id: 'mine', ratedVa: 45 } },
  ]);
  await writeSettings(firm.db, { currency: 'SEK', backupFolder: '/mnt/backup', address: 'https://firm.example' });
  await firm.db
    .insertInto('practice_rounds')
    .values({
      ...{ id: ROUND, person_id: 'vera', person_name: 'Vera', at: '2026-03-04T09:00:00Z', level: 'any', seed: 7 },
      ...{ ending: 'works', minutes: 22, best_minutes: null, in_vain: 1, dangers: 0 },
    })
    .execute();
  archive = await archived(firm);
});

describe('a whole firm as one archive', () => {
  it('is, taken in at an empty place, the same firm', async () => {
    const there = await anotherStore();
    expect(await take(there, archive)).toEqual({
      ...{ made: 3, grown: 0, same: 0, people: 1, items: 1, settings: true, leftOut: [] },
    });
    const [tern = '', gull = ''] = ids;
    for (const id of [tern, gull]) {
      const [mine, its] = [await jobLog(firm.db, id), await jobLog(there.db, id)];
      expect(its.head).toEqual(mine.head);
      expect(its.entries.map((one) => [one.id, one.at, one.data])).toEqual(
        mine.entries.map((one) => [one.id, one.at, one.data]),
      );
    }
    const [photo] = await attachmentsOf(there.db, tern);
    if (!photo) throw new Error('the photo did not come along');
    expect(FileStore.nameOf(await contentOfFile(there, photo))).toBe(photo.sha256);
    expect(await listCrew(there.db)).toContainEqual({ id: 'vera', name: 'Vera', licensed: true });
    expect((await readOwnItems(there.db)).map(({ values }) => [values.id, values.ratedVa])).toEqual([['mine', 45]]);
    expect((await playedRounds(there.db)).map(({ id }) => id)).toEqual([ROUND]);
    // What belongs to one machine stays with it
    expect(await readSettings(there.db)).toMatchObject({ currency: 'SEK', backupFolder: '', address: '' });
  });
  it('holds nothing of an erased customer, who stays erased', async () => {
    const plover = ids[2] ?? '';
    expect(archive.includes('Plover Yard')).toBe(false);
    expect((await partsOf(archive)).filter(([name]) => name.startsWith(`jobs/${plover}/files`))).toEqual([]);
    const there = await anotherStore();
    await take(there, archive);
    expect((await siteKey(there.db, plover)).erasedAt).toBe((await siteKey(firm.db, plover)).erasedAt);
    expect((await jobLog(there.db, plover)).entries).toHaveLength(1);
    await broughtUp(there.db);
    const row = await there.db.selectFrom('board').select('title').where('job_id', '=', plover).executeTakeFirst();
    expect(row?.title).toBe((await jobLog(firm.db, plover)).head.title);
  });
  it('changes nothing where it is taken in again, and leaves what stands there', async () => {
    const there = await anotherStore();
    await writeSettings(there.db, { currency: 'EUR' });
    await addToCrew(there.db, { id: 'vera', name: 'Vera', licensed: false });
    const first = await take(there, archive);
    expect(first).toMatchObject({ made: 3, people: 0, settings: false });
    expect((await readSettings(there.db)).currency).toBe('EUR');
    // Who holds a licence here is said here
    expect(await listCrew(there.db)).toContainEqual({ id: 'vera', name: 'Vera', licensed: false });
    const again = await take(there, archive);
    expect(again).toMatchObject({ made: 0, grown: 0, same: 2, people: 0, items: 0, settings: false });
    // Nothing is written to whom was erased
    expect(again.leftOut).toEqual([{ name: ids[2], why: expect.stringContaining('was erased') }]);
  });
  it('names somebody whose id another one has here, and a catalogue that is too much, and takes the rest', async () => {
    const there = await anotherStore();
    await addToCrew(there.db, { id: 'vera', name: 'Another', licensed: false });
    const many = Array.from({ length: 1000 }, (_, i) => ({
      shelf: 'transformer' as const,
      values: { ...SHELVES.transformer.shipped[0], id: `i${i}`, ratedVa: 45 },
    }));
    await writeOwnItems(there.db, many);
    const taken = await take(there, archive);
    expect(taken).toMatchObject({ made: 3, people: 0, items: 0 });
    expect(taken.leftOut.map(({ name }) => name)).toEqual(['Vera', 'catalogue']);
    expect(await readOwnItems(there.db)).toHaveLength(1000);
  });
  it('brings a job that both have grown what is new to it', async () => {
    const there = await anotherStore();
    await take(there, archive);
    const gull = ids[1] ?? '';
    await appendEntries(there.db, there.clock, gull, [entry('noteWritten', { text: 'a dog' })]);
    const taken = await take(firm, await archived(there));
    expect(taken).toMatchObject({ made: 0, grown: 1, same: 1 });
    expect((await jobLog(firm.db, gull)).entries).toHaveLength(2);
  });
  it('tells a job whose photo is gone from the disk, here and there, and all others come along', async () => {
    const here = await anotherStore();
    const [whole, broken] = [await jobIn(here, 'Teal Bank'), await jobIn(here, 'Smew Sluice')];
    await photographed(here, whole);
    await photographed(here, broken);
    const [row] = await attachmentsOf(here.db, broken);
    await here.files.drop(row?.file ?? '');
    const made = await archived(here);
    const [, end] = (await partsOf(made)).at(-1) ?? [];
    expect(JSON.parse(String(end))).toEqual({
      jobs: 1,
      leftOut: [{ name: broken, why: expect.stringContaining('no such picture') }],
    });
    const there = await anotherStore();
    const taken = await take(there, made);
    expect(taken).toMatchObject({ made: 1 });
    expect(new Set(taken.leftOut.map(({ name }) => name))).toEqual(new Set([broken]));
    expect(await attachmentsOf(there.db, whole)).toHaveLength(1);
    await expect(jobLog(there.db, broken)).rejects.toThrow('There is no job');
  });
  it('tells a job that can’t be taken, and takes the others', async () => {
    const [tern = '', gull = ''] = ids;
    const parts = await partsOf(archive);
    const spoilt = parts.map(([name, bytes]): [string, Buffer] =>
      name.startsWith(`jobs/${tern}/files`) ? [name, Buffer.from('something else')] : [name, bytes],
    );
    const there = await anotherStore();
    const taken = await take(there, await packed(spoilt));
    expect(taken).toMatchObject({ made: 2, leftOut: [{ name: tern, why: expect.stringContaining('damaged') }] });
    expect((await jobLog(there.db, gull)).entries.length).toBeGreaterThan(0);
    await expect(jobLog(there.db, tern)).rejects.toThrow('There is no job');
  });
  it.each<[string, (parts: [string, Buffer][]) => readonly (readonly [string, string | Buffer])[], string]>([
    ['is a job', (parts) => parts.slice(1), 'does not begin'],
    ['is of something else', ([head, ...rest]) => [[head?.[0] ?? '', '{"format":"x"}'], ...rest], 'no Fox Ladder'],
    [
      'is newer',
      ([head, ...rest]) => [[head?.[0] ?? '', '{"format":"fox-ladder/firm","version":2}'], ...rest],
      'newer than this program',
    ],
    ['lacks its end', (parts) => parts.slice(0, -1), '2 jobs were taken in before'],
    ['holds something strange', (parts) => [...parts.slice(0, -1), ['../x', 'y']], 'no part of a firm'],
  ])('that %s is refused in words', async (_what, changed, message) => {
    const there = await anotherStore();
    await expect(take(there, await packed(changed(await partsOf(archive))))).rejects.toThrow(message);
  });
  it('that is cut off is refused, and taken whole afterwards', async () => {
    const there = await anotherStore();
    await expect(take(there, archive.subarray(0, archive.length - 8_000))).rejects.toThrow('cut off');
    expect((await take(there, archive)).leftOut).toEqual([]);
    expect(await there.db.selectFrom('jobs').select('id').execute()).toHaveLength(3);
  });
});
