import type { HandedPhoto } from '@/contract/outboxFile';
import type { Person } from '@/core/kinds';
import { keepWaiting, photosThatWait, type WaitingPhoto } from './photoQueue';
import { nameOnce } from './photoSender';

// Pictures that wait, as files carry them to another device.

/** More than that in one file no browser reads back in one piece. */
const MOST_BYTES = 200_000_000;

type SignedPhoto = WaitingPhoto & { readonly by: Person };
const isSigned = (photo: WaitingPhoto): photo is SignedPhoto => photo.by !== undefined;

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

/** What goes by files, a parcel for each; and what stays: nobody’s pictures yet. */
export interface PhotoParcels {
  readonly parcels: readonly (readonly SignedPhoto[])[];
  readonly unsigned: number;
}

/** Shares pictures out to files, the oldest first, none of them larger than a browser reads back. */
export async function photoParcels(mostBytes = MOST_BYTES): Promise<PhotoParcels> {
  const photos = (await photosThatWait()).toSorted((a, b) => a.id.localeCompare(b.id));
  const signed = photos.filter(isSigned);
  const parcels: SignedPhoto[][] = [];
  let bytes = Infinity;
  for (const photo of signed) {
    bytes += photo.file.size;
    if (bytes > mostBytes) {
      parcels.push([]);
      bytes = photo.file.size;
    }
    parcels.at(-1)?.push(photo);
  }
  return { parcels, unsigned: photos.length - signed.length };
}

/** The pictures of a parcel by their jobs, as a file has them. */
export async function handedPhotos(
  parcel: readonly SignedPhoto[],
): Promise<ReadonlyMap<string, readonly HandedPhoto[]>> {
  const byJob = new Map<string, HandedPhoto[]>();
  for (const { id, jobId, file, name, rung, pointId, at, corrected = 0, by, named } of parcel) {
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
