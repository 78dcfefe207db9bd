import { ProblemError } from '@/contract/problem';
import { usualPaper, type PaperAsked, type PaperPicture, type PaperSource } from '@/contract/papers';
import { pointsForLicence } from '@/core/points';
import { papersThread } from '../apart/pool';
import { jobLog, jobOf } from '../jobs/jobLog';
import { ownAddress } from '../ownAddress';
import type { Store } from '../storeOf';
import { paperPictures } from './paperPictures';

/** A document that is asked for by its name; what is not said follows the job’s region. */
export type PaperWish = Pick<PaperAsked, 'paper'> & Partial<PaperAsked>;

export interface PaperMade {
  readonly title: string;
  readonly bytes: Uint8Array;
}

/**
 * A document of a job, set in a thread of its own.
 * @param host by which this program was asked, where the firm has set no address
 * @throws ProblemError 404 no such job · 410 its customer was erased
 */
export async function paperOf(store: Store, jobId: string, wish: PaperWish, host: string | null): Promise<PaperMade> {
  const { db, clock } = store;
  const log = await jobLog(db, jobId);
  const job = jobOf(log);
  if (wish.paper === 'electrician' && pointsForLicence(job).length === 0)
    throw new ProblemError(409, 'Nothing on this job is for a licence: there is nothing to print for an electrician.');
  const source: PaperSource = {
    log: JSON.stringify({ head: log.head, entries: log.entries }),
    asked: {
      ...usualPaper(job),
      ...wish,
    },
    printedAt: clock.now(),
    root: await ownAddress(db, host),
  };
  const pictures: readonly PaperPicture[] = wish.paper === 'job' ? await paperPictures(store, job) : [];
  const thread = papersThread();
  if (!thread) throw new ProblemError(503, 'Documents are set by the built program: start it with “npm start”.');
  const bytes = (await thread.run({ source, pictures })) as Uint8Array;
  return { title: job.title, bytes };
}
