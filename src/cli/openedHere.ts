import { newEntry, type Entry, type EntryData, type EntryKind } from '@/core/kinds';
import { fold } from '@/core/job';
import { INES } from '@/demo/crew';
import { demoJobs } from '@/demo/demoFirm';
import { keepLog, keptLog } from '@/ui/log/keptLog';

// What `npm run bench` has a slowed-down browser do, in a page of its own each time: open jobs that it keeps. Nothing was read
// or folded there before, as after a phone was switched on.

const LONG = 2000;
type JobId = 'usual' | 'next' | 'long';

const newId = (() => {
  let last = 0;
  return () => `00000000-0000-7000-8000-${(++last).toString(16).padStart(12, '0')}`;
})();

/** The two longest logs of the demo, and the first made as long as a house with years of call-backs. */
function logs(): Readonly<Record<JobId, readonly Entry[]>> {
  const jobs = demoJobs(newId, (days, hour) => Date.UTC(2026, 2, 10 + days, hour));
  const [usual = [], next = []] = jobs.map(({ entries }) => entries).toSorted((a, b) => b.length - a.length);
  const point = usual.find((entry) => entry.kind === 'pointAdded');
  const last = usual.at(-1);
  if (point?.kind !== 'pointAdded' || !last) throw new Error('no job');
  const { pointId } = point.data;
  const more = Array.from({ length: LONG - usual.length }, (_, n): Entry => {
    const written = <K extends EntryKind>(kind: K, data: EntryData<K>): Entry => ({
      ...newEntry(kind, data, { id: newId(), at: last.at, by: INES }),
      seq: last.seq + 1 + n,
      receivedAt: last.receivedAt,
    });
    const low = 17 + (n % 9) / 10;
    const reading = {
      pointId,
      what: 'volts',
      at: n % 2 ? 'door' : 'transformer',
      state: 'open',
      low,
      high: low,
    } as const;
    return n % 3 ? written('noteWritten', { text: `said on the way, ${n}` }) : written('readingTaken', reading);
  });
  return { usual, next, long: [...usual, ...more] };
}

const head = (id: string) => ({ id, title: id, createdAt: '2026-03-10T09:00:00Z' });

/** Puts the logs on the shelf. @returns how many entries each has */
async function keep(): Promise<Readonly<Record<JobId, number>>> {
  const made = logs();
  for (const id of ['usual', 'next', 'long'] as const) await keepLog(head(id), made[id]);
  return { usual: made.usual.length, next: made.next.length, long: made.long.length };
}

/** Reads a job off the shelf and folds it. @returns ms of both, and of folding alone */
async function open(id: JobId): Promise<{ readonly all: number; readonly fold: number }> {
  const start = performance.now();
  const entries = await keptLog(id);
  const read = performance.now();
  const { last } = fold(head(id), entries);
  const done = performance.now();
  if (last !== entries.length) throw new Error(`${id}: ${last} of ${entries.length}`);
  return { all: done - start, fold: done - read };
}

/** Folds the long log again and again. @returns ms each time */
async function foldAgain(runs: number): Promise<readonly number[]> {
  const entries = await keptLog('long');
  return Array.from({ length: runs }, () => {
    const start = performance.now();
    fold(head('long'), [...entries]);
    return performance.now() - start;
  });
}

Object.assign(globalThis, { openedHere: { keep, open, foldAgain } });
