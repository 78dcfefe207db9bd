import { headHere } from './newJobs';
import { shelf, waitingFor, type Waiting } from './shelf';

export interface NamedJob {
  readonly jobId: string;
  /** As this browser knew it; null: the job was never opened here. */
  readonly title: string | null;
}

/** What waits for the server in one job. */
export interface WaitingJob extends NamedJob {
  readonly waiting: readonly Waiting[];
}

/** What jobs are called, each once. */
export const namedJobs = (jobIds: readonly string[]): Promise<readonly NamedJob[]> =>
  Promise.all([...new Set(jobIds)].map(async (jobId) => ({ jobId, title: (await headHere(jobId))?.title ?? null })));

/** Everything that was written in this browser and is not with the server. */
export async function allWaiting(): Promise<readonly WaitingJob[]> {
  const db = await shelf();
  const jobIds = (await db.waiting.orderBy('jobId').keys()).filter((id) => typeof id === 'string');
  const jobs = await namedJobs(jobIds);
  return Promise.all(jobs.map(async (job) => ({ ...job, waiting: await waitingFor(job.jobId) })));
}
