import { helped, type RepairsFound } from '@/core/points';
import type { Database } from '../db/open';
import { jobLog, jobOf } from './jobLog';

/** What was out of order in all jobs of the firm, as it was repaired: how often each fault was it. */
export async function repairsFound(db: Database): Promise<RepairsFound> {
  const rows = await db.selectFrom('entries').select('job_id').distinct().where('kind', '=', 'repairTried').execute();
  const counts = new Map<string, number>();
  for (const { job_id: id } of rows)
    for (const { troubles } of jobOf(await jobLog(db, id)).points)
      for (const trouble of troubles)
        for (const fault of helped(trouble)?.data.fault.split('+') ?? [])
          counts.set(fault, (counts.get(fault) ?? 0) + 1);
  return Object.fromEntries(counts);
}
