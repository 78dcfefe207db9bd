import { closeSync, fsyncSync, mkdtempSync, openSync, rmSync, statSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { newEntry, type NewEntry } from '@/core/kinds';
import { INES } from '@/demo/crew';
import { demoJobs } from '@/demo/demoFirm';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { systemClock } from '@/server/clock';
import { boardJobs, dayOf, listJobs } from '@/server/jobs/jobList';
import { broughtUp, makeRowsApart } from '@/server/projection/soon';
import { endApart } from '@/server/apart/pool';
import { multiplyJobs } from '@/server/forBench';
import { openStore } from '@/server/store';
import { line, ms, share, timesOf, timesOfAsync } from './measured';

// A firm as it grows: how long the board, a search and an append take at the server, and a board while others write. By
// itself 1 000 and 10 000 jobs; `npm run bench -- growth 100 1000 10000 100000` takes those that are named.
const USUAL_SIZES = [1000, 10_000] as const;
/** Entries that are appended one by one, by each who writes. */
const APPENDS = 40;
const WRITERS = 4;
/** So many jobs are written to. */
const MOST_WRITTEN_TO = 500;
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

/** Beyond so many a firm is multiplied by copies of its rows: nobody opens those, and being there is what they are for. */
const MOST_WRITTEN = 2000;

type Db = Awaited<ReturnType<typeof openStore>>['db'];

/** One note to one of the jobs there are, as a phone sends it: answered when durable. */
const append = (db: Db, jobs: readonly string[], i: number): Promise<unknown> => {
  const note = newEntry(
    'noteWritten',
    { text: `said later, ${i}` },
    { id: systemClock.newId(), at: systemClock.now(), by: INES },
  );
  return appendEntries(db, systemClock, jobs[(i * 7919) % jobs.length] ?? '', [note]);
};

/** A bare write of as many bytes that is flushed to the disk. */
function flushed(place: string): readonly number[] {
  const file = openSync(place, 'a');
  const bytes = Buffer.alloc(400, 1);
  const times = timesOf(APPENDS, () => {
    writeSync(file, bytes);
    fsyncSync(file);
  });
  closeSync(file);
  return times;
}

/** The board, again and again, for as long as some write. */
async function boardsMeanwhile(db: Db, jobs: readonly string[]): Promise<readonly number[]> {
  let isWriting = true;
  const writer = async (w: number): Promise<void> => {
    for (let i = 0; i < APPENDS; i++) await append(db, jobs, w * APPENDS + i);
  };
  const writing = Promise.all(Array.from({ length: WRITERS }, (_, w) => writer(w))).finally(() => (isWriting = false));
  const boards: number[] = [];
  while (isWriting) {
    const start = performance.now();
    await boardJobs(db, '', dayOf(systemClock.now()));
    boards.push(performance.now() - start);
  }
  await writing;
  return boards.sort((a, b) => a - b);
}

const spread = (times: readonly number[]): string => `p50 ${ms(share(times, 0.5))}, p95 ${ms(share(times, 0.95))}`;

/** @returns what the board takes, ms, at the middle */
async function measure(folder: string, size: number): Promise<number> {
  const { db } = await openStore(folder);
  // As it is served, where the program was built
  makeRowsApart(db, folder);
  const { entries } = await db
    .selectFrom('entries')
    .select((count) => count.fn.countAll<number>().as('entries'))
    .executeTakeFirstOrThrow();
  const jobs = (await db.selectFrom('jobs').select('id').orderBy('rowid').limit(MOST_WRITTEN_TO).execute()).map(
    ({ id }) => id,
  );
  const board = await timesOfAsync(15, () => boardJobs(db, '', dayOf(systemClock.now())));
  line(`${size} jobs, ${entries} entries: board at the server`, spread(board));
  const rare = await timesOfAsync(15, (i) => listJobs(db, { q: `house ${(i * 37) % size}`, limit: 50, after: null }));
  line('  search for one house', spread(rare));
  const common = await timesOfAsync(15, () => boardJobs(db, 'wharf', dayOf(systemClock.now())));
  line('  search for a word of every eighth house', spread(common));
  const appended = await timesOfAsync(APPENDS, (i) => append(db, jobs, i));
  line('  one entry, kept', spread(appended));
  const bare = flushed(path.join(folder, 'bare'));
  line('  beside a bare write that is flushed', `${(share(appended, 0.5) / share(bare, 0.5)).toFixed(1)} times`);
  const meanwhile = await boardsMeanwhile(db, jobs);
  line(`  board while ${WRITERS} write`, meanwhile.length === 0 ? 'none came between' : spread(meanwhile));
  line('  on disk', `${(statSync(path.join(folder, 'fox-ladder.db')).size / 1e6).toFixed(0)} MB`);
  await broughtUp(db);
  await db.destroy();
  return share(board, 0.5);
}

const asked = process.argv.slice(2).map(Number);
const sizes = asked.length > 0 ? asked : USUAL_SIZES;
if (!sizes.every((size) => Number.isInteger(size) && size > 0)) throw new TypeError('numbers of jobs, the least first');
const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-growth-'));
try {
  let filled = 0;
  const boards: number[] = [];
  for (const size of sizes) {
    const written = Math.min(size, MOST_WRITTEN);
    if (written > filled) await fill(folder, filled, written);
    if (size > written) await multiplyJobs(folder, written, filled, size);
    filled = size;
    boards.push(await measure(folder, size));
  }
  const times = ((boards.at(-1) ?? NaN) / (boards[0] ?? NaN)).toFixed(1);
  line(`  board at ${sizes.at(-1)} jobs over that at ${sizes[0]}`, `${times} times`);
} finally {
  await endApart();
  rmSync(folder, { recursive: true, force: true });
}
