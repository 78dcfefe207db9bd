import { setImmediate } from 'node:timers/promises';
import type { Selectable } from 'kysely';
import { ProblemError } from '@/contract/problem';
import { fold, type Job, type JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import type { Database } from '../db/open';
import type { Tables } from '../db/tables';
import { siteKey, type SiteKey } from '../sealing/keys';
import { shared } from '../shared';
import { entryOf, headOf } from './rows';

/** A job's head and log as they stand. */
export interface JobLog {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
}

const noJob = (id: string): ProblemError => new ProblemError(404, `There is no job ${id.slice(0, 64)} here.`);

type Reader = Pick<Database, 'selectFrom'>;

/** So many entries are remembered, of the jobs that were asked for last. */
const MOST_REMEMBERED = 100_000;

/** Logs that were read: a log only grows, so of one that is known only what came since is read. */
class LogMemory {
  private readonly logs = new Map<string, JobLog>();
  private count = 0;

  get(jobId: string): JobLog | undefined {
    return this.logs.get(jobId);
  }

  keep(jobId: string, log: JobLog): void {
    this.forget(jobId);
    this.logs.set(jobId, log);
    this.count += log.entries.length;
    for (const [oldest] of this.logs) {
      if (this.count <= MOST_REMEMBERED || oldest === jobId) break;
      this.forget(oldest);
    }
  }

  forget(jobId: string): void {
    this.count -= this.logs.get(jobId)?.entries.length ?? 0;
    this.logs.delete(jobId);
  }
}
const memory = (): LogMemory => shared('logs', () => new LogMemory());

/** What is remembered of a log, where it is the beginning of what stands in the store. */
async function beginningOf(db: Reader, jobId: string): Promise<readonly Entry[]> {
  const known = memory().get(jobId)?.entries ?? [];
  const last = known.at(-1);
  if (!last) return [];
  const row = await db
    .selectFrom('entries')
    .select('id')
    .where('job_id', '=', jobId)
    .where('seq', '=', last.seq)
    .executeTakeFirst();
  // Another store, or one that was put back to a copy
  return row?.id === last.id ? known : [];
}

/** Rows that are read at a stretch: between them others have their turn. */
const AT_A_STRETCH = 100;

async function readRows(rows: readonly Selectable<Tables['entries']>[], key: SiteKey): Promise<readonly Entry[]> {
  const entries: Entry[] = [];
  for (let from = 0; from < rows.length; from += AT_A_STRETCH) {
    if (from > 0) await setImmediate();
    for (const row of rows.slice(from, from + AT_A_STRETCH)) entries.push(entryOf(row, key));
  }
  return entries;
}

async function readLog(db: Reader, jobId: string): Promise<JobLog | null> {
  const job = await db.selectFrom('jobs').selectAll().where('id', '=', jobId).executeTakeFirst();
  if (!job) return null;
  const key = await siteKey(db, jobId);
  if (key.erasedAt !== (memory().get(jobId)?.head.erasedAt ?? null)) memory().forget(jobId);
  const known = await beginningOf(db, jobId);
  const rows = await db
    .selectFrom('entries')
    .selectAll()
    .where('job_id', '=', jobId)
    .where('seq', '>', known.at(-1)?.seq ?? 0)
    .orderBy('seq')
    .execute();
  const entries = rows.length === 0 ? known : [...known, ...(await readRows(rows, key))];
  const log = { head: headOf(job, key), entries };
  memory().keep(jobId, log);
  return log;
}

/** @throws ProblemError 404 */
export async function jobLog(db: Reader, jobId: string): Promise<JobLog> {
  const log = await readLog(db, jobId);
  if (!log) throw noJob(jobId);
  return log;
}

const folded = () =>
  shared('folded', () => new WeakMap<readonly Entry[], { readonly title: string; readonly job: Job }>());

/** The job of a log; of a log that stands as it stood it is not worked out again. */
export function jobOf({ head, entries }: JobLog): Job {
  const known = folded().get(entries);
  if (known?.job.id === head.id && known.title === head.title && known.job.erasedAt === (head.erasedAt ?? null))
    return known.job;
  const job = fold(head, entries);
  folded().set(entries, { title: head.title, job });
  return job;
}
