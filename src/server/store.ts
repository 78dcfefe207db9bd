import path from 'node:path';
import { systemClock, type Clock } from './clock';
import { openDatabase, type Database } from './db/open';
import { FileStore } from './files';
import { catchUp } from './projection/rebuild';

/** Everything that a request needs of this machine. */
export interface Store {
  readonly db: Database;
  readonly files: FileStore;
  /** Small pictures made of files, by those files’ names; can be made anew. */
  readonly thumbs: FileStore;
  readonly clock: Clock;
}

export const dataFolder = (): string => path.resolve(/*turbopackIgnore: true*/ process.env.FOX_LADDER_DATA ?? './data');

/** Opens a data folder in its newest form. */
export async function openStore(folder: string, clock: Clock = systemClock): Promise<Store> {
  const db = await openDatabase(folder, clock);
  return { db, files: new FileStore(folder), thumbs: new FileStore(folder, 'thumbs'), clock };
}

declare global {
  // Next bundles each route by itself: one connection for all of them lives here
  var foxLadderStore: Promise<Store> | undefined;
}

/** The one store of this process. */
export function store(): Promise<Store> {
  globalThis.foxLadderStore ??= openStore(dataFolder()).then((opened) => {
    // In the background: whoever comes meanwhile sees the rows of before
    catchUp(opened.db).catch((error: unknown) => console.error('the board could not be brought up', error));
    return opened;
  });
  return globalThis.foxLadderStore;
}
