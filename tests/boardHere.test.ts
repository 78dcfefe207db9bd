import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { rowMaker } from '@/core/board';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { fold } from '@/core/job';
import { newEntry, type Entry, type EntryData, type EntryKind, type NewEntry } from '@/core/kinds';
import { fartherJobs } from '@/ui/board/rowsHere';
import { keepLog } from '@/ui/log/keptLog';
import { keepMade } from '@/ui/log/newJobs';
import { keepWaiting } from '@/ui/log/shelf';
import { emptyShelf } from './emptyShelf';

// Which rows of the board are made in the browser, and of what.

const INES = { id: 'ines', name: 'Ines' };
const at = (minute: number): string => new Date(Date.UTC(2026, 10, 30, 9, minute)).toISOString();
const head = (id: string) => ({ id, title: `House ${id}`, createdAt: at(0) });

const written = <K extends EntryKind>(kind: K, data: EntryData<K>, minute: number): NewEntry =>
  newEntry(kind, data, { id: v7(), at: at(minute), by: INES });
const received = (entry: NewEntry, seq: number): Entry => ({ ...entry, seq, receivedAt: entry.at });
const door = () =>
  written(
    'pointAdded',
    { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' },
    1,
  );
const renamed = (minute: number) => written('siteDescribed', { name: 'Siskin House' }, minute);

afterEach(() => emptyShelf());

describe('jobs of which this browser knows more than the board does', () => {
  it('are none where nothing waits and the board is as late as what lies here', async () => {
    await keepLog(head('a'), [received(door(), 1)]);
    expect(
      await fartherJobs([
        { id: 'a', updatedAt: at(1) },
        { id: 'never here', updatedAt: at(1) },
      ]),
    ).toEqual([]);
  });
  it('are those that were read after the board was made', async () => {
    const log = [received(door(), 1), received(renamed(5), 2)];
    await keepLog(head('a'), log);
    const [found] = await fartherJobs([{ id: 'a', updatedAt: at(1) }]);
    expect(found).toEqual({ head: head('a'), entries: log });
  });
  it('are those with something that waits, whether they are listed or not, with what waits at the end', async () => {
    await keepLog(head('a'), [received(door(), 1)]);
    const waits = renamed(5);
    await keepWaiting('a', { entry: waits, place: 0, corrected: 0 });
    await keepMade({ jobId: 'b', title: 'Made here', at: at(2), by: INES });
    const first = door();
    await keepWaiting('b', { entry: first, place: 0, corrected: 0 });
    const found = await fartherJobs([{ id: 'a', updatedAt: at(1) }]);
    expect(found.map(({ head: { title }, entries }) => [title, entries.map(({ id }) => id).at(-1)])).toEqual([
      ['House a', waits.id],
      ['Made here', first.id],
    ]);
    // The row says what was written without a server
    expect(found.map((one) => rowMaker(SHIPPED_CATALOGUE)(fold(one.head, one.entries)).title)).toEqual([
      'Siskin House',
      'Made here',
    ]);
  });
  it('leave out what the firm refused', async () => {
    await keepLog(head('a'), [received(door(), 1)]);
    await keepWaiting('a', { entry: renamed(5), place: 0, corrected: 0, refused: 'no' });
    const [found] = await fartherJobs([{ id: 'a', updatedAt: at(1) }]);
    expect(found?.entries.map(({ kind }) => kind)).toEqual(['pointAdded']);
  });
});
