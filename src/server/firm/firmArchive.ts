import type { Readable } from 'node:stream';
import { FIRM_FORMAT, FIRM_VERSION, ofTheFirm, type Firm, type FirmEnd, type LeftOut } from '@/contract/firm';
import { ProblemError } from '@/contract/problem';
import { readOwnItems } from '../catalogue';
import { listCrew } from '../crew';
import { archiveOf, partsOfJob, put } from '../jobs/container';
import { playedRounds } from '../practice';
import { readSettings } from '../settings';
import type { Store } from '../storeOf';

// The whole firm as one archive: `firm.json`, then the parts of each job under its id, then `end.json`, which says that
// nothing is missing. Its form stands in docs/formats. Accounts and keys are not in it: they belong to one machine.

export const FIRM_NAME = 'firm.json';
export const END_NAME = 'end.json';
/** What stands before the names of a job’s parts. */
export const underJob = (jobId: string): string => `jobs/${jobId}/`;

const json = (value: unknown): Buffer => Buffer.from(JSON.stringify(value));

/** What a firm has beside its jobs. */
async function firmOf({ db, clock }: Store, jobs: number): Promise<Firm> {
  const erased = await db
    .selectFrom('keys.site_keys')
    .innerJoin('jobs', 'jobs.id', 'keys.site_keys.job_id')
    .select(['job_id', 'erased_at'])
    .where('erased_at', 'is not', null)
    .orderBy('job_id')
    .execute();
  return {
    format: FIRM_FORMAT,
    version: FIRM_VERSION,
    madeAt: clock.now(),
    jobs,
    erased: erased.map(({ job_id: id, erased_at: at }) => ({ id, at: at ?? '' })),
    crew: await listCrew(db),
    catalogue: await readOwnItems(db),
    settings: ofTheFirm(await readSettings(db)),
    practice: await playedRounds(db),
  };
}

/** The whole firm as an archive, as it is read: one file of one job at a time is in memory. */
export function firmArchive(store: Store): Readable {
  return archiveOf(async (archive) => {
    const jobs = await store.db.selectFrom('jobs').select('id').orderBy('created_at').orderBy('id').execute();
    await put(archive, FIRM_NAME, json(await firmOf(store, jobs.length)));
    const leftOut: LeftOut[] = [];
    for (const { id } of jobs) {
      // One that can’t be read keeps nobody from taking the others out, and is told at the end
      try {
        const { fill } = await partsOfJob(store, id);
        await fill(underJob(id))(archive);
      } catch (error) {
        if (!(error instanceof ProblemError)) throw error;
        leftOut.push({ name: id, why: error.message });
      }
    }
    const end: FirmEnd = { jobs: jobs.length - leftOut.length, leftOut };
    await put(archive, END_NAME, json(end));
  });
}
