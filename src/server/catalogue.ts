import { MOST_ITEMS } from '@/contract/catalogueFile';
import { ProblemError } from '@/contract/problem';
import {
  SHELF_IDS,
  SHELVES,
  catalogueWith,
  readItem,
  type Catalogue,
  type OwnItem,
  type ShelfId,
  type Values,
} from '@/core/catalogue';
import type { Database } from './db/open';

type Reader = Pick<Database, 'selectFrom'>;

/** A row’s text as an item of its shelf; null where it can’t be read. */
function itemOf(shelf: ShelfId, data: string): Values | null {
  try {
    return readItem(SHELVES[shelf], JSON.parse(data));
  } catch {
    return null;
  }
}

/** The firm’s own items, those of one shelf in the order of their ids. */
export async function readOwnItems(db: Reader): Promise<readonly OwnItem[]> {
  const rows = await db.selectFrom('catalogue_items').selectAll().orderBy('shelf').orderBy('id').execute();
  return rows.flatMap(({ shelf, data }) => {
    const id = SHELF_IDS.find((one) => one === shelf);
    const values = id ? itemOf(id, data) : null;
    if (id && values) return [{ shelf: id, values }];
    // One row that can’t be read holds up no other, and stays where it is
    console.error(`an own item of the shelf ${shelf} can’t be read and is left out`);
    return [];
  });
}

export const readCatalogue = async (db: Reader): Promise<Catalogue> => catalogueWith(await readOwnItems(db));

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
    const own = await readOwnItems(trx);
    if (own.length > MOST_ITEMS)
      throw new ProblemError(422, `More than ${MOST_ITEMS} own items are not kept. Nothing was taken in.`);
    return catalogueWith(own);
  });
}

/** Takes an own item away; a shipped one of its id stands again. @throws ProblemError 404 where there is none */
export async function removeOwnItem(db: Database, shelf: ShelfId, id: string): Promise<Catalogue> {
  const { numDeletedRows } = await db
    .deleteFrom('catalogue_items')
    .where('shelf', '=', shelf)
    .where('id', '=', id)
    .executeTakeFirst();
  if (numDeletedRows === 0n) throw new ProblemError(404, 'There is no own item of that id; shipped ones stay.');
  return readCatalogue(db);
}
