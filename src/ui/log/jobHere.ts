import { answer } from '@/contract/answers';
import { isFields, isText } from '@/contract/shapes';
import { fold, type Job, type JobHead } from '@/core/job';
import { NotTaken, call } from './api';
import { withKept } from './handed';
import { keepLog, keptLog } from './keptLog';
import { headHere } from './newJobs';
import { readOn } from './readOn';

const isHead = (value: unknown): value is JobHead =>
  isFields(value) && [value.id, value.title, value.createdAt].every(isText);

/** Has a job’s log in this browser as the server has it now; its head too, for its customer may have been erased. @throws NotTaken */
export async function keepAsItStands(jobId: string): Promise<void> {
  const { id, title, createdAt } = await call(`/jobs/${jobId}`, answer(isHead));
  await keepLog({ id, title, createdAt }, await readOn(await keptLog(jobId), jobId));
}

/**
 * A job as this browser knows it, with what was written here and waits; brought up to date first, where there is a server.
 * @returns null where neither has it
 */
export async function jobHere(jobId: string): Promise<Job | null> {
  try {
    await keepAsItStands(jobId);
  } catch (error) {
    if (!(error instanceof NotTaken)) throw error;
  }
  const head = await headHere(jobId);
  return head && fold(head, await withKept({ head, entries: await keptLog(jobId) }));
}
