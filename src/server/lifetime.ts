import { endApart } from './apart/pool';
import { keepBackups } from './backups';
import { closeAllSqlite } from './db/sqliteDialect';
import { giveBack, takeFolder } from './running';
import { shared } from './shared';
import { dataFolder, serverLog, store } from './store';
import { sweep } from './sweep';

/** What the process waits for before it ends: `scripts/listen.mjs` asks for it by this name. */
const beforeTheEnd = () => shared('before the end', (): (() => Promise<void>)[] => []);

/** Opens the store at start; what is wrong with it is told in one sentence, and the program ends. */
export async function startServer(): Promise<void> {
  try {
    const folder = dataFolder();
    // Two servers on one folder would each hold for true what the other has changed
    takeFolder(folder);
    process.on('exit', () => {
      closeAllSqlite();
      giveBack(folder);
    });
    const opened = await store();
    const { db } = opened;
    // Nobody else holds the database open when it is closed
    beforeTheEnd().push(endApart);
    serverLog().write({ level: 'info', what: 'started' });
    await sweep(db, folder);
    const stop = keepBackups(opened, (error) =>
      serverLog().write({ level: 'error', what: 'backup', fault: String(error) }),
    );
    beforeTheEnd().push(() => Promise.resolve(stop()));
  } catch (error) {
    console.error(error instanceof Error ? error.message : String(error));
    process.exit(1);
  }
}
