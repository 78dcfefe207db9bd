import { answer, isNumbered } from '@/contract/answers';
import type { NewEntry } from '@/core/kinds';
import { Refused, call } from './api';
import { ensureMade } from './newJobs';

const NOT_THERE = 404;

/** Sends entries of a job, which is made first where the firm has never heard of it. @returns the ids that came back with a number */
export async function postEntries(jobId: string, entries: readonly NewEntry[]): Promise<readonly string[]> {
  const send = async (): Promise<readonly string[]> => {
    const path = `/jobs/${jobId}/entries`;
    const { entries: taken } = await call(path, answer(isNumbered), { method: 'POST', body: { entries } });
    return taken.map(({ id }) => id);
  };
  try {
    return await send();
  } catch (error) {
    if (!(error instanceof Refused) || error.problem.status !== NOT_THERE) throw error;
    // Made by now, here or by another tab meanwhile; a job that there is none of is refused again
    await ensureMade(jobId);
    return send();
  }
}
