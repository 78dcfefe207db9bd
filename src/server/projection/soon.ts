import { apart } from '../apart/pool';
import type { Database } from '../db/open';
import { shared } from '../shared';
import { bringUp } from './project';
import { catchUp } from './rebuild';

/** Where the data of a store lie whose rows are made in a thread of their own. */
const folders = () => shared('rows apart', () => new WeakMap<Database, string>());

/** From now on the rows of a store are made in a thread of their own: judging a job takes longer than a request may wait. */
export const makeRowsApart = (db: Database, folder: string): void => void folders().set(db, folder);

/** Jobs of each store whose rows are to be brought up, and when that is under way. */
const waitingOf = () => shared('rows waiting', () => new WeakMap<Database, Set<string>>());
const underWayOf = () => shared('rows under way', () => new WeakMap<Database, Promise<void>>());
/** Entries that follow one another closely make their rows once, ms. */
const GATHER_MS = 40;

/** Brings a job’s rows up in a moment: whoever has written does not wait for it. A stop before that is made good at the start. */
export function bringUpSoon(db: Database, jobId: string): void {
  const waiting = waitingOf().get(db) ?? new Set();
  waitingOf().set(db, waiting);
  if (waiting.size === 0) setTimeout(() => void broughtUp(db).catch(() => undefined), GATHER_MS).unref();
  waiting.add(jobId);
}

/** When all rows are up to their logs, as far as was written here. */
export function broughtUp(db: Database): Promise<void> {
  const waiting = waitingOf().get(db);
  const before = underWayOf().get(db) ?? Promise.resolve();
  if (!waiting?.size) return before;
  const jobs = [...waiting];
  waiting.clear();
  // A store that was closed meanwhile brings them up at its next start
  const now = before
    .catch(() => undefined)
    .then(async () => {
      const here = async () => {
        for (const id of jobs) await bringUp(db, id);
      };
      const folder = folders().get(db);
      await (folder === undefined ? here() : apart('rows', { folder, jobIds: jobs }, here));
    });
  underWayOf().set(db, now);
  return now;
}

/** Of each store: whether rows that are behind are being caught up with, and whether they are once more after that. */
const catchingUpOf = () => shared('rows catching up', () => new WeakMap<Database, { again: boolean }>());

/** Brings up all rows that are behind, beside what is asked meanwhile. A stop before that is made good at the start. */
export function catchUpSoon(db: Database): void {
  const running = catchingUpOf().get(db);
  if (running) {
    running.again = true;
    return;
  }
  const turn = { again: false };
  catchingUpOf().set(db, turn);
  const here = () => catchUp(db);
  const folder = folders().get(db);
  const caughtUp = folder === undefined ? here() : apart('behind', { folder }, here);
  void caughtUp
    // Rows that are still behind are caught up with at the next start
    .catch((error: unknown) => console.error('the board could not be brought up', error))
    .then(() => {
      catchingUpOf().delete(db);
      if (turn.again) catchUpSoon(db);
    });
}
