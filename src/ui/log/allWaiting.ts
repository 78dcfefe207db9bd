import { headHere } from './newJobs';
import { shelf, waitingFor, type Waiting } from './shelf';

/** What waits for the server in one job. */
export interface WaitingJob {
  readonly jobId: string;
  /** As this browser knew it; null: the job was never opened here. */
  readonly title: string | null;
  readonly waiting: readonly Waiting[];
}

/** Everything that was written in this browser and is not with the server. */
export async function allWaiting(): Promise<readonly WaitingJob[]> {
  const db = await shelf();
  const jobIds = [...new Set(await db.waiting.orderBy('jobId').keys())].filter((id) => typeof id === 'string');
  return Promise.all(
    jobIds.map(async (jobId) => {
      const head = await headHere(jobId);
      return { jobId, title: head?.title ?? null, waiting: await waitingFor(jobId) };
    }),
  );
}
