import type { Database } from '../db/open';
import { jobLog } from '../jobs/entryStore';
import { project } from './project';

/** Raised when what the projections hold changes: an older data folder is then rebuilt at start. */
export const PROJECTION_VERSION = 6;

/** Drops all projections and makes them anew from the log. @returns number of jobs */
export async function rebuildProjections(db: Database): Promise<number> {
  return db.transaction().execute(async (trx) => {
    await trx.deleteFrom('board').execute();
    await trx.deleteFrom('job_search').execute();
    const jobs = await trx.selectFrom('jobs').select('id').orderBy('id').execute();
    for (const { id } of jobs) await project(trx, await jobLog(trx, id));
    await trx.replaceInto('projection_version').values({ only: 1, version: PROJECTION_VERSION }).execute();
    return jobs.length;
  });
}

/** Rebuilds where the projections are of an older version. */
export async function ensureProjections(db: Database): Promise<void> {
  const row = await db.selectFrom('projection_version').select('version').executeTakeFirst();
  if (row?.version !== PROJECTION_VERSION) await rebuildProjections(db);
}
