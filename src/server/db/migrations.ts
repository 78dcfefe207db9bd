import { sql, type Kysely, type Migration } from 'kysely';
import { sealAll } from './sealAll';

/** @param act with the columns that it is about, where some may change */
const neverChanged = (table: string, acts: readonly string[] = ['UPDATE', 'DELETE']) =>
  acts.map((act) =>
    sql.raw(
      `CREATE TRIGGER ${table}_no_${act.slice(0, 6).toLowerCase()} BEFORE ${act} ON ${table}
       BEGIN SELECT RAISE(ABORT, '${table} are never changed: write another entry'); END`,
    ),
  );

async function all(db: Kysely<unknown>, statements: readonly ReturnType<typeof sql.raw>[]): Promise<void> {
  for (const statement of statements) await statement.execute(db);
}

/** Forward only, in the order of their names. A new one is another line. */
export const MIGRATIONS: Readonly<Record<string, Migration>> = {
  '0001_job_log': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        sql.raw(`CREATE TABLE jobs (
          id TEXT PRIMARY KEY, title TEXT NOT NULL, created_at TEXT NOT NULL, received_at TEXT NOT NULL,
          by_id TEXT, by_name TEXT) STRICT`),
        sql.raw(`CREATE TABLE entries (
          job_id TEXT NOT NULL REFERENCES jobs (id), seq INTEGER NOT NULL CHECK (seq >= 1), id TEXT NOT NULL,
          at TEXT NOT NULL, by_id TEXT NOT NULL, by_name TEXT NOT NULL, kind TEXT NOT NULL,
          data TEXT NOT NULL CHECK (json_valid(data)), corrects TEXT, received_at TEXT NOT NULL,
          PRIMARY KEY (job_id, seq), UNIQUE (job_id, id)) STRICT, WITHOUT ROWID`),
        sql.raw(`CREATE TABLE attachments (
          job_id TEXT NOT NULL REFERENCES jobs (id), id TEXT NOT NULL, media_type TEXT NOT NULL, sha256 TEXT NOT NULL,
          PRIMARY KEY (job_id, id)) STRICT`),
        ...['jobs', 'entries', 'attachments'].flatMap((table) => neverChanged(table)),
        sql.raw(`CREATE TABLE board (
          job_id TEXT PRIMARY KEY, title TEXT NOT NULL, address TEXT NOT NULL, expected_at TEXT,
          updated_at TEXT NOT NULL, finished INTEGER NOT NULL, points TEXT NOT NULL, last_seq INTEGER NOT NULL) STRICT`),
        sql.raw('CREATE INDEX board_updated ON board (updated_at DESC, job_id DESC)'),
        sql.raw('CREATE INDEX board_open ON board (finished, expected_at)'),
        sql.raw(`CREATE VIRTUAL TABLE job_search USING fts5 (job_id UNINDEXED, text, tokenize = 'unicode61')`),
        sql.raw(
          'CREATE TABLE projection_version (only INTEGER PRIMARY KEY CHECK (only = 1), version INTEGER NOT NULL) STRICT',
        ),
        sql.raw('CREATE TABLE crew (id TEXT PRIMARY KEY, name TEXT NOT NULL) STRICT'),
      ]),
  },
  '0002_settings_and_board_order': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        sql.raw('CREATE TABLE settings (key TEXT PRIMARY KEY, value TEXT NOT NULL CHECK (json_valid(value))) STRICT'),
        // In the very order of the board, so that it reads a page and sorts nothing
        sql.raw('DROP INDEX board_open'),
        sql.raw('CREATE INDEX board_order ON board (finished, expected_at IS NULL, expected_at, updated_at DESC)'),
      ]),
  },
  '0003_catalogue': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        // The firm’s own items only: what ships is code
        sql.raw(`CREATE TABLE catalogue_items (
          shelf TEXT NOT NULL, id TEXT NOT NULL, data TEXT NOT NULL CHECK (json_valid(data)),
          PRIMARY KEY (shelf, id)) STRICT, WITHOUT ROWID`),
      ]),
  },
  '0004_versions_of_kinds': {
    up: (db: Kysely<unknown>) =>
      // All that was written before is of the first version of its kind
      all(db, [sql.raw('ALTER TABLE entries ADD COLUMN version INTEGER NOT NULL DEFAULT 1 CHECK (version >= 1)')]),
  },
  '0005_rows_by_code': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        sql.raw("ALTER TABLE board ADD COLUMN made_by TEXT NOT NULL DEFAULT ''"),
        sql.raw('ALTER TABLE board ADD COLUMN fault TEXT'),
        sql.raw('DROP TABLE projection_version'),
      ]),
  },
  '0006_seen_and_imported': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        sql.raw('ALTER TABLE entries ADD COLUMN seen INTEGER CHECK (seen >= 0)'),
        sql.raw('ALTER TABLE entries ADD COLUMN imported INTEGER NOT NULL DEFAULT 0 CHECK (imported IN (0, 1))'),
      ]),
  },
  '0007_licences': {
    up: (db: Kysely<unknown>) =>
      all(db, [sql.raw('ALTER TABLE crew ADD COLUMN licensed INTEGER NOT NULL DEFAULT 0 CHECK (licensed IN (0, 1))')]),
  },
  '0008_sealed': {
    up: async (db: Kysely<unknown>) => {
      const logs = ['jobs', 'entries', 'attachments'];
      await all(db, [
        sql.raw('ALTER TABLE entries ADD COLUMN sealed TEXT'),
        sql.raw('ALTER TABLE attachments ADD COLUMN file TEXT'),
        ...logs.map((table) => sql.raw(`DROP TRIGGER ${table}_no_update`)),
      ]);
      await sealAll(db);
      await all(db, [
        ...['jobs', 'entries'].flatMap((table) => neverChanged(table, ['UPDATE'])),
        // Where its sealed file lies may be said later
        ...neverChanged('attachments', ['UPDATE OF job_id, id, media_type, sha256']),
        // What is taken out of the index is not left in it
        sql.raw("INSERT INTO job_search (job_search, rank) VALUES ('secure-delete', 1)"),
      ]);
    },
  },
  '0009_practice': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        sql.raw(`CREATE TABLE practice_rounds (
          id TEXT PRIMARY KEY, person_id TEXT NOT NULL, person_name TEXT NOT NULL, at TEXT NOT NULL,
          level TEXT NOT NULL, seed INTEGER NOT NULL, ending TEXT NOT NULL, minutes REAL NOT NULL,
          best_minutes REAL, in_vain INTEGER NOT NULL, dangers INTEGER NOT NULL) STRICT`),
        sql.raw('CREATE INDEX practice_by_time ON practice_rounds (at DESC)'),
      ]),
  },
  '0010_accounts': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        // The first four as the sign-in library wants them (`server/accounts/signIn`)
        sql.raw(`CREATE TABLE accounts (
          id TEXT PRIMARY KEY, name TEXT NOT NULL, email TEXT NOT NULL UNIQUE, emailVerified INTEGER NOT NULL,
          image TEXT, createdAt TEXT NOT NULL, updatedAt TEXT NOT NULL, username TEXT UNIQUE, displayUsername TEXT,
          role TEXT NOT NULL, personId TEXT NOT NULL UNIQUE, endedAt TEXT) STRICT`),
        sql.raw(`CREATE TABLE sessions (
          id TEXT PRIMARY KEY, expiresAt TEXT NOT NULL, token TEXT NOT NULL UNIQUE, createdAt TEXT NOT NULL,
          updatedAt TEXT NOT NULL, ipAddress TEXT, userAgent TEXT,
          userId TEXT NOT NULL REFERENCES accounts (id) ON DELETE CASCADE) STRICT`),
        sql.raw('CREATE INDEX sessions_by_account ON sessions (userId)'),
        sql.raw(`CREATE TABLE credentials (
          id TEXT PRIMARY KEY, accountId TEXT NOT NULL, providerId TEXT NOT NULL,
          userId TEXT NOT NULL REFERENCES accounts (id) ON DELETE CASCADE, accessToken TEXT, refreshToken TEXT,
          idToken TEXT, accessTokenExpiresAt TEXT, refreshTokenExpiresAt TEXT, scope TEXT, password TEXT,
          createdAt TEXT NOT NULL, updatedAt TEXT NOT NULL) STRICT`),
        sql.raw('CREATE INDEX credentials_by_account ON credentials (userId)'),
        sql.raw(`CREATE TABLE verifications (
          id TEXT PRIMARY KEY, identifier TEXT NOT NULL, value TEXT NOT NULL, expiresAt TEXT NOT NULL,
          createdAt TEXT NOT NULL, updatedAt TEXT NOT NULL) STRICT`),
        sql.raw(`CREATE TABLE tries (
          id TEXT PRIMARY KEY, key TEXT NOT NULL UNIQUE, count INTEGER NOT NULL, lastRequest INTEGER NOT NULL) STRICT`),
        sql.raw(`CREATE TABLE sign_in_codes (
          hash TEXT PRIMARY KEY, kind TEXT NOT NULL CHECK (kind IN ('first', 'account', 'device')),
          account_id TEXT REFERENCES accounts (id) ON DELETE CASCADE, expires_at TEXT NOT NULL) STRICT`),
        sql.raw(`CREATE TABLE audit (
          id INTEGER PRIMARY KEY, at TEXT NOT NULL, what TEXT NOT NULL, account_id TEXT, by_name TEXT NOT NULL,
          detail TEXT NOT NULL) STRICT`),
      ]),
  },
  '0011_shares': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        sql.raw(`CREATE TABLE shares (
          id TEXT PRIMARY KEY, job_id TEXT NOT NULL REFERENCES jobs (id) ON DELETE CASCADE,
          token_hash TEXT NOT NULL UNIQUE, by_name TEXT NOT NULL, made_at TEXT NOT NULL, until TEXT NOT NULL,
          ended_at TEXT, opened INTEGER NOT NULL, last_opened TEXT) STRICT`),
        sql.raw('CREATE INDEX shares_by_job ON shares (job_id)'),
      ]),
  },
  '0012_passkeys': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        sql.raw('ALTER TABLE sessions ADD COLUMN provenAt TEXT'),
        sql.raw(`CREATE TABLE passkeys (
          id TEXT PRIMARY KEY, account_id TEXT NOT NULL REFERENCES accounts (id) ON DELETE CASCADE,
          host TEXT NOT NULL, public_key BLOB NOT NULL, counter INTEGER NOT NULL, device TEXT NOT NULL,
          made_at TEXT NOT NULL, used_at TEXT) STRICT`),
        sql.raw('CREATE INDEX passkeys_by_account ON passkeys (account_id)'),
        sql.raw(`CREATE TABLE passkey_challenges (
          hash TEXT PRIMARY KEY, account_id TEXT REFERENCES accounts (id) ON DELETE CASCADE,
          expires_at TEXT NOT NULL) STRICT`),
      ]),
  },
  '0013_board_at_a_glance': {
    up: (db: Kysely<unknown>) =>
      all(db, [
        // Each part of the board in its own order, so that it reads a page and sorts nothing
        sql.raw('DROP INDEX board_order'),
        sql.raw('CREATE INDEX board_by_day ON board (finished, unixepoch(expected_at))'),
        sql.raw('CREATE INDEX board_without_day ON board (finished, expected_at, updated_at DESC)'),
        sql.raw('CREATE INDEX board_finished ON board (finished, updated_at DESC)'),
        sql.raw(`ALTER TABLE board ADD COLUMN repairs TEXT NOT NULL DEFAULT '[]'`),
        sql.raw(`CREATE INDEX board_repairs ON board (job_id) WHERE repairs <> '[]'`),
      ]),
  },
};
