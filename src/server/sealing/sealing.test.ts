import { afterEach, describe, expect, it } from 'vitest';
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'libsql';
import sharp from 'sharp';
import { Kysely, Migrator } from 'kysely';
import { ProblemError } from '@/contract/problem';
import { ERASED_TEXT, erasedData, partedData } from '@/core/kinds';
import { backUp, restore } from '../backup';
import { MIGRATIONS } from '../db/migrations';
import { DATABASE_FILE, openDatabase } from '../db/open';
import { KEYS_FILE, sqliteDialect } from '../db/sqliteDialect';
import { FileStore } from '../files';
import { entry, newJob, someone } from '../forTests';
import { attachmentsOf, sealOldFiles } from '../jobs/attachments';
import { appendEntries, createJob } from '../jobs/entryStore';
import { eraseCustomer } from '../jobs/eraseCustomer';
import { exportJob, importJob } from '../jobs/jobFile';
import { jobLog, jobOf } from '../jobs/jobLog';
import { listJobs } from '../jobs/jobList';
import { keepPhoto, readPhoto } from '../photos/photoStore';
import { broughtUp } from '../projection/soon';
import { catchUp } from '../projection/rebuild';
import { openStore, type Store } from '../store';
import { newKey, openBytes, openText, sealBytes, sealText } from './seal';

const folders: string[] = [];
const stores: Store[] = [];
const newFolder = (): string => {
  const made = mkdtempSync(path.join(tmpdir(), 'fox-ladder-seal-'));
  folders.push(made);
  return made;
};
async function opened(folder = newFolder()): Promise<Store> {
  const store = await openStore(folder);
  stores.push(store);
  return store;
}
const close = async (store: Store): Promise<void> => {
  await broughtUp(store.db);
  await store.db.destroy();
  stores.splice(stores.indexOf(store), 1);
};
afterEach(async () => {
  for (const store of [...stores]) await close(store);
  folders.splice(0).forEach((one) => rmSync(one, { recursive: true, force: true }));
});

const TITLE = 'Avocet Lodge';
const TOLD = ['Avocet', 'Mistelbach', 'Petronella', 'Gartenzwerg'] as const;

/** A job whose customer told something in every way there is. */
async function told(store: Store): Promise<{ readonly id: string; readonly sha256: string }> {
  const job = newJob(TITLE);
  await createJob(store.db, store.clock, job);
  const picture = await sharp({ create: { width: 64, height: 48, channels: 3, background: '#a63' } })
    .jpeg()
    .toBuffer();
  const { sha256 } = await keepPhoto(store, job.id, picture);
  await appendEntries(store.db, store.clock, job.id, [
    entry('siteDescribed', { address: '4 Mistelbach Lane', storeys: 2 }),
    entry('customerDescribed', { name: 'Petronella', recording: 'ready' }),
    entry('photoAttached', { photoId: 'f', sha256, widthPx: 64, heightPx: 48 }),
    entry('photoDescribed', { photoId: 'f', caption: 'behind the Gartenzwerg', rung: 'look' }),
    entry('noteWritten', { text: 'Petronella is in after four' }),
    entry('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door' }),
    entry('readingTaken', { pointId: 'front', what: 'volts', at: 'transformer', state: 'open', low: 18.3, high: 18.3 }),
  ]);
  await broughtUp(store.db);
  return { id: job.id, sha256 };
}
const everything = (folder: string): readonly string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((one) => one.isFile())
    .map((one) => path.join(one.parentPath, one.name));
const filesWith = (folder: string, word: string): readonly string[] =>
  everything(folder)
    .filter((file) => readFileSync(file).includes(word))
    .map((file) => path.basename(file));

describe('a seal', () => {
  it('opens by its own key, at its own place, unchanged', () => {
    const key = newKey();
    const sealed = sealText(key, 'job/entry', 'Petronella, 4 Mistelbach Lane ☂');
    expect(openText(key, 'job/entry', sealed)).toBe('Petronella, 4 Mistelbach Lane ☂');
    expect(sealText(key, 'job/entry', 'same')).not.toBe(sealText(key, 'job/entry', 'same'));
    expect(() => openText(newKey(), 'job/entry', sealed)).toThrow();
    expect(() => openText(key, 'job/other', sealed)).toThrow();
    const bytes = sealBytes(key, 'job/file', Buffer.from('a picture'));
    bytes[30] = (bytes[30] ?? 0) ^ 1;
    expect(() => openBytes(key, 'job/file', bytes)).toThrow();
  });
  it('parts what tells of a customer from the record', () => {
    const data = { address: '4 Mistelbach Lane', access: null, storeys: 2 };
    expect(partedData({ kind: 'siteDescribed', data })).toEqual({
      record: { access: null, storeys: 2 },
      personal: { address: '4 Mistelbach Lane' },
    });
    expect(erasedData('siteDescribed', { storeys: 2 })).toEqual({
      name: null,
      address: null,
      access: null,
      storeys: 2,
    });
    expect(partedData({ kind: 'circuitListed', data: { circuitId: 'k', way: '7' } }).personal).toBeNull();
  });
});

describe('what tells of a customer', () => {
  it('lies sealed in the log and in the files, and comes out as it went in', async () => {
    const store = await opened();
    const { id, sha256 } = await told(store);
    const rows = await store.db.selectFrom('entries').selectAll().execute();
    const titles = await store.db.selectFrom('jobs').select('title').execute();
    for (const word of TOLD) expect(JSON.stringify([rows, titles])).not.toContain(word);
    const job = jobOf(await jobLog(store.db, id));
    expect(job).toMatchObject({ title: TITLE, site: { address: '4 Mistelbach Lane', storeys: 2 }, erasedAt: null });
    expect(job.notes.map(({ text }) => text)).toEqual(['Petronella is in after four']);
    const { bytes } = await readPhoto(store, id, sha256, 'whole');
    expect(FileStore.nameOf(bytes)).toBe(sha256);
    // Neither it nor its small picture lies there in the clear
    const lying = everything(store.folder).filter((file) => /files|thumbs/.test(file));
    expect(lying).toHaveLength(2);
    for (const file of lying) await expect(sharp(file).metadata()).rejects.toThrow();
    expect((await readPhoto(store, id, sha256, 'thumb')).bytes.length).toBeGreaterThan(100);
  });
  it('is not in a backup in the clear, and opens with the keys beside it alone', async () => {
    const store = await opened();
    const { id } = await told(store);
    const backup = newFolder();
    await backUp(store.folder, backup, 2, '2026-03-04T10:00:00.000Z');
    for (const word of TOLD) expect(filesWith(backup, word)).toEqual([]);
    const elsewhere = newFolder();
    await restore(elsewhere, backup, null, '2026-03-04T11:00:00.000Z');
    const back = await opened(elsewhere);
    expect(jobOf(await jobLog(back.db, id)).customer.name).toBe('Petronella');
    await close(back);
    rmSync(path.join(elsewhere, KEYS_FILE));
    const keyless = await opened(elsewhere);
    await expect(jobLog(keyless.db, id)).rejects.toThrow('Put keys.db back');
  });
});

describe('erasing a customer', () => {
  it('leaves nothing of them on the disk, and all of the record', async () => {
    const store = await opened();
    const { id, sha256 } = await told(store);
    const other = await told(store);
    writeFileSync(path.join(store.folder, 'before-0008_sealed-2026-03-04T09-00-00-000Z.db'), 'Petronella');
    await expect(eraseCustomer(store, id, { by: someone, title: 'Tern Cottage' })).rejects.toMatchObject({
      status: 422,
    });
    expect(jobOf(await jobLog(store.db, id)).customer.name).toBe('Petronella');
    const { erasedAt } = await eraseCustomer(store, id, { by: someone, title: TITLE });
    expect((await eraseCustomer(store, id, { by: someone, title: 'again' })).erasedAt).toBe(erasedAt);
    const job = jobOf(await jobLog(store.db, id));
    expect(job).toMatchObject({ title: ERASED_TEXT, erasedAt, site: { storeys: 2 }, customer: { recording: 'ready' } });
    expect([job.site.address, job.customer.name, job.photos[0]?.caption]).toEqual([undefined, undefined, null]);
    expect(job.notes.map(({ text }) => text)).toEqual([ERASED_TEXT]);
    expect(job.points[0]).toMatchObject({ name: 'Front door' });
    await expect(readPhoto(store, id, sha256, 'whole')).rejects.toMatchObject({ status: 410 });
    await expect(readPhoto(store, id, sha256, 'thumb')).rejects.toMatchObject({ status: 410 });
    // The other one of the same name stays whole
    expect(jobOf(await jobLog(store.db, other.id)).customer.name).toBe('Petronella');
    await eraseCustomer(store, other.id, { by: someone, title: TITLE });
    expect((await listJobs(store.db, { q: 'Mistelbach', limit: 10, after: null })).jobs).toEqual([]);
    await close(store);
    for (const word of TOLD) expect(filesWith(store.folder, word)).toEqual([]);
  });
  it('is done once the file of the keys itself has it no more, though somebody reads it meanwhile', async () => {
    const store = await opened();
    const { id } = await told(store);
    const row = await store.db.selectFrom('keys.site_keys').select('key').where('job_id', '=', id).executeTakeFirst();
    const key = Buffer.from(row?.key ?? []);
    const reading = new Database(path.join(store.folder, KEYS_FILE));
    reading.exec('BEGIN');
    reading.prepare('SELECT count(*) FROM site_keys').all();
    setTimeout(() => reading.exec('COMMIT'), 200);
    await eraseCustomer(store, id, { by: someone, title: TITLE });
    for (const file of everything(store.folder)) expect(readFileSync(file).includes(key)).toBe(false);
    reading.close();
  });
  it('takes nothing more in, neither written nor from a file, and leaves as a file of the record', async () => {
    const store = await opened();
    const { id } = await told(store);
    const before = await exportJob(store.db, store.files, id);
    await eraseCustomer(store, id, { by: someone, title: TITLE });
    const more = appendEntries(store.db, store.clock, id, [entry('noteWritten', { text: 'Petronella rang' })]);
    await expect(more).rejects.toMatchObject({ status: 410 });
    await expect(importJob(store.db, store.clock, store.files, before)).rejects.toMatchObject({ status: 410 });
    const after = await exportJob(store.db, store.files, id);
    expect([after.entries.length, after.attachments.length]).toEqual([before.entries.length, 0]);
    expect(JSON.stringify(after)).not.toMatch(/Petronella|Mistelbach|Avocet|Gartenzwerg/);
  });
  it('holds in backups made before it: the keys there know of it, and a set that is put back stays erased', async () => {
    const store = await opened();
    const { id } = await told(store);
    const backup = newFolder();
    const { name } = await backUp(store.folder, backup, 3, '2026-03-04T10:00:00.000Z');
    await eraseCustomer(store, id, { by: someone, title: TITLE });
    await close(store);
    // The keys of that backup still have it; here it is erased, and stays so
    await restore(store.folder, backup, name, '2026-03-04T11:00:00.000Z');
    const back = await opened(store.folder);
    expect(jobOf(await jobLog(back.db, id))).toMatchObject({ title: ERASED_TEXT });
    await backUp(back.folder, backup, 3, '2026-03-04T12:00:00.000Z');
    // From now on no copy has it any more, not even of the older set
    const elsewhere = newFolder();
    await restore(elsewhere, backup, name, '2026-03-04T13:00:00.000Z');
    const there = await opened(elsewhere);
    expect(jobOf(await jobLog(there.db, id)).customer.name).toBeUndefined();
  });
  it('is seen to at the next start where it was cut off between the key and the rows', async () => {
    const store = await opened();
    const { id } = await told(store);
    await store.db
      .updateTable('keys.site_keys')
      .set({ key: null, erased_at: '2026-03-04T12:00:00Z' })
      .where('job_id', '=', id)
      .execute();
    expect((await listJobs(store.db, { q: 'Avocet', limit: 10, after: null })).jobs).toHaveLength(1);
    await catchUp(store.db);
    expect((await listJobs(store.db, { q: 'Avocet', limit: 10, after: null })).jobs).toEqual([]);
  });
});

describe('data from before they were sealed', () => {
  /** A data folder as the form before left it: a job with a note and a photo, all in the clear. */
  async function unsealed(): Promise<{ readonly folder: string; readonly id: string; readonly sha256: string }> {
    const folder = newFolder();
    const file = path.join(folder, DATABASE_FILE);
    const db = new Kysely<unknown>({ dialect: sqliteDialect(file) });
    const before = Object.fromEntries(Object.entries(MIGRATIONS).filter(([name]) => name < '0008'));
    const { error } = await new Migrator({
      db,
      provider: { getMigrations: () => Promise.resolve(before) },
    }).migrateToLatest();
    if (error) throw new Error('not made', { cause: error });
    await db.destroy();
    rmSync(path.join(folder, KEYS_FILE));
    const bytes = await sharp({ create: { width: 30, height: 20, channels: 3, background: '#333' } })
      .jpeg()
      .toBuffer();
    const sha256 = await new FileStore(folder).keep(bytes);
    const { id } = newJob();
    const raw = new Database(file);
    const at = '2026-03-04T09:00:00Z';
    raw.prepare('INSERT INTO jobs VALUES (?, ?, ?, ?, ?, ?)').run([id, TITLE, at, at, 'ines', 'Ines']);
    const put = (seq: number, kind: string, data: object) =>
      raw
        .prepare(
          'INSERT INTO entries (job_id, seq, id, at, by_id, by_name, kind, data, received_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)',
        )
        .run([id, seq, newJob().id, at, 'ines', 'Ines', kind, JSON.stringify(data), at]);
    put(1, 'noteWritten', { text: 'Petronella is in after four' });
    put(2, 'siteDescribed', { address: '4 Mistelbach Lane', storeys: 3 });
    put(3, 'photoAttached', { photoId: 'f', sha256, widthPx: 30, heightPx: 20 });
    raw.prepare('INSERT INTO attachments VALUES (?, ?, ?, ?)').run([id, sha256, 'image/jpeg', sha256]);
    raw.close();
    return { folder, id, sha256 };
  }
  it('are sealed when the program is brought to the newer form, its files afterwards', async () => {
    const { folder, id, sha256 } = await unsealed();
    expect(filesWith(folder, 'Petronella')).toEqual([DATABASE_FILE]);
    const store = await opened(folder);
    const job = jobOf(await jobLog(store.db, id));
    expect([job.title, job.site.address, job.site.storeys]).toEqual([TITLE, '4 Mistelbach Lane', 3]);
    expect((await readPhoto(store, id, sha256, 'whole')).bytes.length).toBeGreaterThan(100);
    expect(await sealOldFiles(store, store.thumbs)).toBe(1);
    expect(await sealOldFiles(store, store.thumbs)).toBe(0);
    expect(store.files.has(sha256)).toBe(false);
    expect(FileStore.nameOf((await readPhoto(store, id, sha256, 'whole')).bytes)).toBe(sha256);
    const [row] = await attachmentsOf(store.db, id);
    expect(row?.file).not.toBe(sha256);
    await store.db.deleteFrom('board').execute();
    await store.db.deleteFrom('job_search').execute();
    await close(store);
    // Nothing of it is left in the file’s free pages; the copy beside is as it was
    expect(filesWith(folder, 'Petronella')).toEqual(filesWith(folder, 'Mistelbach'));
    expect(filesWith(folder, 'Petronella').every((name) => name.startsWith('before-0008'))).toBe(true);
    // Rows of the log still can’t be changed
    const again = await opened(folder);
    await expect(
      again.db
        .updateTable('entries' as never)
        .set({ data: '{}' } as never)
        .execute(),
    ).rejects.toThrow('never changed');
  });
  it('put back after an erasure are sealed by a key that nobody has', async () => {
    const { folder, id } = await unsealed();
    const copy = path.join(newFolder(), 'old.db');
    copyFileSync(path.join(folder, DATABASE_FILE), copy);
    const store = await opened(folder);
    await eraseCustomer(store, id, { by: someone, title: TITLE });
    await close(store);
    copyFileSync(copy, path.join(folder, DATABASE_FILE));
    const back = await opened(folder);
    expect(jobOf(await jobLog(back.db, id))).toMatchObject({ title: ERASED_TEXT, site: { storeys: 3 } });
  });
});

describe('pictures that come with a file', () => {
  it('lose where they were taken, and are found by the name that their entries know', async () => {
    const store = await opened();
    const withPlace = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#274' } })
      .withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1', GPSLatitudeRef: 'N' } })
      .jpeg()
      .toBuffer();
    expect((await sharp(withPlace).metadata()).exif).toBeDefined();
    const sha256 = FileStore.nameOf(withPlace);
    const job = newJob();
    const file = {
      format: 'fox-ladder/job' as const,
      version: 1 as const,
      job: { id: job.id, createdAt: job.at, title: 'Gull House' },
      entries: [entry('photoAttached', { photoId: 'f', sha256, widthPx: 40, heightPx: 30 })],
      attachments: [{ id: 'picture-1', mediaType: 'image/jpeg', sha256, base64: withPlace.toString('base64') }],
    };
    const { db, clock, files } = store;
    expect((await importJob(db, clock, files, file)).made).toBe(true);
    expect((await importJob(db, clock, files, file)).made).toBe(false);
    const { bytes } = await readPhoto(store, job.id, sha256, 'whole');
    expect((await sharp(bytes).metadata()).exif).toBeUndefined();
    // It leaves without it too, and comes back elsewhere
    const left = await exportJob(db, files, job.id);
    expect(Buffer.from(left.attachments[0]?.base64 ?? '', 'base64').includes('Exif')).toBe(false);
    const elsewhere = await opened();
    await importJob(elsewhere.db, elsewhere.clock, elsewhere.files, left);
    expect((await readPhoto(elsewhere, job.id, sha256, 'thumb')).shown).toBe(true);
  });
});

describe('the folder', () => {
  it('is its owner’s alone, also one that stood there before', async () => {
    const folder = newFolder();
    statSync(folder);
    const { chmodSync } = await import('node:fs');
    chmodSync(folder, 0o755);
    const store = await opened(folder);
    expect(statSync(folder).mode & 0o777).toBe(0o700);
    expect(existsSync(path.join(store.folder, KEYS_FILE))).toBe(true);
    const db = await openDatabase(folder);
    await db.destroy();
    await expect(jobLog(store.db, 'x')).rejects.toBeInstanceOf(ProblemError);
  });
});
