import { notFound } from 'next/navigation';
import { ProblemError } from '@/contract/problem';
import { jobLog } from '@/server/jobs/jobLog';
import { store } from '@/server/store';

/** The log of a page’s job, or the page that says that there is none. */
export async function logOf(id: string) {
  return jobLog((await store()).db, id).catch((error: unknown) => {
    if (error instanceof ProblemError && error.status === 404) return notFound();
    throw error;
  });
}

/** The same as one text (`ui/log/handed`). */
export const handedLog = async (id: string): Promise<string> => JSON.stringify(await logOf(id));
