import { afterEach, describe, expect, it } from 'vitest';
import { mkdtempSync, readFileSync, readdirSync, rmSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'libsql';
import { newEntry } from '@/core/kinds';
import { backUp, checkSet, restore, setsIn } from './backup';
import { systemClock } from './clock';
import { DATABASE_FILE, openDatabase } from './db/open';
import { KEYS_FILE, closeAllSqlite } from './db/sqliteDialect';
import { FileStore } from './files';
import { storeFault } from './http/storeFault';
import { appendEntries, createJob } from './jobs/entryStore';
import { jobLog } from './jobs/jobLog';

import { lastBackup } from './lastBackup';
import { broughtUp } from './projection/soon';
import { Log } from './log';
import { RUNNING_FILE } from './running';
import { openStore } from './store';
import { sweep } from './sweep';

const folders: string[] = [];
const folder = (): string => {
  const made = mkdtempSync(path.join(tmpdir(), 'fox-ladder-upkeep-'));
  folders.push(made);
  return made;
};
afterEach(() => folders.splice(0).forEach((one) => rmSync(one, { recursive: true, force: true })));

const by = { id: 'ines', name: 'Ines' };
const JOB = '018f0000-0000-7000-8000-000000000001';
const note = (n: number) =>
  newEntry(
    'noteWritten',
    { text: `note ${n}` },
    { id: `018f0000-0000-7000-8000-0000000001${String(n).padStart(2, '0')}`, at: '2026-03-04T09:00:00Z', by },
  );

/** A data folder with a job, two notes and a photo. */
async function filled(): Promise<{ readonly data: string; readonly sha256: string }> {
  const data = folder();
  const { db, files, clock } = await openStore(data);
  await createJob(db, clock, { id: JOB, at: '2026-03-04T09:00:00Z', by, title: 'Tern Cottage' });
  const sha256 = await files.keep(Buffer.from('a picture'));
  await db.insertInto('attachments').values({ job_id: JOB, id: sha256, media_type: 'image/jpeg', sha256 }).execute();
  await appendEntries(db, clock, JOB, [note(1), note(2)]);
  await broughtUp(db);
  await db.destroy();
  return { data, sha256 };
}
async function notesIn(data: string): Promise<readonly string[]> {
  const db = await openDatabase(data);
  const { entries } = await jobLog(db, JOB);
  await db.destroy();
  return entries.flatMap((entry) => (entry.kind === 'noteWritten' ? entry.data.text : []));
}

describe('a backup', () => {
  it('is put back whole: what was written after it lies aside', async () => {
    const { data, sha256 } = await filled();
    const backup = folder();
    expect(await lastBackup(data)).toBeNull();
    const set = await backUp(data, backup, 3, '2026-03-04T10:00:00.000Z');
    expect(set).toMatchObject({ jobs: 1, entries: 2, files: 1 });
    expect(await lastBackup(data)).toBe('2026-03-04T10:00:00.000Z');
    const db = await openDatabase(data);
    await appendEntries(db, systemClock, JOB, [note(3)]);
    await broughtUp(db);
    await db.destroy();
    rmSync(path.join(data, 'files', sha256));
    const { aside } = await restore(data, backup, null, '2026-03-04T11:00:00.000Z');
    expect(await notesIn(data)).toEqual(['note 1', 'note 2']);
    expect(readFileSync(path.join(data, 'files', sha256), 'utf8')).toBe('a picture');
    const there = folder();
    if (!aside) throw new Error('nothing was laid aside');
    writeFileSync(path.join(there, DATABASE_FILE), readFileSync(aside));
    writeFileSync(path.join(there, KEYS_FILE), readFileSync(path.join(data, KEYS_FILE)));
    expect(await notesIn(there)).toEqual(['note 1', 'note 2', 'note 3']);
  });
  it('is made while the program runs, and put back into an empty folder', async () => {
    const { data } = await filled();
    const backup = folder();
    const db = await openDatabase(data);
    await appendEntries(db, systemClock, JOB, [note(3)]);
    await backUp(data, backup, 3, '2026-03-04T10:00:00.000Z');
    await appendEntries(db, systemClock, JOB, [note(4)]);
    await broughtUp(db);
    await db.destroy();
    const elsewhere = folder();
    expect((await restore(elsewhere, backup, null, '2026-03-04T11:00:00.000Z')).aside).toBeNull();
    expect(await notesIn(elsewhere)).toEqual(['note 1', 'note 2', 'note 3']);
  });
  it('keeps so many, with the files that those name and no others', async () => {
    const { data, sha256 } = await filled();
    const backup = folder();
    for (let hour = 10; hour < 14; hour++) await backUp(data, backup, 2, `2026-03-04T${hour}:00:00.000Z`);
    expect(await setsIn(backup)).toEqual(['2026-03-04T13-00-00-000Z', '2026-03-04T12-00-00-000Z']);
    expect(readdirSync(path.join(backup, 'files'))).toEqual([sha256]);
  });
  it('is not believed where a file or its database is damaged, and is not laid over data in use', async () => {
    const { data, sha256 } = await filled();
    const backup = folder();
    const { name } = await backUp(data, backup, 2, '2026-03-04T10:00:00.000Z');
    writeFileSync(path.join(data, RUNNING_FILE), String(process.pid));
    await expect(restore(data, backup, null, '2026-03-04T11:00:00.000Z')).rejects.toThrow('stop it first');
    rmSync(path.join(data, RUNNING_FILE));
    await expect(restore(data, backup, 'tomorrow', '2026-03-04T11:00:00.000Z')).rejects.toThrow('There is no set');
    writeFileSync(path.join(backup, 'files', sha256), 'another picture');
    await expect(checkSet(backup, name)).rejects.toThrow('missing or damaged');
    await expect(restore(data, backup, null, '2026-03-04T11:00:00.000Z')).rejects.toThrow('missing or damaged');
    expect(await notesIn(data)).toHaveLength(2);
  });
});

describe('a database that can’t be opened', () => {
  it.each<[string, (file: string) => void, string]>([
    [
      'is no database',
      (file) => writeFileSync(file, 'a shopping list, and nothing else in it at all'),
      'is no database',
    ],
    [
      'is another program’s',
      (file) => {
        const db = new Database(file);
        db.exec('CREATE TABLE birds (name TEXT)');
        db.close();
      },
      'of another program',
    ],
    [
      'was written by a newer program',
      (file) => {
        const db = new Database(file);
        db.exec(`INSERT INTO kysely_migration (name, timestamp) VALUES ('9999_later', '2030-01-01T00:00:00Z')`);
        db.close();
      },
      'newer version of this program',
    ],
    [
      'is damaged',
      (file) => {
        const bytes = readFileSync(file);
        bytes.fill(7, 1024, bytes.length);
        writeFileSync(file, bytes);
      },
      'is damaged',
    ],
  ])('tells in a sentence that it %s', async (_what, spoil, told) => {
    const { data } = await filled();
    const file = path.join(data, DATABASE_FILE);
    if (told === 'of another program' || told === 'is no database') rmSync(file);
    spoil(file);
    await expect(openDatabase(data)).rejects.toThrow(told);
    await expect(openDatabase(data)).rejects.toThrow(/restore|Update the program|FOX_LADDER_DATA/);
  });
  it('names the copy that lies beside it', async () => {
    const { data } = await filled();
    writeFileSync(path.join(data, 'before-0003_x-2026-03-01T09-00-00-000Z.db'), '');
    writeFileSync(path.join(data, 'before-0001_y-2026-03-02T09-00-00-000Z.db'), '');
    writeFileSync(path.join(data, DATABASE_FILE), 'scrap, scrap, scrap, scrap, scrap, scrap');
    await expect(openDatabase(data)).rejects.toThrow('before-0001_y-2026-03-02T09-00-00-000Z.db');
  });
});

describe('a data folder', () => {
  it('is its owner’s alone, and one whole file once the program has ended', async () => {
    const data = path.join(folder(), 'data');
    const { db, clock } = await openStore(data);
    expect(statSync(data).mode & 0o077).toBe(0);
    await createJob(db, clock, { id: JOB, at: '2026-03-04T09:00:00Z', by, title: 'Tern Cottage' });
    expect(readdirSync(data)).toContain(`${DATABASE_FILE}-wal`);
    closeAllSqlite();
    expect(readdirSync(data).filter((name) => name.startsWith(DATABASE_FILE))).toEqual([DATABASE_FILE]);
    const again = await openDatabase(data);
    expect((await jobLog(again, JOB)).head.title).toBe('Tern Cottage');
    await again.destroy();
  });
  it('is swept of half files and strays, once they are a day old', async () => {
    const { data, sha256 } = await filled();
    const files = new FileStore(data);
    const stray = await files.keep(Buffer.from('no entry names it'));
    const half = path.join(data, 'files', `${sha256}.1.1.part`);
    writeFileSync(half, 'ha');
    const db = await openDatabase(data);
    expect(await sweep(db, data)).toBe(0);
    const before = new Date(Date.now() - 25 * 3_600_000);
    for (const place of [path.join(data, 'files', stray), half, path.join(data, 'files', sha256)])
      utimesSync(place, before, before);
    expect(await sweep(db, data)).toBe(2);
    expect(readdirSync(path.join(data, 'files'))).toEqual([sha256]);
    await db.destroy();
  });
});

describe('the log', () => {
  it('is lines of JSON, turned over when it grows', async () => {
    const place = folder();
    const log = new Log(place);
    log.write({ level: 'info', what: 'request', id: 'r1', method: 'GET', path: '/api/v1/jobs', status: 200, ms: 3 });
    await log.flush();
    const [line = ''] = readFileSync(path.join(place, 'fox-ladder.log'), 'utf8').trim().split('\n');
    expect(JSON.parse(line)).toMatchObject({ what: 'request', id: 'r1', status: 200 });
    for (let n = 0; n < 3; n++) {
      log.write({ level: 'error', what: 'long', fault: 'x'.repeat(2_200_000) });
      await log.flush();
    }
    expect(readdirSync(place).sort()).toEqual(['fox-ladder.1.log', 'fox-ladder.2.log', 'fox-ladder.log']);
  });
});

describe('a fault of the store', () => {
  it.each([
    [Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' }), 507, 'disk of the server is full'],
    [Object.assign(new Error('no space left'), { code: 'ENOSPC' }), 507, 'disk of the server is full'],
    [new Error('wrapped', { cause: new Error('database is locked') }), 503, 'holds the store'],
    [
      Object.assign(new Error('attempt to write a readonly database'), { code: 'SQLITE_READONLY' }),
      507,
      'can’t be written',
    ],
    [new Error('database disk image is malformed'), 500, 'damaged'],
  ])('is told in words: %p', (error, status, words) => {
    expect(storeFault(error)).toMatchObject({ status });
    expect(storeFault(error)?.message).toContain(words);
  });
  it('is none where something else failed', () => expect(storeFault(new TypeError('x is undefined'))).toBeNull());
});
