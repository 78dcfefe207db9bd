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

/** In the place of an id: the page is made for no job, and kept in the browser for any that it knows. */
export const BLANK = 'blank';

/** The same as one text (`ui/log/handed`); null where the page is for no job in particular. */
export const handedLog = async (id: string): Promise<string | null> =>
  id === BLANK ? null : JSON.stringify(await logOf(id));

/** The title of a job’s page. @param what it is besides */
export const titleOf = async (id: string, what: string): Promise<string> =>
  id === BLANK ? what : `${(await logOf(id)).head.title}, ${what}`;
