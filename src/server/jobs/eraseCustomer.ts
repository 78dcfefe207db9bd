import { rm } from 'node:fs/promises';
import path from 'node:path';
import { sql } from 'kysely';
import type { EraseRequest } from '@/contract/job';
import { ProblemError } from '@/contract/problem';
import { copiesBeside } from '../db/openFault';
import { bringUp } from '../projection/project';
import { siteKey } from '../sealing/keys';
import type { Store } from '../storeOf';
import { jobLog } from './jobLog';

/**
 * Erases a job’s customer: the key of its site is destroyed, and with it name, address, notes and photos wherever a copy of
 * them lies. What was found, built and proved stays. Again it changes nothing.
 * @throws ProblemError 404 no such job · 422 another title than that of the job, so that no other is erased by mistake
 */
export async function eraseCustomer(
  { db, clock, folder }: Store,
  jobId: string,
  { by, title }: EraseRequest,
): Promise<{ readonly erasedAt: string }> {
  const { head } = await jobLog(db, jobId);
  if (head.erasedAt !== undefined) return { erasedAt: head.erasedAt };
  if (head.title !== title)
    throw new ProblemError(422, 'This is not the title of the job: nothing was erased.', [
      { path: 'title', message: 'is not the title of this job' },
    ]);
  await db
    .updateTable('keys.site_keys')
    .set({ key: null, erased_at: clock.now(), erased_by: by.name })
    .where('job_id', '=', jobId)
    .where('key', 'is not', null)
    .execute();
  // Whatever fails from here on is made good at the next start: the rows are seen to be of before
  await bringUp(db, jobId);
  // Nothing of the key, nor of the rows, stays in a journal
  await sql`PRAGMA wal_checkpoint(TRUNCATE)`.execute(db);
  // Copies that upgrades and restores laid beside hold it in the clear, or did not know of it
  for (const copy of copiesBeside(folder))
    for (const end of ['', '-wal', '-shm'])
      await rm(path.join(/*turbopackIgnore: true*/ folder, `${copy}${end}`), { force: true });
  const { erasedAt } = await siteKey(db, jobId);
  if (erasedAt === null) throw new Error('the key is still there');
  return { erasedAt };
}
