import { setImmediate, setTimeout } from 'node:timers/promises';
import {
  CompiledQuery,
  SqliteDriver,
  type DatabaseConnection,
  type QueryResult,
  type TransactionSettings,
} from 'kysely';

export const BEGIN = 'begin immediate';
export const COMMIT = 'commit';
export const ROLLBACK = 'rollback';

/** How long is waited for a lock that another one holds, and between two tries, ms. */
export const PATIENCE_MS = 5000;
const TRY_AGAIN_MS = 8;

/**
 * After so many questions others have their turn. Statements answer at once, so that work over all jobs would never let go: what
 * libsql holds of them, some 100 kB a job, is only given back between two turns.
 */
const AT_A_STRETCH = 64;
let asked = 0;

const isBusy = (error: unknown): boolean =>
  error instanceof Error &&
  /SQLITE_BUSY|database is locked/.test(`${error.message} ${'code' in error ? String(error.code) : ''}`);

const isOver = (error: unknown): boolean =>
  error instanceof Error && error.message.includes('no transaction is active');

/** Writes that stand by themselves. */
const WRITES: ReadonlySet<string> = new Set(['InsertQueryNode', 'UpdateQueryNode', 'DeleteQueryNode']);

/**
 * A connection that waits for a lock as everything else here waits: others are served meanwhile. It waits where a transaction
 * begins and nowhere else: a statement that was turned away keeps what it had locked already until it is thrown away.
 */
class PatientConnection implements DatabaseConnection {
  private inTransaction = false;

  constructor(private readonly connection: DatabaseConnection) {}

  async begin(): Promise<void> {
    for (const until = Date.now() + PATIENCE_MS; ; await setTimeout(TRY_AGAIN_MS * (1 + Math.random())))
      try {
        await this.connection.executeQuery(CompiledQuery.raw(BEGIN));
        this.inTransaction = true;
        return;
      } catch (error) {
        if (!isBusy(error) || Date.now() > until) throw error;
      }
  }

  async end(how: typeof COMMIT | typeof ROLLBACK): Promise<void> {
    try {
      await this.connection.executeQuery(CompiledQuery.raw(how));
    } catch (error) {
      // A disk that is full, or fails, has rolled it back by itself; what that was is told, not this
      if (how !== ROLLBACK || !isOver(error)) throw error;
    }
    this.inTransaction = false;
  }

  async executeQuery<R>(query: CompiledQuery): Promise<QueryResult<R>> {
    if (++asked % AT_A_STRETCH === 0) await setImmediate();
    if (this.inTransaction || !WRITES.has(query.query.kind)) return this.connection.executeQuery<R>(query);
    await this.begin();
    try {
      const result = await this.connection.executeQuery<R>(query);
      await this.end(COMMIT);
      return result;
    } catch (error) {
      await this.end(ROLLBACK).catch(() => undefined);
      throw error;
    }
  }

  streamQuery<R>(query: CompiledQuery, chunkSize?: number): AsyncIterableIterator<QueryResult<R>> {
    return this.connection.streamQuery<R>(query, chunkSize);
  }
}

/** Transactions lock at once, and whoever finds a lock waits for it. */
export class ImmediateDriver extends SqliteDriver {
  override async acquireConnection(): Promise<PatientConnection> {
    return new PatientConnection(await super.acquireConnection());
  }

  override beginTransaction(connection: PatientConnection, _s?: TransactionSettings): Promise<void> {
    return connection.begin();
  }

  override commitTransaction(connection: PatientConnection): Promise<void> {
    return connection.end(COMMIT);
  }

  override rollbackTransaction(connection: PatientConnection): Promise<void> {
    return connection.end(ROLLBACK);
  }
}
