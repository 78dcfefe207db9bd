import { ProblemError } from '@/contract/problem';
import type { Job } from '@/core/job';
import type { Point } from '@/core/points';
import { jobLog, jobOf } from '../jobs/jobLog';
import { readSettings } from '../settings';
import type { Store } from '../storeOf';

/**
 * A point at which a simulated device is asked something.
 * @throws ProblemError 404 no such job or point · 409 simulated devices are switched off
 */
export async function simulatedAt({ db }: Store, jobId: string, pointId: string): Promise<{ job: Job; point: Point }> {
  const { simulatedDevices } = await readSettings(db);
  if (!simulatedDevices)
    throw new ProblemError(409, 'Simulated devices are switched off in Settings.', [
      { path: '', message: 'simulated devices are off' },
    ]);
  const job = jobOf(await jobLog(db, jobId));
  const point = job.points.find(({ id }) => id === pointId);
  if (!point)
    throw new ProblemError(404, 'This job has no such point.', [{ path: 'point', message: 'is not in this job' }]);
  return { job, point };
}
