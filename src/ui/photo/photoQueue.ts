import type { Person, Rung } from '@/core/kinds';
import { change, dropOld, openOld, put, shelf } from '../log/shelfStore';

/** The ids of the entries that name a picture, and what this device knew of its job by then. */
export interface PhotoNames {
  readonly attachedId: string;
  readonly describedId: string;
  readonly seen: number;
}

/** A picture that waits for the server, kept in the browser's own store so that it outlives a closed page. */
export interface WaitingPhoto {
  readonly id: string;
  readonly jobId: string;
  readonly file: Blob;
  readonly name: string;
  readonly rung: Rung;
  readonly pointId: string;
  readonly at: string;
  /** How far this device’s clock was taken to be behind the server’s then, ms. */
  readonly corrected?: number;
  /** Who took it; missing: nobody has said yet who is here. */
  readonly by?: Person;
  /** The entries that name it, once it was sent: sent again after a browser was killed it is named by the same. */
  readonly named?: PhotoNames;
  /** Why the server refused it; it is then not sent again by itself. */
  readonly refused?: string;
}

/** Where pictures waited before the shelf had a place for them. */
const OLD_STORE = 'fox-ladder-photos';

/** Whether something out of the store is a picture that waits; what is none stays where it is and holds nothing up. */
const isWaiting = (value: unknown): value is WaitingPhoto =>
  typeof value === 'object' &&
  value !== null &&
  'file' in value &&
  value.file instanceof Blob &&
  (['id', 'jobId', 'name', 'rung', 'pointId', 'at'] as const).every(
    (field) => field in value && typeof (value as Readonly<Record<string, unknown>>)[field] === 'string',
  );

/** Pictures that the browser’s store did not take: they live as long as the page. */
const held = new Map<string, WaitingPhoto>();

const listeners = new Set<() => void>();
function changed(): void {
  for (const listener of listeners) listener();
}

/** Told whenever a picture begins or ends to wait in this tab. @returns how to stop it */
export function onPhotos(told: () => void): () => void {
  listeners.add(told);
  return () => void listeners.delete(told);
}

let tookOver: Promise<void> | undefined;

/** Brings over what waited in a browser from before. What can’t be read there stays there. */
const takeOver = (): Promise<void> => (tookOver ??= bringOver().catch(() => undefined));

/** Where there is no such store, opening it fails, and there is nothing to bring. */
async function bringOver(): Promise<void> {
  const old = await openOld(OLD_STORE);
  const photos: readonly unknown[] = await old.getAll('waiting');
  const waiting = photos.filter(isWaiting);
  await change(['photos'], null, (on) => Promise.all(waiting.map((photo) => on.objectStore('photos').put(photo))));
  for (const { id } of waiting) await old.delete('waiting', id);
  old.close();
  if (waiting.length === photos.length) await dropOld(OLD_STORE);
}

/** Pictures that wait, of all jobs. */
export async function photosThatWait(): Promise<readonly WaitingPhoto[]> {
  await takeOver();
  const kept: readonly unknown[] = await (await shelf()).getAll('photos');
  return [...kept.filter(isWaiting), ...held.values()];
}

/** Pictures of a job that wait, the oldest first. */
export async function waitingPhotos(jobId: string): Promise<readonly WaitingPhoto[]> {
  await takeOver();
  const kept: readonly unknown[] = await shelf()
    .then((db) => db.getAllFromIndex('photos', 'jobId', jobId))
    .catch(() => []);
  return [...kept.filter(isWaiting), ...[...held.values()].filter((photo) => photo.jobId === jobId)].sort((a, b) =>
    a.id.localeCompare(b.id),
  );
}

/** Keeps a picture until the server has it. @returns whether it outlives the page */
export async function keepWaiting(photo: WaitingPhoto): Promise<boolean> {
  try {
    await put('photos', photo.jobId, photo);
    return true;
  } catch {
    held.set(photo.id, photo);
    return false;
  } finally {
    changed();
  }
}

export async function dropWaiting(id: string): Promise<void> {
  held.delete(id);
  // A shelf that fails holds nothing of it
  await change(['photos'], null, (on) => on.objectStore('photos').delete(id)).catch(() => undefined);
  changed();
}

async function update(id: string, more: Pick<WaitingPhoto, 'refused' | 'by' | 'named'>): Promise<void> {
  const photo = held.get(id);
  if (photo) held.set(id, { ...photo, ...more });
  else
    await change(['photos'], null, async (on) => {
      const known = await on.objectStore('photos').get(id);
      if (known) await on.objectStore('photos').put({ ...known, ...more });
    });
  changed();
}

/** Settles by which entries a picture is named, before it is sent. */
export const settleNames = (id: string, named: PhotoNames): Promise<void> => update(id, { named });

export const markRefused = (id: string, refused: string): Promise<void> => update(id, { refused });

/** Says who took those pictures of a job of which nobody has said it. */
export async function signPhotos(jobId: string, by: Person): Promise<void> {
  for (const photo of await waitingPhotos(jobId)) if (!photo.by) await update(photo.id, { by });
}
