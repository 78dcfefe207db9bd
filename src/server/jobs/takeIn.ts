import { createReadStream } from 'node:fs';
import { parseJobFile } from '@/contract/job';
import { FILE_LIMITS, checkSize } from '@/contract/jsonSize';
import { problemOf, ProblemError } from '@/contract/problem';
import type { Job } from '@/core/job';
import type { Incoming, Outcome } from '../apart/asked';
import { storeFault } from '../http/storeFault';
import type { Store } from '../storeOf';
import { takeContainer } from './container';
import { importJob } from './jobFile';
import { liftFile, Runs } from './liftedFile';

/** Largest list of entries in a job file, bytes. */
const MOST_ENTRIES_BYTES = 24 * 1024 * 1024;

/** Takes a job file in that lies on the disk. @throws ProblemError as for a job file */
export async function takeJobFile(
  { db, clock, files }: Store,
  place: string,
): Promise<{ readonly made: boolean; readonly job: Job }> {
  const lifted = await liftFile(place, MOST_ENTRIES_BYTES);
  checkSize(lifted.text, FILE_LIMITS);
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(lifted.text));
  } catch (cause) {
    const detail =
      lifted.text.length === 0 ? 'The body is empty; JSON was expected.' : 'The body is not JSON, or was cut off.';
    throw new ProblemError(400, detail, [{ path: '', message: 'is not JSON' }], { cause });
  }
  const file = parseJobFile(value);
  const runs = await Runs.of(place, lifted);
  try {
    return await importJob(db, clock, files, file, (standing) => runs.bytesOf(standing));
  } finally {
    await runs.close();
  }
}

/** Takes a file in that lies on the disk, and tells what became of it. */
export async function takeIn(store: Store, { path, isContainer }: Incoming): Promise<Outcome> {
  try {
    const { made, job } = isContainer
      ? await takeContainer(store, createReadStream(path))
      : await takeJobFile(store, path);
    return { made, job: JSON.stringify(job) };
  } catch (error) {
    const problem = error instanceof ProblemError ? error : storeFault(error);
    if (!problem) throw error;
    return { problem: problemOf(problem) };
  }
}
