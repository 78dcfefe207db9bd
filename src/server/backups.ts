import { mkdir, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { BackupState } from '@/contract/backupState';
import { ProblemError } from '@/contract/problem';
import type { Apart } from './apart/asked';
import { apart } from './apart/pool';
import { lastBackup } from './lastBackup';
import { readSettings } from './settings';
import { shared } from './shared';
import type { Store } from './storeOf';

// Backups that the program makes by itself, each day at an hour, into the folder that the firm has set.

/** So often it is looked whether one is due, ms. */
const LOOK_MS = 5 * 60_000;
/** What failed is tried again after so long, ms. */
const AGAIN_MS = 3_600_000;

interface Tries {
  fault: BackupState['fault'];
  running: Promise<void> | null;
}
const tries = () => shared('tries of a backup', (): Tries => ({ fault: null, running: null }));

/**
 * Whether a backup is due: none was made since the hour came last, by this machine’s own time.
 * @param lastAt when one was made last, ISO 8601; null: never
 * @param hour 0 to 23
 */
export function isDue(lastAt: string | null, now: string, hour: number): boolean {
  if (lastAt === null) return true;
  const due = new Date(now);
  due.setHours(hour, 0, 0, 0);
  if (due.getTime() > Date.parse(now)) due.setDate(due.getDate() - 1);
  return Date.parse(lastAt) < due.getTime();
}

/** Whether a folder takes a backup: not a part of the data, and it can be written to. @throws ProblemError 422 */
export async function checkBackupFolder(dataFolder: string, folder: string): Promise<void> {
  const refuse = (message: string) =>
    new ProblemError(422, `backupFolder ${message}`, [{ path: 'backupFolder', message }]);
  const from = path.relative(path.resolve(dataFolder), folder);
  if (from === '' || !(from.startsWith('..') || path.isAbsolute(from)))
    throw refuse('lies among the data themselves: a backup belongs on another disk.');
  const probe = path.join(/*turbopackIgnore: true*/ folder, `.probe-${process.pid}`);
  try {
    await mkdir(/*turbopackIgnore: true*/ folder, { recursive: true, mode: 0o700 });
    await writeFile(probe, 'here');
    await rm(probe);
  } catch (error) {
    const why = error instanceof Error && 'code' in error ? ` (${String(error.code)})` : '';
    throw refuse(`can’t be written to${why}.`);
  }
}

export const backupState = async ({ folder }: Store): Promise<BackupState> => ({
  lastAt: await lastBackup(folder),
  fault: tries().fault,
});

/** What is copied, where to, how many are kept, and when it is. */
type Asked = Apart['backup']['asked'];
/** Makes a backup; another one is handed in where no thread of its own is wanted. */
export type MakeBackup = (asked: Asked) => Promise<void>;

// Copying is no part of pages and routes: the build lays it beside them
const madeApart: MakeBackup = (asked) =>
  apart('backup', asked, () =>
    Promise.reject(new Error('backups are made by the built program: start it with “npm start”.')),
  );

/**
 * Makes a backup now, in a thread of its own; whoever asks while one is made waits for that.
 * @throws ProblemError 409 no folder was set · 503 it came to nothing
 */
export async function backUpNow(store: Store, make: MakeBackup = madeApart): Promise<BackupState> {
  const { backupFolder, backupsKept } = await readSettings(store.db);
  if (backupFolder === '') throw new ProblemError(409, 'No folder for backups was set.');
  const now = store.clock.now();
  const asked = { folder: store.folder, to: backupFolder, kept: backupsKept, now };
  const state = tries();
  const attempt = async (): Promise<void> => {
    try {
      await make(asked);
      state.fault = null;
    } catch (error) {
      state.fault = { at: now, message: error instanceof Error ? error.message : String(error) };
    } finally {
      state.running = null;
    }
  };
  await (state.running ??= attempt());
  if (state.fault) throw new ProblemError(503, `The backup was not made: ${state.fault.message}`);
  return backupState(store);
}

/** Makes a backup if one is due; what failed waits a while. @returns whether one was made */
export async function backUpIfDue(store: Store, make: MakeBackup = madeApart): Promise<boolean> {
  const { backupFolder, backupHour } = await readSettings(store.db);
  if (backupFolder === '') return false;
  const { lastAt, fault } = await backupState(store);
  const now = store.clock.now();
  if (fault && Date.parse(now) - Date.parse(fault.at) < AGAIN_MS) return false;
  if (!isDue(lastAt, now, backupHour)) return false;
  await backUpNow(store, make);
  return true;
}

/** Looks now and then whether a backup is due. @returns how to stop looking */
export function keepBackups(store: Store, failed: (error: unknown) => void): () => void {
  const timer = setInterval(() => {
    backUpIfDue(store).catch(failed);
  }, LOOK_MS);
  // Nobody is kept alive by it
  timer.unref();
  return () => clearInterval(timer);
}
