import { ProblemError } from '@/contract/problem';
import type { JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import type { Database } from '../db/open';
import { entryOf, headOf } from './rows';

/** A job's head and log as they stand. */
export interface JobLog {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
}

const noJob = (id: string): ProblemError => new ProblemError(404, `There is no job ${id.slice(0, 64)} here.`);

type Reader = Pick<Database, 'selectFrom'>;

async function readLog(db: Reader, jobId: string): Promise<JobLog | null> {
  const job = await db.selectFrom('jobs').selectAll().where('id', '=', jobId).executeTakeFirst();
  if (!job) return null;
  const rows = await db.selectFrom('entries').selectAll().where('job_id', '=', jobId).orderBy('seq').execute();
  return { head: headOf(job), entries: rows.map(entryOf) };
}

/** @throws ProblemError 404 */
export async function jobLog(db: Reader, jobId: string): Promise<JobLog> {
  const log = await readLog(db, jobId);
  if (!log) throw noJob(jobId);
  return log;
}
