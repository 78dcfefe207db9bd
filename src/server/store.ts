import path from 'node:path';
import { systemClock, type Clock } from './clock';
import { tellFirstCode } from './accounts/firstCode';
import { apart } from './apart/pool';
import { openDatabase } from './db/open';
import { sealOldFiles } from './jobs/attachments';
import { Log } from './log';
import { catchUp } from './projection/rebuild';
import { makeRowsApart } from './projection/soon';
import { shared } from './shared';
import { storeOf, type Store } from './storeOf';

export type { Store } from './storeOf';

export const dataFolder = (): string => path.resolve(/*turbopackIgnore: true*/ process.env.FOX_LADDER_DATA ?? './data');

/** Opens a data folder in its newest form. */
export async function openStore(folder: string, clock: Clock = systemClock): Promise<Store> {
  return storeOf(folder, await openDatabase(folder, clock), clock);
}

/** The log of what this server does, beside its data. */
export const serverLog = (): Log =>
  shared('log', () => new Log(path.join(/*turbopackIgnore: true*/ dataFolder(), 'log')));

/** The one store of this process. */
export const store = (): Promise<Store> =>
  shared('store', async () => {
    const opened = await openStore(dataFolder());
    await tellFirstCode(opened, (sentence) => console.error(sentence));
    // In the background: whoever comes meanwhile sees the rows, and the files, of before
    makeRowsApart(opened.db, opened.folder);
    apart('behind', { folder: opened.folder }, () => catchUp(opened.db)).catch((error: unknown) =>
      serverLog().write({ level: 'error', what: 'the board could not be brought up', fault: String(error) }),
    );
    sealOldFiles(opened, opened.thumbs).catch((error: unknown) =>
      serverLog().write({ level: 'error', what: 'files of before could not be sealed', fault: String(error) }),
    );
    return opened;
  });
