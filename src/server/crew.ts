import { ProblemError } from '@/contract/problem';
import type { NewCrewRequest } from '@/contract/job';
import type { CrewMember } from '@/core/kinds';
import type { Database } from './db/open';

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
