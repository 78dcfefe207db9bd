import type { Insertable, Transaction } from 'kysely';
import { fold, type Entry, type Job, type JobHead } from '@/core/job';
import type { Tables } from '../db/tables';
import { boardPoint } from './boardPoint';

interface Log {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
}

/** The board's row of a job: nothing in it but what follows from the log. */
export function boardRow(job: Job): Insertable<Tables['board']> {
  return {
    job_id: job.id,
    title: job.title,
    address: job.site.address ?? '',
    expected_at: job.expectedAt,
    updated_at: job.updatedAt,
    finished: job.points.length > 0 && job.points.every(({ left }) => left !== null) ? 1 : 0,
    points: JSON.stringify(job.points.map((point) => boardPoint(job, point))),
    last_seq: job.last,
  };
}

/** What a job is found by. */
export const searchText = (job: Job): string =>
  [
    job.title,
    job.site.address,
    job.customer.name,
    ...job.points.flatMap((point) => [
      point.name,
      point.choice?.data.device.name,
      point.choice?.data.transformer?.name,
    ]),
    ...job.circuits.flatMap((circuit) => [circuit.name, circuit.way]),
    ...job.notes.map((note) => note.text),
  ]
    .filter((part) => part)
    .join('\n');

/** Brings a job's projections up to its log, in the transaction that wrote to it. */
export async function project(trx: Transaction<Tables>, log: Log): Promise<Job> {
  const job = fold(log.head, log.entries);
  await trx.replaceInto('board').values(boardRow(job)).execute();
  // The index has no key of its own: it shares the number of the job's row
  const { rowid } = await trx.selectFrom('jobs').select('rowid').where('id', '=', job.id).executeTakeFirstOrThrow();
  await trx.deleteFrom('job_search').where('rowid', '=', rowid).execute();
  await trx
    .insertInto('job_search')
    .values({ rowid, job_id: job.id, text: searchText(job) })
    .execute();
  return job;
}
