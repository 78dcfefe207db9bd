import { ProblemError } from '@/contract/problem';
import type { Database } from '../db/open';
import { newKey } from './seal';

// The keys lie in a file of their own beside the database (attached to it as `keys`): a copy of the database is of no use
// without them, and an erased one is in no copy.

type Reader = Pick<Database, 'selectFrom'>;

/** The key of a job’s site, or when its customer was erased. */
export type SiteKey =
  | { readonly key: Uint8Array; readonly erasedAt: null }
  | { readonly key: null; readonly erasedAt: string };

/** @throws ProblemError where the key is neither there nor erased: the file of the keys was lost */
export async function siteKey(db: Reader, jobId: string): Promise<SiteKey> {
  const row = await db.selectFrom('keys.site_keys').selectAll().where('job_id', '=', jobId).executeTakeFirst();
  if (row?.key) return { key: new Uint8Array(row.key), erasedAt: null };
  if (row?.erased_at) return { key: null, erasedAt: row.erased_at };
  throw new ProblemError(
    500,
    'The key of this job is missing: what was said of its customer can’t be read. Put keys.db back from the backup.',
  );
}

/** The key that a job is written with. @throws ProblemError 410 where its customer was erased */
export async function writingKey(db: Reader, jobId: string): Promise<Uint8Array> {
  const { key } = await siteKey(db, jobId);
  if (!key) throw erased();
  return key;
}

const erased = (): ProblemError =>
  new ProblemError(410, 'The customer of this job was erased: nothing is written to it any more.');

/**
 * Makes the key of a job that is about to be written for the first time. On the disk before the job is: a job without its
 * key could not be read.
 * @throws ProblemError 410 where its customer was erased
 */
export async function ensureKey(db: Database, jobId: string): Promise<void> {
  await db
    .insertInto('keys.site_keys')
    .values({ job_id: jobId, key: newKey(), erased_at: null })
    .onConflict((conflict) => conflict.doNothing())
    .execute();
  await writingKey(db, jobId);
}

/** Destroys the key of a job: nobody reads what was said of its customer any more. Again it changes nothing. */
export async function destroyKey(
  db: Pick<Database, 'updateTable'>,
  jobId: string,
  at: string,
  byName: string | null,
): Promise<void> {
  await db
    .updateTable('keys.site_keys')
    .set({ key: null, erased_at: at, erased_by: byName })
    .where('job_id', '=', jobId)
    .where('key', 'is not', null)
    .execute();
}
