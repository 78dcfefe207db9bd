import { createStore, delMany, entries, set, update } from 'idb-keyval';
import type { Rung } from '@/core/job';

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

/** Pictures of a job that wait, the oldest first. */
export async function waitingPhotos(jobId: string): Promise<readonly WaitingPhoto[]> {
  const all = await entries<string, WaitingPhoto>(store());
  return all
    .map(([, photo]) => photo)
    .filter((photo) => photo.jobId === jobId)
    .sort((a, b) => a.id.localeCompare(b.id));
}

export const keepWaiting = (photo: WaitingPhoto): Promise<void> => set(photo.id, photo, store());
export const dropWaiting = (id: string): Promise<void> => delMany([id], store());
export const markRefused = (id: string, refused: string): Promise<void> =>
  update<WaitingPhoto>(id, (photo) => ({ ...(photo as WaitingPhoto), refused }), store());
