import { createReadStream, existsSync } from 'node:fs';
import { copyFile, mkdir, readdir, rename, rm, stat, writeFile } from 'node:fs/promises';
import { createHash } from 'node:crypto';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { sql } from 'kysely';
import { DATABASE_FILE, lookInto, openDatabase, type Database } from './db/open';
import { KEYS_FILE, openKeys } from './db/sqliteDialect';
import { LAST_BACKUP_FILE } from './lastBackup';
import { servedBy } from './running';

// A backup is a folder of its own: sets by their time, each a database; beside them the files of all of them, by hash, and
// the keys, without which neither tells anything of a customer.

const SETS = 'sets';
const FILES = 'files';
const KEYS = 'keys';

/** What a set of a backup holds, as it was checked. */
export interface BackupSet {
  readonly name: string;
  readonly jobs: number;
  readonly entries: number;
  readonly files: number;
}

const isSet = (name: string): boolean => /^\d{4}-\d\d-\d\dT[\d-]+Z$/.test(name);

/** The sets of a backup folder, the newest first. */
export async function setsIn(folder: string): Promise<readonly string[]> {
  const names = await readdir(path.join(folder, SETS)).catch((): string[] => []);
  return names.filter(isSet).sort().reverse();
}

async function hashOfFile(file: string): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(createReadStream(file), hash);
  return hash.digest('hex');
}

/** Names of the files that a database’s jobs have. */
async function namedFiles(db: Database): Promise<readonly string[]> {
  // A copy of an older form has no column for where a sealed file lies
  const { rows } = await sql<{ sha256: string; file?: string | null }>`SELECT * FROM attachments`.execute(db);
  return [...new Set(rows.map(({ sha256, file }) => file ?? sha256))].sort();
}

const countOf = async (db: Database, table: 'jobs' | 'entries'): Promise<number> => {
  const { rows } = await sql<{ n: number }>`SELECT count(*) AS n FROM ${sql.table(table)}`.execute(db);
  return rows[0]?.n ?? 0;
};

/** Looks a set over: its database is whole, its log without gaps, every file there and what its name says. */
export async function checkSet(folder: string, name: string): Promise<BackupSet> {
  const db = lookInto(path.join(folder, SETS, name, DATABASE_FILE));
  try {
    const { rows } = await sql<{ integrity_check: string }>`PRAGMA integrity_check`.execute(db);
    if (rows[0]?.integrity_check !== 'ok') throw new Error(`the database of ${name} is damaged`);
    const gaps = await sql<{ job: string }>`
      SELECT job_id AS job FROM entries GROUP BY job_id HAVING count(*) <> max(seq)`.execute(db);
    const [gap] = gaps.rows;
    if (gap) throw new Error(`the log of job ${gap.job} has gaps in ${name}`);
    const files = await namedFiles(db);
    for (const file of files) {
      const place = path.join(folder, FILES, file);
      if (!existsSync(place) || (await hashOfFile(place)) !== file)
        throw new Error(`the file ${file} of ${name} is missing or damaged`);
    }
    return { name, jobs: await countOf(db, 'jobs'), entries: await countOf(db, 'entries'), files: files.length };
  } finally {
    await db.destroy();
  }
}

/** What was begun so long ago is begun no more, ms. */
const GIVEN_UP_MS = 24 * 3_600_000;

/** Throws away all sets but the newest few, what was begun and never ended, and the files that none of the sets names. */
async function prune(folder: string, keep: number): Promise<void> {
  const sets = await setsIn(folder);
  for (const name of await readdir(path.join(folder, SETS))) {
    const place = path.join(folder, SETS, name);
    if (name.endsWith('.part') && (await stat(place)).mtimeMs < Date.now() - GIVEN_UP_MS)
      await rm(place, { recursive: true });
  }
  for (const name of sets.slice(keep)) await rm(path.join(folder, SETS, name), { recursive: true });
  const named = new Set<string>();
  for (const name of sets.slice(0, keep)) {
    const db = lookInto(path.join(folder, SETS, name, DATABASE_FILE));
    for (const file of await namedFiles(db)) named.add(file);
    await db.destroy();
  }
  for (const file of await readdir(path.join(folder, FILES)))
    if (!named.has(file)) await rm(path.join(folder, FILES, file));
}

/**
 * The keys as they are now, apart from the sets and only once: who was erased since is in no backup any more.
 */
async function keepKeys(db: Database, folder: string): Promise<void> {
  const place = path.join(folder, KEYS, KEYS_FILE);
  await mkdir(path.dirname(place), { recursive: true, mode: 0o700 });
  await rm(`${place}.part`, { force: true });
  await sql`VACUUM keys INTO ${`${place}.part`}`.execute(db);
  await rename(`${place}.part`, place);
}

/** Takes the rows of the board and of the search out of a copy: they hold in the clear what is sealed in the log. */
async function withoutRows(copy: Database): Promise<void> {
  await copy.deleteFrom('board').execute();
  await copy.deleteFrom('job_search').execute();
  await sql`VACUUM`.execute(copy);
}

/** Brings keys from a backup to those that are there; whoever was erased here stays so. */
function bringKeys(dataFolder: string, folder: string): void {
  const source = path.join(folder, KEYS, KEYS_FILE);
  if (!existsSync(source)) return;
  const keys = openKeys(path.join(dataFolder, KEYS_FILE));
  try {
    keys.take(source);
  } finally {
    keys.close();
  }
}

/**
 * Backs a data folder up into another folder, while the program runs: a copy of the database as it is at one moment, the
 * files of its jobs, all of it checked before it counts.
 * @param keep so many sets are kept, this one with them
 */
export async function backUp(dataFolder: string, folder: string, keep: number, now: string): Promise<BackupSet> {
  const name = now.replace(/[:.]/g, '-');
  const unfinished = path.join(folder, SETS, `${name}.part`);
  await mkdir(unfinished, { recursive: true, mode: 0o700 });
  await mkdir(path.join(folder, FILES), { recursive: true, mode: 0o700 });
  const db = await openDatabase(dataFolder);
  try {
    await sql`VACUUM INTO ${path.join(unfinished, DATABASE_FILE)}`.execute(db);
    await keepKeys(db, folder);
  } finally {
    await db.destroy();
  }
  const copy = lookInto(path.join(unfinished, DATABASE_FILE));
  await withoutRows(copy);
  const files = await namedFiles(copy);
  await copy.destroy();
  for (const file of files) {
    const place = path.join(folder, FILES, file);
    if (existsSync(place)) continue;
    await copyFile(path.join(dataFolder, 'files', file), `${place}.part`);
    await rename(`${place}.part`, place);
  }
  await rename(unfinished, path.join(folder, SETS, name));
  const set = await checkSet(folder, name);
  await prune(folder, keep);
  await writeFile(path.join(dataFolder, LAST_BACKUP_FILE), JSON.stringify({ at: now, ...set }), { mode: 0o600 });
  return set;
}

/**
 * Puts a set of a backup in the place of a data folder’s database and files. What lies there is laid aside, not thrown away.
 * @param name of the set; null: the newest
 * @returns what was put back, and where what lay there is now
 */
export async function restore(
  dataFolder: string,
  folder: string,
  name: string | null,
  now: string,
): Promise<{ readonly set: BackupSet; readonly aside: string | null }> {
  if (servedBy(dataFolder) !== null)
    throw new Error('The program runs on these data: stop it first, then put them back.');
  const sets = await setsIn(folder);
  const wanted = name ?? sets[0];
  if (!wanted || !sets.includes(wanted))
    throw new Error(
      name ? `There is no set ${name} in ${folder}. There are: ${sets.join(', ')}` : `There is no backup in ${folder}.`,
    );
  // Looked over before anything is touched
  const set = await checkSet(folder, wanted);
  const source = path.join(folder, SETS, wanted);
  await mkdir(path.join(dataFolder, 'files'), { recursive: true, mode: 0o700 });
  const db = lookInto(path.join(source, DATABASE_FILE));
  const files = await namedFiles(db);
  await db.destroy();
  for (const file of files) {
    const place = path.join(dataFolder, 'files', file);
    if (existsSync(place)) continue;
    await copyFile(path.join(folder, FILES, file), `${place}.part`);
    await rename(`${place}.part`, place);
  }
  bringKeys(dataFolder, folder);
  const present = path.join(dataFolder, DATABASE_FILE);
  const aside = existsSync(present) ? path.join(dataFolder, `before-restore-${now.replace(/[:.]/g, '-')}.db`) : null;
  for (const end of ['', '-wal', '-shm'])
    if (await stat(`${present}${end}`).catch(() => null)) await rename(`${present}${end}`, `${aside ?? present}${end}`);
  await copyFile(path.join(source, DATABASE_FILE), `${present}.part`);
  await rename(`${present}.part`, present);
  return { set, aside };
}
