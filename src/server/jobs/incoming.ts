import { mkdir, rm } from 'node:fs/promises';
import path from 'node:path';
import type { FirmTaken } from '@/contract/firm';
import { ProblemError, refusalOf } from '@/contract/problem';
import { apart, wantedTooMuch } from '../apart/pool';
import { takeFirmIn } from '../firm/takeFirm';
import { BODY_LIMITS, writeDown } from '../http/body';
import { catchUpSoon } from '../projection/soon';
import type { Store } from '../storeOf';
import { takeIn } from './takeIn';

/** Beside the data; what a stop left there is swept. */
export const INCOMING_FOLDER = 'incoming';

/**
 * Works with the file that a request brings. It is written down as it comes, then read in a thread of its own: no request
 * waits for it, and however large it is, little of it is in memory.
 * @throws ProblemError 413
 */
async function withBody<T>(
  { folder, clock }: Store,
  request: Request,
  most: number,
  work: (place: string) => Promise<T>,
): Promise<T> {
  const incoming = path.join(/*turbopackIgnore: true*/ folder, INCOMING_FOLDER);
  await mkdir(incoming, { recursive: true, mode: 0o700 });
  const place = path.join(incoming, clock.newId());
  try {
    await writeDown(request, most, place);
    return await work(place);
  } catch (error) {
    if (wantedTooMuch(error)) throw new ProblemError(413, 'This file is too much to be taken in. Nothing was written.');
    throw error;
  } finally {
    await rm(place, { force: true });
  }
}

/**
 * Takes in the job that a request brings.
 * @returns the job as JSON, and whether anything was new
 * @throws ProblemError as for a job file or a container
 */
export const takeInBody = (
  store: Store,
  request: Request,
  isContainer: boolean,
): Promise<{ readonly made: boolean; readonly job: string }> =>
  withBody(store, request, isContainer ? BODY_LIMITS.container : BODY_LIMITS.jobFile, async (place) => {
    const asked = { folder: store.folder, path: place, isContainer };
    const outcome = await apart('takeIn', asked, () => takeIn(store, asked));
    if ('problem' in outcome) throw refusalOf(outcome.problem);
    return outcome;
  });

/** Takes in the archive of a firm that a request brings. @throws ProblemError as {@link takeFirmIn} */
export const takeFirmBody = (store: Store, request: Request): Promise<FirmTaken> =>
  withBody(store, request, BODY_LIMITS.firm, async (place) => {
    const asked = { folder: store.folder, path: place };
    const outcome = await apart('takeFirm', asked, () => takeFirmIn(store, place));
    if ('problem' in outcome) throw refusalOf(outcome.problem);
    catchUpSoon(store.db);
    return outcome.taken;
  });
