import { sql } from 'kysely';
import { openStore } from './store';

/** Copies every job that was written, under other ids and names, from so many jobs to so many. */
export async function multiplyJobs(folder: string, written: number, from: number, size: number): Promise<void> {
  const { db } = await openStore(folder);
  const copyId = (k: number) => sql.raw(`printf('%08x', ${k}) || substr(id, 9)`);
  const copyJobId = (k: number) => sql.raw(`printf('%08x', ${k}) || substr(job_id, 9)`);
  const renamed = (column: string, k: number) => sql.raw(`replace(${column}, 'House ', 'House ${k}')`);
  for (let k = Math.max(1, Math.ceil(from / written)); k < size / written; k++)
    await db.transaction().execute(async (trx) => {
      const own = sql.raw(`(SELECT id FROM jobs ORDER BY rowid LIMIT ${written})`);
      await sql`INSERT INTO jobs (id, title, created_at, received_at, by_id, by_name)
        SELECT ${copyId(k)}, title, created_at, received_at, by_id, by_name FROM jobs ORDER BY rowid LIMIT ${written}`.execute(
        trx,
      );
      await sql`INSERT INTO entries (job_id, seq, id, at, by_id, by_name, kind, version, data, sealed, corrects, received_at, seen, imported)
        SELECT ${copyJobId(k)}, seq, id, at, by_id, by_name, kind, version, data, sealed, corrects, received_at, seen, imported
        FROM entries WHERE job_id IN ${own}`.execute(trx);
      await sql`INSERT INTO board SELECT ${copyJobId(k)}, ${renamed('title', k)}, address, expected_at, updated_at, finished, points,
        last_seq, made_by, fault, repairs FROM board WHERE job_id IN ${own}`.execute(trx);
      await sql`INSERT INTO job_search (rowid, job_id, text)
        SELECT jobs.rowid, jobs.id, ${renamed('job_search.text', k)} FROM job_search
        JOIN jobs ON jobs.id = printf('%08x', ${k}) || substr(job_search.job_id, 9)
        WHERE job_search.rowid <= (SELECT max(rowid) FROM (SELECT rowid FROM jobs ORDER BY rowid LIMIT ${written}))`.execute(
        trx,
      );
    });
  await db.destroy();
}
