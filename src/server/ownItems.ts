import { MOST_ITEMS } from '@/contract/catalogueFile';
import { ProblemError } from '@/contract/problem';
import { catalogueWith, type Catalogue, type OwnItem, type ShelfId } from '@/core/catalogue';
import type { Transaction } from 'kysely';
import { OTHER_CATALOGUE, readCatalogue, readOwnItems } from './catalogue';
import type { Database } from './db/open';
import type { Tables } from './db/tables';

// How the firm’s own items change. Whoever has them changed has the Board’s rows caught up with them (`projection/soon`).

/** The board names parts too: its rows of open jobs are behind now. Those of finished ones name what was fitted. */
const markRows = (trx: Transaction<Tables>) =>
  trx.updateTable('board').set({ made_by: OTHER_CATALOGUE }).where('finished', '=', 0).execute();

/**
 * Writes items beside and over the firm’s own ones of the same id, all or none.
 * @throws ProblemError 422 where more would stand than are kept
 */
export async function writeOwnItems(db: Database, items: readonly OwnItem[]): Promise<Catalogue> {
  return db.transaction().execute(async (trx) => {
    for (const { shelf, values } of items)
      await trx
        .replaceInto('catalogue_items')
        .values({ shelf, id: String(values.id), data: JSON.stringify(values) })
        .execute();
    await markRows(trx);
    const own = await readOwnItems(trx);
    if (own.length > MOST_ITEMS)
      throw new ProblemError(422, `More than ${MOST_ITEMS} own items are not kept. Nothing was taken in.`);
    return catalogueWith(own);
  });
}

/** Takes an own item away; a shipped one of its id stands again. @throws ProblemError 404 where there is none */
export async function removeOwnItem(db: Database, shelf: ShelfId, id: string): Promise<Catalogue> {
  await db.transaction().execute(async (trx) => {
    const { numDeletedRows } = await trx
      .deleteFrom('catalogue_items')
      .where('shelf', '=', shelf)
      .where('id', '=', id)
      .executeTakeFirst();
    if (numDeletedRows === 0n) throw new ProblemError(404, 'There is no own item of that id; shipped ones stay.');
    await markRows(trx);
  });
  return readCatalogue(db);
}
