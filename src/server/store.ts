import path from 'node:path';
import { systemClock, type Clock } from './clock';
import { openDatabase, type Database } from './db/open';
import { FileStore } from './files';
import { ensureProjections } from './projection/rebuild';

/** Everything that a request needs of this machine. */
export interface Store {
  readonly db: Database;
  readonly files: FileStore;
  /** Small pictures made of files, by those files’ names; can be made anew. */
  readonly thumbs: FileStore;
  readonly clock: Clock;
}

export const dataFolder = (): string => path.resolve(process.env.FOX_LADDER_DATA ?? './data');

/** Opens a data folder: newest form, projections of this version. */
export async function openStore(folder: string, clock: Clock = systemClock): Promise<Store> {
  const db = await openDatabase(folder, clock);
  await ensureProjections(db);
  return { db, files: new FileStore(folder), thumbs: new FileStore(folder, 'thumbs'), clock };
}

declare global {
  // Next bundles each route by itself: one connection for all of them lives here
  var foxLadderStore: Promise<Store> | undefined;
}

/** The one store of this process. */
export function store(): Promise<Store> {
  globalThis.foxLadderStore ??= openStore(dataFolder());
  return globalThis.foxLadderStore;
}
