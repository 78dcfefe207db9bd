import { backUp } from '../backup';
import { systemClock } from '../clock';
import { openBeside, type Database } from '../db/open';
import { takeFirmIn } from '../firm/takeFirm';
import { gateOf } from '../jobs/askedJob';
import { takeIn as takeInHere } from '../jobs/takeIn';
import { bringUp } from '../projection/project';
import { catchUp } from '../projection/rebuild';
import { storeOf } from '../storeOf';
import type { Apart, ApartName } from './asked';

// What runs in a thread of its own, with a connection of its own to the database: whatever takes long enough that a request
// would wait for it. The build makes one file of it.

/** A connection that nobody has used for so long is closed, ms. */
const IDLE_MS = 300;

let open: { readonly folder: string; readonly db: Database } | null = null;
let users = 0;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Works with a data folder’s database; it is closed again when nobody has asked for a while. */
async function using<T>(folder: string, work: (db: Database) => Promise<T>): Promise<T> {
  clearTimeout(timer);
  open ??= { folder, db: openBeside(folder) };
  users++;
  try {
    return await work(open.db);
  } finally {
    if (--users === 0)
      timer = setTimeout(() => {
        const { db } = open ?? {};
        open = null;
        void db?.destroy();
      }, IDLE_MS);
  }
}

type Task<K extends ApartName> = (asked: Apart[K]['asked']) => Promise<Apart[K]['answer']>;

export const rows: Task<'rows'> = ({ folder, jobIds }) =>
  using(folder, async (db) => {
    for (const id of jobIds) await bringUp(db, id);
  });

export const behind: Task<'behind'> = ({ folder }) => using(folder, catchUp);

export const backup: Task<'backup'> = async ({ folder, to, kept, now }) => {
  await backUp(folder, to, kept, now);
};

export const takeIn: Task<'takeIn'> = (incoming) =>
  using(incoming.folder, (db) => takeInHere(storeOf(incoming.folder, db, systemClock), incoming));

export const takeFirm: Task<'takeFirm'> = ({ folder, path }) =>
  using(folder, (db) => takeFirmIn(storeOf(folder, db, systemClock), path));

export const gate: Task<'gate'> = (asked) => using(asked.folder, (db) => gateOf(db, asked));
