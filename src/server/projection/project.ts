import { CODE } from '@/contract/code';
import type { Insertable, Transaction } from 'kysely';
import { rowMaker, type JobRow } from '@/core/board';
import type { Job } from '@/core/job';
import { ERASED_TEXT } from '@/core/kinds';
import { searchWordsOf } from '@/core/points';
import { ofCatalogue } from '../catalogue';
import type { Database } from '../db/open';
import type { Tables } from '../db/tables';
import { jobLog, jobOf } from '../jobs/jobLog';
import { siteKey } from '../sealing/keys';
import { openedTitle } from '../sealing/sealedRows';
import { foundRepairs } from './foundRepairs';

/** Makes rows by the firm’s own catalogue, as the pages of jobs are. */
const rowsOfFirm = ofCatalogue(rowMaker);

/** The board's row of a job: nothing in it but what follows from the log and the catalogue. */
export function boardRow(job: Job, row: (job: Job) => JobRow): Omit<Insertable<Tables['board']>, 'made_by' | 'fault'> {
  const { title, address, expectedAt, updatedAt, finished, points } = row(job);
  return {
    job_id: job.id,
    title,
    address,
    expected_at: expectedAt,
    updated_at: updatedAt,
    finished: finished ? 1 : 0,
    points: JSON.stringify(points),
    last_seq: job.last,
    repairs: JSON.stringify(foundRepairs(job)),
  };
}

/** What a job is found by. */
export const searchText = (job: Job): string =>
  [
    job.title,
    job.site.address,
    job.customer.name,
    ...job.points.flatMap((point) => [point.name, ...searchWordsOf(point)]),
    ...job.circuits.flatMap((circuit) => [circuit.name, circuit.way]),
    ...job.notes.map((note) => note.text),
  ]
    .filter((part) => part)
    .join('\n');

/** Makes a row of a log; another one is handed in where a view is to fail. */
export type MakeRow = typeof boardRow;

/** What is written of a job: made before anything is locked, for judging takes its time. */
interface Made {
  readonly row: Omit<Insertable<Tables['board']>, 'made_by' | 'fault'>;
  readonly text: string;
  /** Whether the customer was erased then. */
  readonly erasedAt: string | null;
}

async function write(trx: Transaction<Tables>, jobId: string, { row, text, erasedAt }: Made): Promise<void> {
  const there = await trx
    .selectFrom('board')
    .select(['last_seq', 'made_by'])
    .where('job_id', '=', jobId)
    .executeTakeFirst();
  // Whoever erases the customer meanwhile makes the row anew
  if ((await siteKey(trx, jobId)).erasedAt !== erasedAt) return;
  // Somebody else was quicker with a longer log
  if (there && there.made_by === CODE && there.last_seq > row.last_seq) return;
  await trx
    .replaceInto('board')
    .values({ ...row, made_by: CODE, fault: null })
    .execute();
  // The index has no key of its own: it shares the number of the job's row
  const { rowid } = await trx.selectFrom('jobs').select('rowid').where('id', '=', jobId).executeTakeFirstOrThrow();
  await trx.deleteFrom('job_search').where('rowid', '=', rowid).execute();
  await trx.insertInto('job_search').values({ rowid, job_id: jobId, text }).execute();
}

/** Says on a job’s row that it could not be made; what stood there stays, and it is tried again at the next start. */
async function writeFault(db: Database, jobId: string, fault: string): Promise<void> {
  await db.transaction().execute(async (trx) => {
    const there = await trx
      .updateTable('board')
      .set({ fault, made_by: '' })
      .where('job_id', '=', jobId)
      .executeTakeFirst();
    if (there.numUpdatedRows > 0n) return;
    const job = await trx.selectFrom('jobs').selectAll().where('id', '=', jobId).executeTakeFirst();
    if (!job) return;
    // A row that tells of a fault has a name, if that can be read
    const title = await siteKey(trx, jobId).then(
      ({ key }) => openedTitle(key, jobId, job.title),
      () => ERASED_TEXT,
    );
    await trx
      .insertInto('board')
      .values({
        job_id: jobId,
        title,
        address: '',
        expected_at: null,
        updated_at: job.received_at,
        finished: 0,
        points: '[]',
        repairs: '[]',
        last_seq: 0,
        made_by: '',
        fault,
      })
      .execute();
  });
}

/**
 * Brings a job's rows up to its log. Called after the log was committed: whatever fails here refuses nothing, and is
 * told on the row.
 * @returns whether they could be made
 */
export async function bringUp(db: Database, jobId: string, makeRow: MakeRow = boardRow): Promise<boolean> {
  try {
    const job = jobOf(await jobLog(db, jobId));
    const made = { row: makeRow(job, await rowsOfFirm(db)), text: searchText(job), erasedAt: job.erasedAt };
    await db.transaction().execute((trx) => write(trx, jobId, made));
    return true;
  } catch (error) {
    console.error(`the board’s row of job ${jobId} could not be made`, error);
    await writeFault(db, jobId, error instanceof Error ? error.message.slice(0, 200) : 'unknown');
    return false;
  }
}
