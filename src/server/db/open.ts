import { chmodSync, existsSync, mkdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { Kysely, Migrator, sql } from 'kysely';
import { systemClock, type Clock } from '../clock';
import { MIGRATIONS } from './migrations';
import { openFault } from './openFault';
import { newKey } from '../sealing/seal';
import { sqliteDialect } from './sqliteDialect';
import type { Tables } from './tables';

export type Database = Kysely<Tables>;

export const DATABASE_FILE = 'fox-ladder.db';

/** A database that is only looked into: a copy of any age, which stays as it is. */
export const lookInto = (file: string): Database => new Kysely<Tables>({ dialect: sqliteDialect(file, 'look') });

/** A further connection to a data folder’s database that this process has open: it finds and leaves it in its form. */
export const openBeside = (folder: string): Database =>
  new Kysely<Tables>({ dialect: sqliteDialect(path.join(folder, DATABASE_FILE), 'beside') });

/**
 * Opens a data folder's database and brings it to the newest form. Before a form is changed a copy is laid beside it.
 * @param folder is made where it is not there
 */
export async function openDatabase(folder: string, clock: Clock = systemClock): Promise<Database> {
  const file = path.join(folder, DATABASE_FILE);
  try {
    // What customers told lies in it: the folder is its owner’s alone
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    if ((statSync(folder).mode & 0o077) !== 0) chmodSync(folder, 0o700);
    return await opened(folder, file, clock);
  } catch (error) {
    throw openFault(folder, file, error);
  }
}

/** Migrations that this program has and a database has not, in their order. @throws where the database knows newer ones */
async function missingFrom(db: Database, migrator: Migrator, file: string): Promise<readonly string[]> {
  const known = new Set(Object.keys(MIGRATIONS));
  const tables = await db.introspection.getTables({ withInternalKyselyTables: true });
  if (tables.some(({ name }) => name === 'kysely_migration')) {
    const { rows } = await sql<{ name: string }>`SELECT name FROM kysely_migration`.execute(db);
    const newer = rows.find(({ name }) => !known.has(name));
    if (newer)
      throw new Error(
        `${file} was written by a newer version of this program (“${newer.name}”). Update the program, then start again; nothing was changed.`,
      );
  } else if (tables.length > 0)
    throw new Error(`${file} is a database of another program: choose another folder by FOX_LADDER_DATA.`);
  const all = await migrator.getMigrations();
  return all.filter(({ executedAt }) => !executedAt).map(({ name }) => name);
}

/** The form from which on what tells of customers is sealed. */
const SEALED: keyof typeof MIGRATIONS = '0008_sealed';

/** Keys for the jobs of a database from before: on the disk before anything is sealed by them. */
async function makeKeys(db: Database): Promise<void> {
  const jobs = await db.selectFrom('jobs').select('id').execute();
  for (const { id } of jobs)
    await db
      .insertInto('keys.site_keys')
      .values({ job_id: id, key: newKey(), erased_at: null })
      .onConflict((conflict) => conflict.doNothing())
      .execute();
}

async function opened(folder: string, file: string, clock: Clock): Promise<Database> {
  const wasThere = existsSync(file);
  const db = new Kysely<Tables>({ dialect: sqliteDialect(file) });
  try {
    const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve({ ...MIGRATIONS }) } });
    const waiting = await missingFrom(db, migrator, file);
    if (wasThere && waiting.length > 0) {
      const stamp = clock.now().replace(/[:.]/g, '-');
      const copy = path.join(folder, `before-${waiting[0] ?? 'migration'}-${stamp}.db`);
      console.log(`The data is brought to a newer form (${waiting.join(', ')}). A copy is laid beside it: ${copy}`);
      await sql`VACUUM INTO ${copy}`.execute(db);
    }
    const isUnsealed = wasThere && waiting.includes(SEALED);
    if (isUnsealed) await makeKeys(db);
    const { error } = await migrator.migrateToLatest();
    if (error) throw error instanceof Error ? error : new Error('the database could not be brought to its newest form');
    // Else what was written before in the clear stays in its free pages
    if (isUnsealed) await sql`VACUUM`.execute(db);
    return db;
  } catch (error) {
    await db.destroy().catch(() => undefined);
    throw error;
  }
}
