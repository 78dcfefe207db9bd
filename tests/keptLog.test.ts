import 'fake-indexeddb/auto';
import Dexie from 'dexie';
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

const opened: Dexie[] = [];

/** The browser’s own store as a program of some code finds it. */
async function asCode(code: string) {
  vi.resetModules();
  vi.stubEnv('FOX_LADDER_CODE', code);
  const [{ keepLog, keptLog }, { shelf, waitingFor }] = await Promise.all([
    import('@/ui/log/keptLog'),
    import('@/ui/log/shelf'),
  ]);
  opened.push(await shelf());
  return { keepLog, keptLog, waitingFor };
}

afterEach(async () => {
  vi.unstubAllEnvs();
  vi.restoreAllMocks();
  for (const one of opened.splice(0)) one.close();
  await Dexie.delete(KEPT.shelf);
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

describe('the store that the first program made', () => {
  it('is given what it lacks, and what waits in it stays', async () => {
    const old = new Dexie(KEPT.shelf);
    old.version(1).stores({ waiting: 'id,jobId', typed: '[jobId+form],jobId', aside: '++,jobId' });
    const { seq: _seq, receivedAt: _receivedAt, ...entry } = written('in the cellar');
    await old
      .table('waiting')
      .put({ id: entry.id, jobId: HEAD.id, place: 0, waiting: { entry, place: 0, corrected: 0 } });
    old.close();
    const { waitingFor, keepLog, keptLog } = await asCode('one');
    expect((await waitingFor(HEAD.id)).map((one) => one.entry)).toEqual([entry]);
    const known = [written('x')];
    await keepLog(HEAD, known);
    expect(await keptLog(HEAD.id)).toEqual(known);
  });
});
