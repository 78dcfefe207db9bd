import type { ListedJob } from '@/contract/listedJob';
import { Away, NotTaken, Refused } from './api';
import { keepAsItStands } from './jobHere';
import { keptLog } from './keptLog';
import { headHere } from './newJobs';

export type OpenJob = Pick<ListedJob, 'id' | 'updatedAt'>;

/** Has a job’s log in this browser; one that is here as it stands is left. @throws NotTaken */
async function keepAhead({ id, updatedAt }: OpenJob): Promise<void> {
  const known = await keptLog(id);
  if ((known.at(-1)?.receivedAt ?? '') >= updatedAt && (await headHere(id))) return;
  await keepAsItStands(id);
}

/**
 * Has the logs of jobs in this browser before anybody opens them, one after the other.
 * @returns whether all of them are here that the firm has
 * @throws Away where nobody is there
 */
export async function keepLogsAhead(jobs: readonly OpenJob[]): Promise<boolean> {
  let isAll = true;
  for (const job of jobs)
    try {
      await keepAhead(job);
    } catch (error) {
      if (error instanceof Away) throw error;
      // One that is gone meanwhile, or can’t be told, holds up no other
      if (!(error instanceof NotTaken)) throw error;
      console.warn(error);
      isAll &&= error instanceof Refused;
    }
  return isAll;
}
