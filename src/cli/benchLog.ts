import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fold } from '@/core/job';
import { newEntry, type NewEntry } from '@/core/kinds';
import { INES } from '@/demo/crew';
import { bringUp } from '@/server/projection/project';
import { broughtUp } from '@/server/projection/soon';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { jobLog, jobOf } from '@/server/jobs/jobLog';
import { openStore } from '@/server/store';
import { line, ms, share, timesOfAsync } from './measured';

// What a log costs as it grows, each beside the shortest: taking one more entry, opening its page, making its row, and what the
// same would cost read and folded anew.
const SIZES = [30, 200, 2000] as const;
const RUNS = 40;

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
