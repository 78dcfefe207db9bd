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

/** Stands on a row of the Board, in the place of the code that made it, since the catalogue has changed. */
export const OTHER_CATALOGUE = 'another catalogue';

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
 * Something that is made of the firm’s catalogue, and made anew only once that has changed.
 * @returns it as of now
 */
export function ofCatalogue<T>(make: (catalogue: Catalogue) => T): (db: Reader) => Promise<T> {
  let last: { readonly own: string; readonly made: T } | null = null;
  return async (db) => {
    const items = await readOwnItems(db);
    const own = JSON.stringify(items);
    if (last?.own !== own) last = { own, made: make(catalogueWith(items)) };
    return last.made;
  };
}
