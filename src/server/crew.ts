import { ProblemError } from '@/contract/problem';
import type { NewCrewRequest } from '@/contract/job';
import type { CrewMember, NewEntry } from '@/core/kinds';
import type { Database } from './db/open';

type Reader = Pick<Database, 'selectFrom'>;

const memberOf = (row: { readonly id: string; readonly name: string; readonly licensed: number }): CrewMember => ({
  id: row.id,
  name: row.name,
  licensed: row.licensed === 1,
});

/** Everybody who may write entries, by name. */
export const listCrew = async (db: Database): Promise<readonly CrewMember[]> =>
  (await db.selectFrom('crew').selectAll().orderBy('name').execute()).map(memberOf);

/** Whether somebody holds a licence; nobody who is not of the crew does. */
export async function isLicensed(db: Database, personId: string): Promise<boolean> {
  const row = await db.selectFrom('crew').select('licensed').where('id', '=', personId).executeTakeFirst();
  return row?.licensed === 1;
}

/**
 * Holds who writes against the crew: whoever is of it writes under their own name. Somebody who is not may write, as another
 * program does, and holds no licence.
 * @throws ProblemError 422
 */
export async function checkWriters(db: Reader, entries: readonly NewEntry[]): Promise<void> {
  const ids = [...new Set(entries.map(({ by }) => by.id))];
  const crew = await db.selectFrom('crew').select(['id', 'name']).where('id', 'in', ids).execute();
  const names = new Map(crew.map(({ id, name }) => [id, name]));
  entries.forEach(({ by }, index) => {
    const name = names.get(by.id);
    if (name === undefined || name === by.name) return;
    const path = `entries[${index}].by.name`;
    const message = `is not the name of ${by.id} in the crew: ${name}`;
    throw new ProblemError(422, `${path}: ${message}`, [{ path, message }]);
  });
}

/** Adds somebody, or says anew whether they hold a licence; the same again changes nothing. @throws ProblemError 409 */
export async function addToCrew(
  db: Database,
  { id, name, licensed }: NewCrewRequest,
): Promise<{ readonly made: boolean; readonly member: CrewMember }> {
  return db.transaction().execute(async (trx) => {
    const known = await trx.selectFrom('crew').selectAll().where('id', '=', id).executeTakeFirst();
    if (known && known.name !== name)
      throw new ProblemError(409, 'Somebody else has this id already.', [{ path: 'id', message: 'is taken' }]);
    const row = { id, name, licensed: (licensed ?? known?.licensed === 1) ? 1 : 0 };
    if (!known) await trx.insertInto('crew').values(row).execute();
    else if (known.licensed !== row.licensed)
      await trx.updateTable('crew').set({ licensed: row.licensed }).where('id', '=', id).execute();
    return { made: !known, member: memberOf(row) };
  });
}
