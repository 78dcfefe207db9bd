import path from 'node:path';
import { systemClock, type Clock } from './clock';
import { openDatabase, type Database } from './db/open';
import { FileStore } from './files';
import { sealOldFiles } from './jobs/attachments';
import { Log } from './log';
import { catchUp } from './projection/rebuild';
import { shared } from './shared';

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

export const dataFolder = (): string => path.resolve(/*turbopackIgnore: true*/ process.env.FOX_LADDER_DATA ?? './data');

/** Opens a data folder in its newest form. */
export async function openStore(folder: string, clock: Clock = systemClock): Promise<Store> {
  const db = await openDatabase(folder, clock);
  return { folder, db, files: new FileStore(folder), thumbs: new FileStore(folder, 'thumbs'), clock };
}

/** The log of what this server does, beside its data. */
export const serverLog = (): Log =>
  shared('log', () => new Log(path.join(/*turbopackIgnore: true*/ dataFolder(), 'log')));

/** The one store of this process. */
export const store = (): Promise<Store> =>
  shared('store', async () => {
    const opened = await openStore(dataFolder());
    // In the background: whoever comes meanwhile sees the rows, and the files, of before
    catchUp(opened.db).catch((error: unknown) =>
      serverLog().write({ level: 'error', what: 'the board could not be brought up', fault: String(error) }),
    );
    sealOldFiles(opened, opened.thumbs).catch((error: unknown) =>
      serverLog().write({ level: 'error', what: 'files of before could not be sealed', fault: String(error) }),
    );
    return opened;
  });
