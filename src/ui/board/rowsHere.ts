import { wrap } from 'comlink';
import type { ListedJob } from '@/contract/listedJob';
import type { BoardPoint, JobRow } from '@/core/board';
import type { OwnItem } from '@/core/catalogue';
import type { JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { allWaiting } from '../log/allWaiting';
import { withKept } from '../log/handed';
import { keptLog } from '../log/keptLog';
import { headHere } from '../log/newJobs';
import type { BoardWorker } from '@/workers/board.worker';

// Rows of jobs of which this browser knows more than the board that the firm’s server made: what was written here and waits,
// what was read after the board was. The board then says what the job’s own page says.

/** A job of which more is known here than its row says. */
export interface FartherJob {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
}

/** A job’s row in words. */
export type RowHere = Omit<JobRow, 'points'> & { readonly points: readonly BoardPoint[] };

/** What is asked of a row: which job it is, and up to when it goes. */
type Listed = Pick<ListedJob, 'id' | 'updatedAt'>;

async function fartherJob({ id, updatedAt }: Listed, waits: boolean): Promise<FartherJob | null> {
  const kept = await keptLog(id);
  if (!waits && (kept.at(-1)?.receivedAt ?? '') <= updatedAt) return null;
  const head = await headHere(id);
  return head && { head, entries: waits ? await withKept({ head, entries: kept }) : kept };
}

/** Of some jobs, and of all that were written in here, those whose rows say less than this browser knows. */
export async function fartherJobs(listed: readonly Listed[]): Promise<readonly FartherJob[]> {
  const waiting = new Set((await allWaiting()).map(({ jobId }) => jobId));
  const others = [...waiting].filter((id) => !listed.some((job) => job.id === id)).map((id) => ({ id, updatedAt: '' }));
  const found: FartherJob[] = [];
  for (const job of [...listed, ...others]) {
    const one = await fartherJob(job, waiting.has(job.id));
    if (one) found.push(one);
  }
  return found;
}

/**
 * Works rows out in a thread of their own, one after the other.
 * @param own items of the firm’s catalogue
 * @returns how to stop it
 */
export function workOut(
  jobs: readonly FartherJob[],
  own: readonly OwnItem[],
  told: (jobId: string, row: RowHere) => void,
): () => void {
  const worker = new Worker(new URL('../../workers/board.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<BoardWorker>(worker);
  const work = async (): Promise<void> => {
    // A board that the server made is in words already
    const { pointsInWords } = await import('@/words');
    await remote.use(own);
    for (const { head, entries } of jobs)
      try {
        const row = await remote.row(head, entries);
        told(head.id, { ...row, points: pointsInWords(row.points) });
      } catch (error) {
        // The row of the firm’s server stays, and says from when it is; one that can’t be made holds up no other
        console.warn(error);
      }
  };
  work().then(
    () => worker.terminate(),
    (error: unknown) => console.warn(error),
  );
  return () => worker.terminate();
}
