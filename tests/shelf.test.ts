import 'fake-indexeddb/auto';
import { deleteDB, openDB, type IDBPDatabase } from 'idb';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { v7 } from 'uuid';
import { KEPT } from '@/contract/keptHere';
import { newEntry, type Entry } from '@/core/kinds';

const AT = '2026-11-30T09:00:00.000Z';
const HEAD = { id: 'house', title: 'A house', createdAt: AT };
const INES = { id: 'ines', name: 'Ines' };
const written = (text: string): Entry => ({
  ...newEntry('noteWritten', { text }, { id: v7(), at: AT, by: INES }),
  seq: 1,
  receivedAt: AT,
});

/** The browser’s own store as a program of some code finds it. */
async function asCode(code: string) {
  vi.resetModules();
  vi.stubEnv('FOX_LADDER_CODE', code);
  const [logs, shelf] = await Promise.all([import('@/ui/log/keptLog'), import('@/ui/log/shelf')]);
  return { ...logs, ...shelf };
}

afterEach(async () => {
  vi.unstubAllEnvs();
  vi.restoreAllMocks();
  await deleteDB(KEPT.shelf);
});

describe('a log that a browser keeps', () => {
  // No kind lets such a note through: who takes it has not held it against its kind
  const unread = { ...written('-'), data: { text: 7 } } as unknown as Entry;

  it('is held against its kinds once by each program', async () => {
    const before = await asCode('one');
    await before.keepLog(HEAD, [unread]);
    expect(await before.keptLog(HEAD.id)).toEqual([unread]);
    const warned = vi.spyOn(console, 'warn').mockReturnValue(undefined);
    expect(await (await asCode('two')).keptLog(HEAD.id)).toEqual([]);
    expect(warned).toHaveBeenCalledOnce();
  });

  it('is held against them each time where nobody can tell which program kept it', async () => {
    const program = await asCode('');
    const good = written('by the back door');
    await program.keepLog(HEAD, [good]);
    expect(await program.keptLog(HEAD.id)).toEqual([good]);
    vi.spyOn(console, 'warn').mockReturnValue(undefined);
    await program.keepLog(HEAD, [unread]);
    expect(await program.keptLog(HEAD.id)).toEqual([]);
  });

  it.each([
    ['nothing', null],
    ['no entry', { id: 'no entry' }],
    ['no kind', { ...written('x'), kind: 'never' }],
  ])('that has %s in it is nothing to this program, though its own code kept it', async (_name, broken) => {
    const program = await asCode('one');
    vi.spyOn(console, 'warn').mockReturnValue(undefined);
    await program.keepLog(HEAD, [written('x'), broken as unknown as Entry]);
    expect(await program.keptLog(HEAD.id)).toEqual([]);
  });
});

/** A store as programs made it that counted its versions in tens. */
const oldStore = (version: number, more: (db: IDBPDatabase) => void = () => undefined) =>
  openDB(KEPT.shelf, version, {
    upgrade(db) {
      db.createObjectStore('waiting', { keyPath: 'id' }).createIndex('jobId', 'jobId');
      db.createObjectStore('typed', { keyPath: ['jobId', 'form'] }).createIndex('jobId', 'jobId');
      db.createObjectStore('aside', { autoIncrement: true }).createIndex('jobId', 'jobId');
      more(db);
    },
  });
const later = (db: IDBPDatabase): void => {
  db.createObjectStore('photos', { keyPath: 'id' }).createIndex('jobId', 'jobId');
  db.createObjectStore('logs', { keyPath: 'jobId' });
  db.createObjectStore('made', { keyPath: 'jobId' });
  db.createObjectStore('about', { keyPath: 'name' });
};

describe('a store that another program made', () => {
  it.each([
    ['the first', 10, undefined],
    ['the last that counted in tens', 50, later],
    ['a newer one', 70, later],
  ])('is used as it is, given what it lacks, and what waits in it stays: %s', async (_name, version, more) => {
    const old = await oldStore(version, more);
    const { seq: _seq, receivedAt: _receivedAt, ...entry } = written('in the cellar');
    await old.put('waiting', { id: entry.id, jobId: HEAD.id, place: 0, waiting: { entry, place: 0, corrected: 0 } });
    await old.put('typed', { jobId: HEAD.id, form: 'note', where: '', texts: { text: '17.' }, labels: {} });
    old.close();
    const { waitingFor, typedIn, keepLog, keptLog } = await asCode('one');
    expect((await waitingFor(HEAD.id)).map((one) => one.entry)).toEqual([entry]);
    expect((await typedIn(HEAD.id)).map(({ texts }) => texts)).toEqual([{ text: '17.' }]);
    const known = [written('x')];
    await keepLog(HEAD, known);
    expect(await keptLog(HEAD.id)).toEqual(known);
  });

  it('holds up no newer program in another tab, and is read on after it', async () => {
    const { keepLog, keptLog } = await asCode('one');
    await keepLog(HEAD, [written('x')]);
    const next = await openDB(KEPT.shelf, 70, {
      blocking: (_now, _next, event) => (event.target as IDBDatabase).close(),
    });
    expect(await keptLog(HEAD.id)).toHaveLength(1);
    next.close();
  });
});

describe('what changes on the shelf', () => {
  it('is told to every tab, of its own job alone', async () => {
    const here = await asCode('one');
    const there = await asCode('one');
    const told = vi.fn();
    const ofAnother = vi.fn();
    const stops = [there.onWaiting(HEAD.id, told), there.onWaiting('another', ofAnother)];
    expect([told, ofAnother].map(({ mock }) => mock.calls.length)).toEqual([1, 1]);
    const { seq: _seq, receivedAt: _receivedAt, ...entry } = written('in the cellar');
    await here.keepWaiting(HEAD.id, { entry, place: 0, corrected: 0 });
    await vi.waitFor(() => expect(told).toHaveBeenCalledTimes(2));
    await here.dropWaiting(HEAD.id, [entry.id]);
    await vi.waitFor(() => expect(told).toHaveBeenCalledTimes(3));
    for (const stop of stops) stop();
    await here.keepWaiting(HEAD.id, { entry, place: 0, corrected: 0 });
    expect(await there.waitingFor(HEAD.id)).toHaveLength(1);
    expect(told).toHaveBeenCalledTimes(3);
    expect(ofAnother).toHaveBeenCalledOnce();
  });

  it('is all of it kept or nothing, and told with why', async () => {
    const { keepWaiting, setAside, waitingFor, asideOf } = await asCode('one');
    const { seq: _seq, receivedAt: _receivedAt, ...entry } = written('in the cellar');
    const waiting = { entry, place: 0, corrected: 0 };
    await keepWaiting(HEAD.id, waiting);
    vi.spyOn(IDBObjectStore.prototype, 'delete').mockImplementation(() => {
      throw new DOMException('the disk is full', 'QuotaExceededError');
    });
    await expect(setAside(HEAD.id, waiting)).rejects.toMatchObject({ name: 'QuotaExceededError' });
    expect(await waitingFor(HEAD.id)).toEqual([waiting]);
    expect(await asideOf(HEAD.id)).toEqual([]);
  });
});
