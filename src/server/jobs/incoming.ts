import { mkdir, rm } from 'node:fs/promises';
import path from 'node:path';
import { ProblemError, refusalOf } from '@/contract/problem';
import { apart, wantedTooMuch } from '../apart/pool';
import { BODY_LIMITS, writeDown } from '../http/body';
import type { Store } from '../storeOf';
import { takeIn } from './takeIn';

/** Beside the data; what a stop left there is swept. */
export const INCOMING_FOLDER = 'incoming';

/**
 * Takes in the file that a request brings. It is written down as it comes, then read in a thread of its own: no request waits
 * for it, and however large it is, little of it is in memory.
 * @returns the job as JSON, and whether anything was new
 * @throws ProblemError as for a job file or a container
 */
export async function takeInBody(
  store: Store,
  request: Request,
  isContainer: boolean,
): Promise<{ readonly made: boolean; readonly job: string }> {
  const { folder, clock } = store;
  const incoming = path.join(/*turbopackIgnore: true*/ folder, INCOMING_FOLDER);
  await mkdir(incoming, { recursive: true, mode: 0o700 });
  const asked = { folder, path: path.join(incoming, clock.newId()), isContainer };
  try {
    await writeDown(request, isContainer ? BODY_LIMITS.container : BODY_LIMITS.jobFile, asked.path);
    const outcome = await apart('takeIn', asked, () => takeIn(store, asked));
    if ('problem' in outcome) throw refusalOf(outcome.problem);
    return outcome;
  } catch (error) {
    if (wantedTooMuch(error)) throw new ProblemError(413, 'This file is too much to be taken in. Nothing was written.');
    throw error;
  } finally {
    await rm(asked.path, { force: true });
  }
}
