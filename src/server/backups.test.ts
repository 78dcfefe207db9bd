import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { backUp, setsIn } from './backup';
import { backUpIfDue as ifDue, backUpNow, backupState, checkBackupFolder, isDue, type MakeBackup } from './backups';
import { temporaryStore } from './forTests';
import { writeSettings } from './settings';
import type { Store } from './store';

let store: Store;
let end: () => Promise<void>;
let to: string;
beforeEach(async () => {
  ({ store, end } = await temporaryStore());
  to = mkdtempSync(path.join(tmpdir(), 'fox-ladder-backups-'));
});
afterEach(async () => {
  await end();
  rmSync(to, { recursive: true, force: true });
});

/** A moment by this machine’s own time. */
const at = (day: number, hour: number, minute = 0): string => new Date(2026, 2, day, hour, minute).toISOString();
/** In this thread. */
const madeHere: MakeBackup = async ({ folder, to: there, kept, now }) => {
  await backUp(folder, there, kept, now);
};
const backUpIfDue = (one: Store) => ifDue(one, madeHere);
/** The store at a moment. */
const then = (now: string): Store => ({ ...store, clock: { ...store.clock, now: () => now } });

describe('a backup by itself', () => {
  it('is due once the hour has come since the last one, were the program off meanwhile too', () => {
    expect(isDue(null, at(4, 12), 3)).toBe(true);
    expect(isDue(at(4, 3, 1), at(4, 12), 3)).toBe(false);
    expect(isDue(at(4, 3, 1), at(5, 2, 59), 3)).toBe(false);
    expect(isDue(at(4, 3, 1), at(5, 3), 3)).toBe(true);
    expect(isDue(at(1, 3, 1), at(5, 2), 3)).toBe(true);
    expect(isDue(at(3, 22), at(4, 0), 0)).toBe(true);
  });
  it('is made each day into the folder that was set, so many are kept, and none where none was set', async () => {
    expect(await backUpIfDue(then(at(4, 12)))).toBe(false);
    await writeSettings(store.db, { backupFolder: to, backupHour: 3, backupsKept: 2 });
    expect(await backUpIfDue(then(at(4, 12)))).toBe(true);
    expect(await backUpIfDue(then(at(4, 13)))).toBe(false);
    for (const day of [5, 6]) expect(await backUpIfDue(then(at(day, 3, 4)))).toBe(true);
    expect((await setsIn(to)).map((name) => name.slice(0, 10))).toEqual(
      [at(6, 3, 4), at(5, 3, 4)].map((iso) => iso.slice(0, 10)),
    );
    expect(await backupState(store)).toEqual({ lastAt: at(6, 3, 4), fault: null });
  });
  it('that comes to nothing is told, tried again after a while, and told no more once it comes to something', async () => {
    const file = path.join(to, 'no-folder');
    writeFileSync(file, 'here');
    await writeSettings(store.db, { backupFolder: file, backupHour: 3 });
    await expect(backUpIfDue(then(at(4, 12)))).rejects.toThrow('The backup was not made');
    expect(await backupState(store)).toMatchObject({ lastAt: null, fault: { at: at(4, 12) } });
    expect(await backUpIfDue(then(at(4, 12, 30)))).toBe(false);
    rmSync(file);
    expect(await backUpIfDue(then(at(4, 13, 1)))).toBe(true);
    expect((await backupState(store)).fault).toBeNull();
  });
  it('is asked for where no folder was set: refused in a sentence', async () => {
    await expect(backUpNow(store, madeHere)).rejects.toThrow('No folder for backups was set.');
  });
});

describe('a folder for backups', () => {
  it('lies elsewhere than the data, and can be written to', async () => {
    await expect(checkBackupFolder(store.folder, store.folder)).rejects.toThrow('among the data');
    await expect(checkBackupFolder(store.folder, path.join(store.folder, 'files'))).rejects.toThrow('among the data');
    const file = path.join(to, 'no-folder');
    writeFileSync(file, 'here');
    await expect(checkBackupFolder(store.folder, file)).rejects.toThrow('can’t be written to');
    await expect(checkBackupFolder(store.folder, path.join(to, 'new', 'one'))).resolves.toBeUndefined();
  });
});
