import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mkdtempSync, rmSync } from 'node:fs';
import { setTimeout } from 'node:timers/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { sql } from 'kysely';
import { openBeside, openDatabase, type Database } from './open';

let folder: string;
let one: Database;
let other: Database;
beforeAll(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-locks-'));
  one = await openDatabase(folder);
  other = openBeside(folder);
});
afterAll(async () => {
  await other.destroy();
  await one.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const somebody = (id: string) => ({ id, name: id, licensed: 0 });
const names = async (db: Database): Promise<readonly string[]> =>
  (await db.selectFrom('crew').select('id').orderBy('id').execute()).map(({ id }) => id);

describe('two connections to one database', () => {
  it('wait for each other without holding up the process, and keep no lock that they were not given', async () => {
    let turns = 0;
    let isOver = false;
    const counting = (async () => {
      while (!isOver) {
        turns++;
        await setTimeout(5);
      }
    })();
    const held = one.transaction().execute(async (trx) => {
      await trx.insertInto('crew').values(somebody('held')).execute();
      await setTimeout(300);
    });
    await setTimeout(30);
    // Turned away again and again meanwhile: in a transaction, and by itself
    await Promise.all([
      other.transaction().execute((trx) => trx.insertInto('crew').values(somebody('after')).execute()),
      other.insertInto('crew').values(somebody('alone')).execute(),
      held,
    ]);
    isOver = true;
    await counting;
    expect(turns).toBeGreaterThan(3);
    expect(await names(one)).toEqual(['after', 'alone', 'held']);
    // Whoever waited holds nothing now: the first one goes on at once, the second reads what it wrote
    for (let n = 0; n < 20; n++)
      await (n % 2 ? one : other)
        .insertInto('crew')
        .values(somebody(`n${n}`))
        .execute();
    expect(await names(other)).toHaveLength(23);
  });
  it('let others have their turn however many questions follow one another', async () => {
    let turns = 0;
    let isOver = false;
    const turn = (): void => {
      turns++;
      if (!isOver) setImmediate(turn);
    };
    setImmediate(turn);
    for (let n = 0; n < 1000; n++) await names(one);
    const between = turns;
    isOver = true;
    expect(between).toBeGreaterThan(5);
  });
  it('tell what went wrong where the store has rolled back by itself, and go on', async () => {
    const failing = one.transaction().execute(async (trx) => {
      await trx.insertInto('crew').values(somebody('full')).execute();
      // As where a disk is full: all of the transaction goes with what failed
      await sql`INSERT OR ROLLBACK INTO crew (id, name, licensed) VALUES ('held', 'held', 0)`.execute(trx);
    });
    await expect(failing).rejects.toThrow('UNIQUE');
    expect(await names(other)).not.toContain('full');
    await one.insertInto('crew').values(somebody('room')).execute();
    expect(await names(other)).toContain('room');
    await one.deleteFrom('crew').where('id', '=', 'room').execute();
  });
  it('leave nothing of a write that failed', async () => {
    await expect(one.insertInto('crew').values(somebody('held')).execute()).rejects.toThrow('UNIQUE');
    await other.insertInto('crew').values(somebody('next')).execute();
    expect(await names(one)).toContain('next');
  });
});
