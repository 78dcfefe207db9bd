import type { ListedJob } from '@/contract/listedJob';
import { Refused } from './api';
import { keepAsItStands } from './jobHere';
import { keptLog } from './keptLog';
import { headHere } from './newJobs';

/** Has a job’s log in this browser; one that is here as it stands is left. @throws NotTaken */
async function keepAhead({ id, updatedAt }: Pick<ListedJob, 'id' | 'updatedAt'>): Promise<void> {
  const known = await keptLog(id);
  if ((known.at(-1)?.receivedAt ?? '') >= updatedAt && (await headHere(id))) return;
  await keepAsItStands(id);
}

/** Has the logs of jobs in this browser before anybody opens them, one after the other. @throws NotTaken nobody is there */
export async function keepLogsAhead(jobs: readonly Pick<ListedJob, 'id' | 'updatedAt'>[]): Promise<void> {
  for (const job of jobs)
    try {
      await keepAhead(job);
    } catch (error) {
      // One that is gone meanwhile, or can’t be told, holds up no other
      if (!(error instanceof Refused)) throw error;
      console.warn(error);
    }
}
