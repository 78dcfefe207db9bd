import { helped, type DeadNew, type RepairsFound } from '@/core/points';
import type { Database } from '../db/open';
import { jobLog, jobOf } from './jobLog';

/** What the repairs of all jobs have taught: how often each fault was it, and which parts were dead out of their bag. */
export async function repairsFound(
  db: Database,
): Promise<{ readonly counts: RepairsFound; readonly deadNew: readonly DeadNew[] }> {
  const rows = await db.selectFrom('entries').select('job_id').distinct().where('kind', '=', 'repairTried').execute();
  const counts = new Map<string, number>();
  const deadNew: DeadNew[] = [];
  for (const { job_id: id } of rows)
    for (const { troubles } of jobOf(await jobLog(db, id)).points)
      for (const trouble of troubles) {
        const repair = helped(trouble)?.data;
        if (!repair) continue;
        for (const fault of repair.fault.split('+')) counts.set(fault, (counts.get(fault) ?? 0) + 1);
        if (repair.deadNew) deadNew.push({ fault: repair.fault, batch: repair.batch ?? '' });
      }
  return { counts: Object.fromEntries(counts), deadNew };
}
