import { createStore, delMany, entries, set, update } from 'idb-keyval';
import type { Rung } from '@/core/kinds';

/** A picture that waits for the server, kept in the browser's own store so that it outlives a closed page. */
export interface WaitingPhoto {
  readonly id: string;
  readonly jobId: string;
  readonly file: Blob;
  readonly name: string;
  readonly rung: Rung;
  readonly pointId: string;
  readonly at: string;
  /** Why the server refused it; it is then not sent again by itself. */
  readonly refused?: string;
}

// Made when it is first needed: there is no such store on the server
let made: ReturnType<typeof createStore> | undefined;
const store = () => (made ??= createStore('fox-ladder-photos', 'waiting'));

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

/** Pictures of a job that wait, the oldest first. */
export async function waitingPhotos(jobId: string): Promise<readonly WaitingPhoto[]> {
  const all = await entries<string, unknown>(store()).catch(() => []);
  return [...all.flatMap(([, photo]) => (isWaiting(photo) ? photo : [])), ...held.values()]
    .filter((photo) => photo.jobId === jobId)
    .sort((a, b) => a.id.localeCompare(b.id));
}

/** Keeps a picture until the server has it. @returns whether it outlives the page */
export async function keepWaiting(photo: WaitingPhoto): Promise<boolean> {
  try {
    await set(photo.id, photo, store());
    return true;
  } catch {
    held.set(photo.id, photo);
    return false;
  }
}

export async function dropWaiting(id: string): Promise<void> {
  held.delete(id);
  // A store that fails holds nothing of it
  await delMany([id], store()).catch(() => undefined);
}

export async function markRefused(id: string, refused: string): Promise<void> {
  const photo = held.get(id);
  if (photo) held.set(id, { ...photo, refused });
  else await update<unknown>(id, (kept) => (isWaiting(kept) ? { ...kept, refused } : kept), store());
}
