import { answer, isKeptPhoto } from '@/contract/answers';
import { v7 } from 'uuid';
import { newEntry } from '@/core/kinds';
import { Away, Failed, Refused, callBytes } from '../log/api';
import { keptLog } from '../log/keptLog';
import { ensureMade } from '../log/newJobs';
import { outboxOf } from '../log/senders';
import { waitingFor } from '../log/shelf';
import { isHeldBack } from './line';
import {
  dropWaiting,
  markRefused,
  photosThatWait,
  settleNames,
  type PhotoNames,
  type WaitingPhoto,
} from './photoQueue';

// Pictures are sent from whatever page is open, one after the other: nobody has to open their job again.

const LOCK = 'fox-ladder-photos';
let isSending = false;

/** Sends what pictures wait and are signed; again and again until nothing more comes to them. */
export async function sendPhotos(): Promise<void> {
  if (isSending || isHeldBack()) return;
  isSending = true;
  try {
    // Another tab may be at it: a picture is sent once. Only a secure address has locks
    const { locks } = navigator as Partial<Navigator>;
    if (locks) await locks.request(LOCK, { ifAvailable: true }, async (lock) => void (lock && (await sendAll())));
    else await sendAll();
  } finally {
    isSending = false;
  }
}

const next = async (): Promise<readonly WaitingPhoto[]> =>
  (await photosThatWait()).filter(({ by, refused }) => by && refused === undefined);

async function sendAll(): Promise<void> {
  for (let photos = await next(); photos.length > 0; photos = await next())
    for (const photo of photos) {
      if (isHeldBack()) return;
      try {
        await send(photo);
      } catch (error) {
        if (error instanceof Refused) await markRefused(photo.id, error.message);
        // Nobody is there, or not well: what waits goes on waiting
        else if (error instanceof Away || error instanceof Failed) return;
        else throw error;
      }
    }
}

/** Whether an entry is with the server already, as far as this device knows, or waits for it. */
const isWritten = async (jobId: string, id: string): Promise<boolean> =>
  [...(await keptLog(jobId).catch(() => [])), ...(await waitingFor(jobId)).map(({ entry }) => entry)].some(
    (one) => one.id === id,
  );

/** Settles by which entries a picture will be named, whenever and from whatever device it is sent. */
export async function nameOnce(id: string, jobId: string): Promise<PhotoNames> {
  const seen = (await keptLog(jobId).catch(() => [])).at(-1)?.seq ?? 0;
  const named = { attachedId: v7(), describedId: v7(), seen };
  await settleNames(id, named);
  return named;
}

/**
 * Sends one, and names it in its job’s log as of when it was taken. It goes on waiting until the shelf has the entries that
 * name it: wherever the browser is killed, it is sent again and named by the same ones.
 */
async function send({
  id,
  jobId,
  file,
  rung,
  pointId,
  at,
  by,
  corrected = 0,
  named: known,
}: WaitingPhoto): Promise<void> {
  if (!by) return;
  await ensureMade(jobId);
  const named = known ?? (await nameOnce(id, jobId));
  const { sha256, widthPx, heightPx } = await callBytes(`/jobs/${jobId}/photos`, answer(isKeptPhoto), file);
  const made = { at, by, seen: named.seen };
  const entries = [
    newEntry('photoAttached', { photoId: id, sha256, widthPx, heightPx }, { ...made, id: named.attachedId }),
    newEntry('photoDescribed', { photoId: id, rung, pointOf: pointId }, { ...made, id: named.describedId }),
  ];
  const isThere = known !== undefined && (await isWritten(jobId, named.attachedId));
  if (!isThere) await outboxOf(jobId).addAll(entries, corrected);
  await dropWaiting(id);
}
