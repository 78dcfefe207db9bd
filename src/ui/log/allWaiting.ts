import { headHere } from './newJobs';
import { waitingFor, type Waiting } from './shelf';
import { shelf } from './shelfStore';

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
  const rows = await (await shelf()).getAllFromIndex('waiting', 'jobId');
  const jobs = await namedJobs(rows.map(({ jobId }) => jobId));
  return Promise.all(jobs.map(async (job) => ({ ...job, waiting: await waitingFor(job.jobId) })));
}
