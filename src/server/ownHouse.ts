import type { OwnHouse } from '@/contract/practice';
import { regionOf } from '@/core/job';
import { finderAt, openTrouble, rememberingAssess, type Trouble } from '@/core/points';
import type { Clock } from './clock';
import type { Database } from './db/open';
import { jobLog, jobOf } from './jobs/jobLog';
import { repairsFound } from './jobs/repairsFound';

/** The house of one point of a job, as its fault finder knows it. @returns null where no point of that id stands in the job */
export async function ownHouse(db: Database, clock: Clock, jobId: string, pointId: string): Promise<OwnHouse | null> {
  const log = await jobLog(db, jobId);
  const job = jobOf(log);
  const point = job.points.find(({ id }) => id === pointId);
  if (!point) return null;
  const open = openTrouble(point);
  const trouble: Trouble = {
    entryId: '',
    by: { id: '', name: '' },
    at: clock.now(),
    data: { troubleId: '', pointId, symptom: open?.data.symptom ?? 'offline' },
    acts: [],
    closed: null,
  };
  const assessment = rememberingAssess(1)(job, point);
  const { counts } = await repairsFound(db);
  const finder = finderAt(point);
  const asked = finder.caseOf({ job, point, assessment }, trouble, counts);
  return { jobId, title: log.head.title, point: point.name, regionId: regionOf(job).id, asked };
}
