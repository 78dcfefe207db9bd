import { existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import { Kysely, Migrator, sql } from 'kysely';
import { systemClock, type Clock } from '../clock';
import { MIGRATIONS } from './migrations';
import { sqliteDialect } from './sqliteDialect';
import type { Tables } from './tables';

export type Database = Kysely<Tables>;

export const DATABASE_FILE = 'fox-ladder.db';

/**
 * Opens a data folder's database and brings it to the newest form. Before a form is changed a copy is laid beside it.
 * @param folder is made where it is not there
 */
export async function openDatabase(folder: string, clock: Clock = systemClock): Promise<Database> {
  mkdirSync(folder, { recursive: true });
  const file = path.join(folder, DATABASE_FILE);
  const wasThere = existsSync(file);
  const db = new Kysely<Tables>({ dialect: sqliteDialect(file) });
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve({ ...MIGRATIONS }) } });
  const waiting = (await migrator.getMigrations()).filter((migration) => !migration.executedAt);
  if (wasThere && waiting.length > 0) {
    const stamp = clock.now().replace(/[:.]/g, '-');
    await sql`VACUUM INTO ${path.join(folder, `before-${waiting[0]?.name ?? 'migration'}-${stamp}.db`)}`.execute(db);
  }
  const { error } = await migrator.migrateToLatest();
  if (error) throw new Error('the database could not be brought to its newest form', { cause: error });
  return db;
}
