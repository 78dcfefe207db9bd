import { answer } from '@/contract/answers';
import type { ListedJob } from '@/contract/listedJob';
import { isFields, isText } from '@/contract/shapes';
import type { JobHead } from '@/core/job';
import { call, Refused } from './api';
import { keepLog, keptLog } from './keptLog';
import { headHere } from './newJobs';
import { readOn } from './readOn';

const isHead = (value: unknown): value is JobHead =>
  isFields(value) && [value.id, value.title, value.createdAt].every(isText);

/** Has a job’s log in this browser; one that is here as it stands is left. @throws NotTaken */
async function keepAhead({ id, updatedAt }: Pick<ListedJob, 'id' | 'updatedAt'>): Promise<void> {
  const known = await keptLog(id);
  if ((known.at(-1)?.receivedAt ?? '') >= updatedAt && (await headHere(id))) return;
  const { title, createdAt } = await call(`/jobs/${id}`, answer(isHead));
  await keepLog({ id, title, createdAt }, await readOn(known, id));
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
