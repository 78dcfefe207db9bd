import { answer, isKeptPhoto } from '@/contract/answers';
import { v7 } from 'uuid';
import { newEntry, type EntryData, type NewEntry } from '@/core/kinds';
import { Away, Failed, Refused, callBytes } from '../log/api';
import { keptLog } from '../log/keptLog';
import { ensureMade } from '../log/newJobs';
import { outboxOf } from '../log/senders';
import { isHeldBack } from './line';
import { dropWaiting, markRefused, photosThatWait, type WaitingPhoto } from './photoQueue';

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

/** Sends one, and names it in its job’s log as of when it was taken. */
async function send({ id, jobId, file, rung, pointId, at, by, corrected = 0 }: WaitingPhoto): Promise<void> {
  if (!by) return;
  await ensureMade(jobId);
  const { sha256, widthPx, heightPx } = await callBytes(`/jobs/${jobId}/photos`, answer(isKeptPhoto), file);
  const seen = (await keptLog(jobId).catch(() => [])).at(-1)?.seq ?? 0;
  const entry = <K extends 'photoAttached' | 'photoDescribed'>(kind: K, data: EntryData<K>): NewEntry =>
    newEntry(kind, data, { id: v7(), at, by, seen });
  const outbox = outboxOf(jobId);
  outbox.add(entry('photoAttached', { photoId: id, sha256, widthPx, heightPx }), corrected);
  outbox.add(entry('photoDescribed', { photoId: id, rung, pointOf: pointId }), corrected);
  await dropWaiting(id);
}
