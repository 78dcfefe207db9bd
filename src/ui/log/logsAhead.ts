import { answer } from '@/contract/answers';
import type { ListedJob } from '@/contract/listedJob';
import { isFields, isText } from '@/contract/shapes';
import type { JobHead } from '@/core/job';
import { call } from './api';
import { keepLog, keptLog } from './keptLog';
import { headHere } from './newJobs';
import { readOn } from './readOn';

const isHead = (value: unknown): value is JobHead =>
  isFields(value) && [value.id, value.title, value.createdAt].every(isText);

/** Has the logs of jobs in this browser before anybody opens them; what is here as it stands is left. @throws NotTaken */
export async function keepLogsAhead(jobs: readonly Pick<ListedJob, 'id' | 'updatedAt'>[]): Promise<void> {
  for (const { id, updatedAt } of jobs) {
    const known = await keptLog(id);
    if ((known.at(-1)?.receivedAt ?? '') >= updatedAt && (await headHere(id))) continue;
    const { title, createdAt } = await call(`/jobs/${id}`, answer(isHead));
    await keepLog({ id, title, createdAt }, await readOn(known, id));
  }
}
