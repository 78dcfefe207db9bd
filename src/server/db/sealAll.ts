import { setImmediate } from 'node:timers/promises';
import { sql, type Kysely } from 'kysely';
import type { NewEntry } from '@/core/kinds';
import { newKey } from '../sealing/seal';
import { sealedData, sealedTitle } from '../sealing/sealedRows';

/** Entries that are sealed at a time. */
const BATCH = 500;

interface Row {
  readonly seq: number;
  readonly id: string;
  readonly kind: string;
  readonly data: string;
}

/** Seals titles and what tells of customers in a database from before, whose jobs have their keys already. */
export async function sealAll(db: Kysely<unknown>): Promise<void> {
  const jobs = await sql<{ id: string; title: string; key: Uint8Array | null }>`
    SELECT jobs.id, title, key FROM jobs JOIN keys.site_keys ON site_keys.job_id = jobs.id`.execute(db);
  for (const { id, title, key: stored } of jobs.rows) {
    // Of who was erased since, in a copy from before that was put back, nothing is to be read: nobody keeps this key
    const key = stored ? new Uint8Array(stored) : newKey();
    await sql`UPDATE jobs SET title = ${sealedTitle(key, id, title)} WHERE id = ${id}`.execute(db);
    for (let after = 0; ;) {
      const { rows } = await sql<Row>`SELECT seq, id, kind, data FROM entries
        WHERE job_id = ${id} AND seq > ${after} ORDER BY seq LIMIT ${BATCH}`.execute(db);
      for (const row of rows) {
        const entry = { id: row.id, kind: row.kind, data: JSON.parse(row.data) as unknown } as NewEntry;
        const { data, sealed } = sealedData(key, id, entry);
        if (sealed === null) continue;
        await sql`UPDATE entries SET data = ${data}, sealed = ${sealed} WHERE job_id = ${id} AND seq = ${row.seq}`.execute(
          db,
        );
      }
      // Who asks meanwhile is told that it takes a while
      await setImmediate();
      const last = rows.at(-1);
      if (!last) break;
      after = last.seq;
    }
  }
}
