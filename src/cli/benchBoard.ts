import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { newEntry, type NewEntry } from '@/core/kinds';
import { INES } from '@/demo/crew';
import { demoJobs } from '@/demo/demoFirm';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { systemClock } from '@/server/clock';
import { boardJobs, dayOf, listJobs } from '@/server/jobs/jobList';
import { broughtUp } from '@/server/projection/soon';
import { openStore } from '@/server/store';
import { line, ms, share, timesOfAsync } from './measured';

// A firm of 10 000 jobs with 300 000 entries: how long the board and a search take at the server, beside 1 000 jobs.
const SIZES = [1000, 10_000] as const;
const ENTRIES_PER_JOB = 30;
const ROADS = ['Slip', 'Reed', 'Tide', 'Dune', 'Wharf', 'Strand', 'Saltings', 'Lighthouse'];
const DAY_MS = 86_400_000;

/**
 * The first entries of the made-up jobs, filled up with notes to the number that every job has. Ids are unique within a
 * job: all jobs of one kind share theirs, and their circuit is judged once.
 */
function templates(newId: () => string): readonly (readonly NewEntry[])[] {
  const jobs = demoJobs(newId, (days, hour) => Date.UTC(2026, 2, 10 + days, hour));
  return jobs.map(({ entries }) => {
    const written = entries.slice(0, ENTRIES_PER_JOB).map(({ seq: _seq, receivedAt: _receivedAt, ...entry }) => entry);
    const at = written.at(-1)?.at ?? '2026-03-10T09:00:00Z';
    const note = (i: number): NewEntry =>
      newEntry('noteWritten', { text: `said on the way, ${i}` }, { id: newId(), at, by: INES });
    return [...written, ...Array.from({ length: ENTRIES_PER_JOB - written.length }, (_, i) => note(i))];
  });
}

/** Jobs from one number to another, each with its own name, street and day. */
async function fill(folder: string, from: number, to: number): Promise<void> {
  const { db, clock } = await openStore(folder);
  const kinds = templates(() => clock.newId());
  for (let i = from; i < to; i++) {
    const id = clock.newId();
    const title = `House ${i} of ${ROADS[i % ROADS.length] ?? ''}`;
    await createJob(db, clock, { id, at: clock.now(), by: INES, title });
    const address = `${i} ${ROADS[i % ROADS.length] ?? ''} Lane`;
    const expectedAt = new Date(Date.UTC(2026, 0, 1) + (i % 900) * DAY_MS).toISOString();
    const entries = (kinds[i % kinds.length] ?? []).map((entry): NewEntry => {
      if (entry.kind === 'siteDescribed') return { ...entry, data: { ...entry.data, name: title, address } };
      return entry.kind === 'visitPlanned' ? { ...entry, data: { expectedAt } } : entry;
    });
    await appendEntries(db, clock, id, entries);
  }
  await broughtUp(db);
  await db.destroy();
}

const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-board-'));
try {
  let filled = 0;
  const boards: number[] = [];
  for (const size of SIZES) {
    await fill(folder, filled, size);
    filled = size;
    const { db } = await openStore(folder);
    const { entries } = await db
      .selectFrom('entries')
      .select((count) => count.fn.countAll<number>().as('entries'))
      .executeTakeFirstOrThrow();
    const board = await timesOfAsync(15, () => boardJobs(db, '', dayOf(systemClock.now())));
    const rare = await timesOfAsync(15, (i) => listJobs(db, { q: `house ${(i * 37) % size}`, limit: 50, after: null }));
    const common = await timesOfAsync(15, () => boardJobs(db, 'wharf', dayOf(systemClock.now())));
    await db.destroy();
    boards.push(share(board, 0.5));
    line(
      `${size} jobs, ${entries} entries: board at the server`,
      `p50 ${ms(share(board, 0.5))}, p95 ${ms(share(board, 0.95))}`,
    );
    line('  search for one house', `p50 ${ms(share(rare, 0.5))}, p95 ${ms(share(rare, 0.95))}`);
    line('  search for a word of every eighth house', `p50 ${ms(share(common, 0.5))}, p95 ${ms(share(common, 0.95))}`);
  }
  line('  board at 10 000 jobs over that at 1 000', `${((boards[1] ?? NaN) / (boards[0] ?? NaN)).toFixed(1)} times`);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
