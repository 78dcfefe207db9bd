import { CODE } from '@/contract/code';
import { sql } from 'kysely';
import { ERASED_TEXT } from '@/core/kinds';
import type { Database } from '../db/open';
import { bringUp } from './project';

/** Drops all projections and makes them anew from the log. @returns number of jobs whose rows could be made */
export async function rebuildProjections(db: Database): Promise<number> {
  await db.transaction().execute(async (trx) => {
    await trx.deleteFrom('board').execute();
    await trx.deleteFrom('job_search').execute();
  });
  const jobs = await db.selectFrom('jobs').select('id').orderBy('id').execute();
  let made = 0;
  for (const { id } of jobs) if (await bringUp(db, id)) made++;
  return made;
}

/** Jobs whose rows are missing, lag behind their log, failed, or were made by another code. */
async function behind(db: Database): Promise<readonly string[]> {
  const { rows } = await sql<{ id: string }>`
    SELECT jobs.id AS id FROM jobs LEFT JOIN board ON board.job_id = jobs.id
      LEFT JOIN keys.site_keys AS site ON site.job_id = jobs.id
    WHERE board.job_id IS NULL OR board.made_by = '' OR board.made_by <> ${CODE}
      OR board.last_seq <> (SELECT coalesce(max(seq), 0) FROM entries WHERE entries.job_id = jobs.id)
      OR (site.erased_at IS NOT NULL AND board.title <> ${ERASED_TEXT})
    ORDER BY board.finished, jobs.id`.execute(db);
  return rows.map(({ id }) => id);
}

/**
 * Brings up every row that is behind, one after the other, so that requests come in between. Old rows are shown
 * meanwhile.
 * @returns number of jobs that were behind
 */
export async function catchUp(db: Database): Promise<number> {
  const jobs = await behind(db);
  for (const id of jobs) await bringUp(db, id);
  return jobs.length;
}
