import { rm, statfs, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { sql } from 'kysely';
import { version } from '../../package.json';
import { backupState } from './backups';
import { lastBackup } from './lastBackup';
import { storeFault } from './http/storeFault';
import { dataFolder, store } from './store';

/** Below this a log can’t grow and photos can’t come in for long. */
const LEAST_FREE_BYTES = 200 * 1024 * 1024;

/** What somebody who looks after the server wants to know. */
export interface Health {
  readonly ok: boolean;
  readonly version: string;
  readonly storeWritable: boolean;
  readonly diskFreeBytes: number | null;
  /** ISO 8601; null: none is known of. */
  readonly lastBackupAt: string | null;
  /** What is the matter, each in a sentence. */
  readonly problems: readonly string[];
}

/** Whether the store takes a write: its lock can be had, and a file can be written beside it. */
async function writeFault(folder: string): Promise<string | null> {
  const probe = path.join(/*turbopackIgnore: true*/ folder, `.probe-${process.pid}`);
  try {
    const { db } = await store();
    await db.transaction().execute(async (trx) => void (await sql`SELECT 1`.execute(trx)));
    await writeFile(probe, 'here');
    await rm(probe);
    return null;
  } catch (error) {
    return storeFault(error)?.detail ?? 'The store can’t be written to.';
  }
}

export async function health(): Promise<Health> {
  const folder = dataFolder();
  const fault = await writeFault(folder);
  const disk = await statfs(/*turbopackIgnore: true*/ folder).catch(() => null);
  const diskFreeBytes = disk && disk.bavail * disk.bsize;
  const isLow = diskFreeBytes !== null && diskFreeBytes < LEAST_FREE_BYTES;
  const backup = fault ? null : await backupState(await store());
  const problems = [
    ...(fault ? [fault] : []),
    ...(isLow ? ['The disk is nearly full.'] : []),
    ...(backup?.fault ? ['The last backup was not made.'] : []),
  ];
  return {
    ok: problems.length === 0,
    version,
    storeWritable: fault === null,
    diskFreeBytes,
    lastBackupAt: await lastBackup(folder),
    problems,
  };
}
