import { rm } from 'node:fs/promises';
import path from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { sql } from 'kysely';
import type { EraseRequest } from '@/contract/job';
import { ProblemError } from '@/contract/problem';
import type { Database } from '../db/open';
import { copiesBeside } from '../db/openFault';
import { bringUp } from '../projection/project';
import { destroyKey, siteKey } from '../sealing/keys';
import type { Store } from '../storeOf';
import { jobLog } from './jobLog';

/** Between two tries, ms, and how many: whoever reads just then is done in a moment. */
const TRY_AGAIN_MS = 50;
const MOST_TRIES = 60;

/**
 * Brings what stands in a journal into its file and empties the journal: until then the file itself holds what was erased.
 * @throws where somebody reads on and on
 */
async function bringHome(db: Database, part: 'keys' | 'main'): Promise<void> {
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const { rows } = await sql<{ busy: number }>`PRAGMA ${sql.id(part)}.wal_checkpoint(TRUNCATE)`.execute(db);
    if (rows[0]?.busy === 0) return;
    await setTimeout(TRY_AGAIN_MS);
  }
  throw new Error(`the journal of ${part} could not be emptied`);
}

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
  if (head.erasedAt === undefined) {
    if (head.title !== title)
      throw new ProblemError(422, 'This is not the title of the job: nothing was erased.', [
        { path: 'title', message: 'is not the title of this job' },
      ]);
    await destroyKey(db, jobId, clock.now(), by.name);
  }
  // Whatever fails from here on is made good by asking again, and the rows at the next start
  await bringUp(db, jobId);
  for (const part of ['keys', 'main'] as const) await bringHome(db, part);
  // Copies that upgrades and restores laid beside hold it in the clear, or did not know of it
  for (const copy of copiesBeside(folder))
    for (const end of ['', '-wal', '-shm'])
      await rm(path.join(/*turbopackIgnore: true*/ folder, `${copy}${end}`), { force: true });
  const { erasedAt } = await siteKey(db, jobId);
  if (erasedAt === null) throw new Error('the key is still there');
  return { erasedAt };
}
