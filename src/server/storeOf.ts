import type { Clock } from './clock';
import type { Database } from './db/open';
import { FileStore } from './files';

/** Everything that a request needs of this machine. */
export interface Store {
  /** Where all of it lies. */
  readonly folder: string;
  readonly db: Database;
  readonly files: FileStore;
  /** Small pictures made of files, by those files’ names; can be made anew. */
  readonly thumbs: FileStore;
  readonly clock: Clock;
}

/** The store of a data folder whose database is open. */
export const storeOf = (folder: string, db: Database, clock: Clock): Store => ({
  folder,
  db,
  files: new FileStore(folder),
  thumbs: new FileStore(folder, 'thumbs'),
  clock,
});
