import { ProblemError } from '@/contract/problem';
import { readingsCsv } from '@/contract/readingsCsv';
import { calendarFile } from '@/contract/calendarFile';
import {
  isEmptyPaper,
  PAPERS,
  usualPaper,
  type PaperAsked,
  type PaperPicture,
  type PaperSource,
} from '@/contract/papers';
import { papersThread } from '../apart/pool';
import { jobLog, jobOf } from '../jobs/jobLog';
import { readOwnItems } from '../catalogue';
import { ownAddress } from '../ownAddress';
import type { Store } from '../storeOf';
import { paperPictures } from './paperPictures';

/** A document that is asked for by its name; what is not said follows the job’s region. */
export type PaperWish = Pick<PaperAsked, 'paper'> & Partial<PaperAsked>;

export interface PaperMade {
  readonly title: string;
  readonly bytes: Uint8Array;
}

/** What a job’s papers are made of. @param host by which this program was asked, where the firm has set no address */
async function sourceOf({ db, clock }: Store, jobId: string, host: string | null) {
  const log = await jobLog(db, jobId);
  return {
    job: jobOf(log),
    source: {
      log: JSON.stringify({ head: log.head, entries: log.entries }),
      printedAt: clock.now(),
      root: await ownAddress(db, host),
      own: await readOwnItems(db),
    },
  };
}

/** The thread that sets documents. @throws ProblemError 503 the program was not built */
export function threadOfPapers() {
  const thread = papersThread();
  if (!thread) throw new ProblemError(503, 'Documents are set by the built program: start it with “npm start”.');
  return thread;
}

/**
 * A document of a job, set in a thread of its own.
 * @throws ProblemError 404 no such job · 409 there is nothing to print · 503 the program was not built
 */
export async function paperOf(store: Store, jobId: string, wish: PaperWish, host: string | null): Promise<PaperMade> {
  const { job, source } = await sourceOf(store, jobId, host);
  if (isEmptyPaper(job, wish.paper))
    throw new ProblemError(
      409,
      wish.paper === 'labels'
        ? 'Nothing stands at this job yet: there is nothing to label.'
        : 'Nothing on this job is for a licence: there is nothing to print for an electrician.',
    );
  const asked: PaperSource = { ...source, asked: { ...usualPaper(job), ...wish } };
  const pictures: readonly PaperPicture[] = wish.paper === 'job' ? await paperPictures(store, job) : [];
  const bytes = (await threadOfPapers().run({ source: asked, pictures })) as Uint8Array;
  return { title: job.title, bytes };
}

/** A file that lies beside a job in its archive, for who has no such program. */
export interface BesideFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/**
 * What lies beside a job in its archive: its papers, its readings, its drawings, its calendar, each made when its turn comes.
 * @throws ProblemError as {@link paperOf}, before anything is made
 */
export async function besideJob(store: Store, jobId: string, host: string | null): Promise<AsyncIterable<BesideFile>> {
  const made = await sourceOf(store, jobId, host);
  threadOfPapers();
  return filesBeside(store, made, host);
}

async function* filesBeside(
  store: Store,
  { job, source }: Awaited<ReturnType<typeof sourceOf>>,
  host: string | null,
): AsyncGenerator<BesideFile> {
  for (const paper of PAPERS) {
    if (isEmptyPaper(job, paper)) continue;
    yield { name: `papers/${paper}.pdf`, bytes: (await paperOf(store, job.id, { paper }, host)).bytes };
  }
  const text = new TextEncoder();
  yield { name: 'readings.csv', bytes: text.encode(readingsCsv(job)) };
  yield { name: 'calendar.ics', bytes: text.encode(calendarFile(job, job.last, new Date(source.printedAt))) };
  const drawings = (await threadOfPapers().run(source, { name: 'drawings' })) as readonly {
    name: string;
    svg: string;
  }[];
  for (const { name, svg } of drawings) yield { name: `drawings/${name}`, bytes: text.encode(svg) };
}
