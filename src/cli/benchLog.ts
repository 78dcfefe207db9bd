import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { rowMaker } from '@/core/board';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { fold } from '@/core/job';
import { newEntry, type Entry, type EntryData, type EntryKind, type NewEntry } from '@/core/kinds';
import { INES } from '@/demo/crew';
import { boardRow, bringUp } from '@/server/projection/project';
import { broughtUp } from '@/server/projection/soon';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { jobLog, jobOf } from '@/server/jobs/jobLog';
import { openStore } from '@/server/store';
import { line, ms, share, timesOf, timesOfAsync } from './measured';

const rowOf = rowMaker(SHIPPED_CATALOGUE);

// What a log costs as it grows, each beside the shortest: taking one more entry, opening its page, making its row, and what the
// same would cost read and folded anew.
const SIZES = [30, 200, 2000] as const;
const RUNS = 40;

const READINGS = [20, 120, 800] as const;

/** A reading with another figure. */
function otherVolts(entry: Entry | undefined, volts: number): Entry {
  if (entry?.kind !== 'readingTaken' || entry.data.what !== 'volts') throw new Error('no reading');
  return { ...entry, data: { ...entry.data, low: volts, high: volts } };
}

/** Prints what readings cost as there are more of them: one more, the page, and all that is judged, beside the fewest. */
export async function benchReadings(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-bench-'));
  const { db, clock } = await openStore(folder);
  const written = <K extends EntryKind>(kind: K, data: EntryData<K>): NewEntry =>
    newEntry(kind, data, { id: clock.newId(), at: clock.now(), by: INES });
  const reading = (n: number): NewEntry => {
    const volts = 17 + (n % 7) / 10;
    const at = n % 2 ? 'transformer' : 'door';
    return written('readingTaken', {
      pointId: 'p',
      what: 'volts',
      at,
      state: n % 3 ? 'open' : 'standby',
      low: volts,
      high: volts,
    });
  };
  let first: readonly number[] | null = null;
  for (const count of READINGS) {
    const id = clock.newId();
    await createJob(db, clock, { id, at: clock.now(), by: INES, title: `Bench ${count}` });
    const door = {
      pointId: 'p',
      pointKind: 'doorbell',
      name: 'Front',
      supplyId: 's',
      chimeId: 'c',
      boxId: 'b',
    } as const;
    await appendEntries(db, clock, id, [
      written('pointAdded', door),
      written('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 10 }),
    ]);
    for (let from = 0; from < count; from += 200)
      await appendEntries(
        db,
        clock,
        id,
        Array.from({ length: Math.min(200, count - from) }, (_, i) => reading(from + i)),
      );
    await broughtUp(db);
    const append = share(await timesOfAsync(RUNS, (n) => appendEntries(db, clock, id, [reading(n)])), 0.5);
    const page = share(await timesOfAsync(RUNS, async () => jobOf(await jobLog(db, id))), 0.5);
    const { head, entries } = await jobLog(db, id);
    // One figure another each time, so that nothing that was judged is remembered
    let run = 0;
    const judged = share(
      timesOf(6, () => {
        const last = otherVolts(entries.at(-1), 16 + ++run / 1000);
        boardRow(fold(head, [...entries.slice(0, -1), last]), rowOf);
      }),
      0.5,
    );
    const now = [append, page, judged];
    first ??= now;
    const against = (i: number): string =>
      `${((now[i] ?? NaN) / (first?.[i] ?? NaN)).toFixed(1)} times that of ${READINGS[0]}`;
    line(`${count} readings: one more, answered`, `p50 ${ms(append)}, ${against(0)}`);
    line('  its page: log and job', `p50 ${ms(page)}, ${against(1)}`);
    line('  its row, or its sheet: all that is judged, apart', `p50 ${ms(judged)}, ${against(2)}`);
  }
  await broughtUp(db);
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
}

/** Prints the cost of a log of several lengths. */
export async function benchLongLogs(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-bench-'));
  const { db, clock } = await openStore(folder);
  const note = (text: string): NewEntry =>
    newEntry('noteWritten', { text }, { id: clock.newId(), at: clock.now(), by: INES });
  let first: readonly number[] | null = null;
  for (const size of SIZES) {
    const id = clock.newId();
    await createJob(db, clock, { id, at: clock.now(), by: INES, title: `Bench ${size}` });
    const door = {
      pointId: 'p',
      pointKind: 'doorbell',
      name: 'Front',
      supplyId: 's',
      chimeId: 'c',
      boxId: 'b',
    } as const;
    const head = { id: clock.newId(), at: clock.now(), by: INES };
    await appendEntries(db, clock, id, [newEntry('pointAdded', door, head)]);
    for (let from = 1; from < size; from += 200)
      await appendEntries(
        db,
        clock,
        id,
        Array.from({ length: Math.min(200, size - from) }, (_, i) => note(`note ${from + i}`)),
      );
    await broughtUp(db);
    const append = share(await timesOfAsync(RUNS, () => appendEntries(db, clock, id, [note('one more')])), 0.5);
    await broughtUp(db);
    const page = share(await timesOfAsync(RUNS, async () => jobOf(await jobLog(db, id))), 0.5);
    const row = share(await timesOfAsync(10, () => bringUp(db, id)), 0.5);
    const anew = share(
      await timesOfAsync(10, async () => {
        const { head: job, entries } = await jobLog(db, id);
        return fold(job, [...entries]);
      }),
      0.5,
    );
    const now = [append, page, row, anew];
    first ??= now;
    const against = (i: number): string =>
      `${((now[i] ?? NaN) / (first?.[i] ?? NaN)).toFixed(1)} times that of ${SIZES[0]}`;
    line(`${size} entries: one more, answered`, `p50 ${ms(append)}, ${against(0)}`);
    line('  its page: log and job', `p50 ${ms(page)}, ${against(1)}`);
    line('  its row, made after the answer', `p50 ${ms(row)}, ${against(2)}`);
    line('  the same job folded anew', `p50 ${ms(anew)}, ${against(3)}`);
  }
  await broughtUp(db);
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
}
