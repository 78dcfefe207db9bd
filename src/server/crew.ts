import { ProblemError } from '@/contract/problem';
import type { Person } from '@/core/kinds';
import type { Database } from './db/open';

/** Everybody who may write entries, by name. */
export const listCrew = (db: Database): Promise<readonly Person[]> =>
  db.selectFrom('crew').selectAll().orderBy('name').execute();

/** Adds somebody; the same again changes nothing. @throws ProblemError 409 */
export async function addToCrew(db: Database, person: Person): Promise<boolean> {
  return db.transaction().execute(async (trx) => {
    const known = await trx.selectFrom('crew').selectAll().where('id', '=', person.id).executeTakeFirst();
    if (known && known.name !== person.name)
      throw new ProblemError(409, 'Somebody else has this id already.', [{ path: 'id', message: 'is taken' }]);
    if (!known) await trx.insertInto('crew').values(person).execute();
    return !known;
  });
}
