import type { HandedPhoto } from '@/contract/outboxFile';
import { keepWaiting, photosThatWait } from './photoQueue';
import { nameOnce } from './photoSender';

// Pictures that wait, as a file carries them to another device.

/** More than that no browser reads back in one piece; what is left goes with another file, or by itself. */
const MOST_BYTES = 200_000_000;

const base64Of = (file: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve((reader.result as string).replace(/^[^,]*,/, ''));
    reader.onerror = () => reject(reader.error ?? new Error('not read'));
    reader.readAsDataURL(file);
  });

function blobOf(base64: string, mediaType: string): Blob {
  const bytes = Uint8Array.from(atob(base64), (one) => one.charCodeAt(0));
  return new Blob([bytes], { type: mediaType });
}

/** Pictures by their jobs, the oldest first. Those that nobody has signed are nobody’s yet, and stay. */
export async function photosToHand(): Promise<ReadonlyMap<string, readonly HandedPhoto[]>> {
  const byJob = new Map<string, HandedPhoto[]>();
  let bytes = 0;
  for (const { id, jobId, file, name, rung, pointId, at, corrected = 0, by, named } of await photosThatWait()) {
    if (!by || bytes + file.size > MOST_BYTES) continue;
    bytes += file.size;
    const photo = {
      ...{ id, name, rung, pointId, at, corrected, by },
      // It may reach the firm from both devices: by the same entries it counts once
      named: named ?? (await nameOnce(id, jobId)),
      mediaType: file.type === '' ? 'image/jpeg' : file.type,
      base64: await base64Of(file),
    };
    byJob.set(jobId, [...(byJob.get(jobId) ?? []), photo]);
  }
  return byJob;
}

/** Lets pictures out of a file wait here. */
export async function takePhotos(jobId: string, photos: readonly HandedPhoto[]): Promise<void> {
  for (const { base64, mediaType, ...photo } of photos)
    await keepWaiting({ ...photo, jobId, file: blobOf(base64, mediaType) });
}
