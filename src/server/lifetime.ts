import { existsSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { endApart } from './apart/pool';
import { closeAllSqlite } from './db/sqliteDialect';
import { RUNNING_FILE } from './running';
import { shared } from './shared';
import { dataFolder, serverLog, store } from './store';
import { sweep } from './sweep';

/** What the process waits for before it ends: `scripts/listen.mjs` asks for it by this name. */
const beforeTheEnd = () => shared('before the end', (): (() => Promise<void>)[] => []);

/** Opens the store at start; what is wrong with it is told in one sentence, and the program ends. */
export async function startServer(): Promise<void> {
  try {
    const { db } = await store();
    const folder = dataFolder();
    const running = path.join(/*turbopackIgnore: true*/ folder, RUNNING_FILE);
    writeFileSync(running, String(process.pid), { mode: 0o600 });
    // Nobody else holds the database open when it is closed
    beforeTheEnd().push(endApart);
    process.on('exit', () => {
      closeAllSqlite();
      if (existsSync(running)) rmSync(running);
    });
    serverLog().write({ level: 'info', what: 'started' });
    await sweep(db, folder);
  } catch (error) {
    console.error(error instanceof Error ? error.message : String(error));
    process.exit(1);
  }
}
