import Papa from 'papaparse';
import {
  SHELF_IDS,
  SHELVES,
  itemFaults,
  readValue,
  valueText,
  type OwnItem,
  type Shelf,
  type ShelfId,
  type Values,
} from '@/core/catalogue';
import { ProblemError, type FieldError } from './problem';
import { walk } from './parse';

export const CATALOGUE_FORMAT = 'fox-ladder/catalogue';
export const CATALOGUE_VERSION = 1;
/** Items of one file, and of all that a firm keeps for itself. */
export const MOST_ITEMS = 1000;
const MOST_FAULTS = 50;

/** The firm’s own items as a file, to be taken in elsewhere. */
export interface CatalogueFile {
  readonly format: typeof CATALOGUE_FORMAT;
  readonly version: typeof CATALOGUE_VERSION;
  readonly items: readonly OwnItem[];
}

/** Items that stand in a file and are no item of the shelf, each by its place there. */
class ItemFaults {
  private readonly errors: FieldError[] = [];
  add(path: string, message: string): void {
    this.errors.push({ path, message });
  }
  /** @throws ProblemError where something was wrong: nothing is taken by halves */
  refuse(status: 400 | 422 = 422): void {
    const [first] = this.errors;
    if (!first) return;
    const more = this.errors.length > 1 ? ` There are ${this.errors.length} faults.` : '';
    throw new ProblemError(
      status,
      `${first.path}: ${first.message}. Nothing was taken in.${more}`,
      this.errors.slice(0, MOST_FAULTS),
    );
  }
}

/** An item that ships, said again without a change, is not the firm’s own. */
const isShipped = (shelf: Shelf, values: Values): boolean =>
  shelf.shipped.some(
    (one) =>
      one.id === values.id && shelf.columns.every(({ name }) => valueText(one[name]) === valueText(values[name])),
  );

const shelfById = (id: ShelfId): Shelf => SHELVES[id];

/** Which shelf a name of an address means. @throws ProblemError 404 */
export function shelfNamed(name: string): ShelfId {
  const id = SHELF_IDS.find((one) => one === name);
  if (!id) throw new ProblemError(404, `There is no shelf “${name.slice(0, 40)}”: there are ${SHELF_IDS.join(', ')}.`);
  return id;
}

/** A shelf as CSV, one row an item; what a spreadsheet would run as a formula is written as text. */
export const shelfCsv = (id: ShelfId, items: readonly Values[]): string => {
  const { columns } = shelfById(id);
  const fields = columns.map(({ name }) => name);
  const data = items.map((values) => fields.map((name) => valueText(values[name])));
  return `${Papa.unparse({ fields, data }, { escapeFormulae: true })}\r\n`;
};

/**
 * Reads a shelf from CSV: all rows or none. Rows that say a shipped item again without a change are left out.
 * @throws ProblemError 422 with each fault by its row (the header is row 1) and column
 */
export function shelfFromCsv(id: ShelfId, csv: string): readonly OwnItem[] {
  const shelf = shelfById(id);
  const faults = new ItemFaults();
  const { data, errors, meta } = Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const header = meta.fields ?? [];
  for (const { name, optional } of shelf.columns)
    if (!optional && !header.includes(name)) faults.add(`row 1, ${name}`, 'this column is missing');
  for (const name of header)
    if (!shelf.columns.some((column) => column.name === name))
      faults.add(`row 1, ${name.slice(0, 40) || 'without a name'}`, `is no column of ${shelf.words.toLowerCase()}`);
  faults.refuse();
  for (const { row, message } of errors) faults.add(`row ${(row ?? 0) + 2}`, message);
  if (data.length === 0) faults.add('row 2', 'no item stands under the header');
  if (data.length > MOST_ITEMS) faults.add(`row ${MOST_ITEMS + 2}`, `more than ${MOST_ITEMS} items`);
  faults.refuse();
  const rows = data.map((row) =>
    Object.fromEntries(
      shelf.columns.flatMap((column) => {
        const value = readValue(column, row[column.name] ?? '');
        return value === undefined || (column.optional && Array.isArray(value) && value.length === 0)
          ? []
          : [[column.name, value]];
      }),
    ),
  );
  checked(
    rows.map((values) => ({ shelf: id, values })),
    (i, column) => `row ${i + 2}, ${column}`,
    faults,
  );
  faults.refuse();
  // Every value was found to be one of its column
  return rows.map((values) => ({ shelf: id, values: values })).filter(({ values }) => !isShipped(shelf, values));
}

/** Notes what is wrong with items, and which of them bear the same id. */
function checked(
  items: readonly { readonly shelf: ShelfId; readonly values: Readonly<Record<string, unknown>> }[],
  path: (i: number, column: string) => string,
  faults: ItemFaults,
): void {
  const first = new Map<string, number>();
  items.forEach(({ shelf, values }, i) => {
    for (const { column, message } of itemFaults(shelfById(shelf), values)) faults.add(path(i, column), message);
    if (typeof values.id !== 'string') return;
    const key = `${shelf}/${values.id}`;
    const before = first.get(key);
    if (before === undefined) first.set(key, i);
    else faults.add(path(i, 'id'), `“${values.id.slice(0, 24)}” stands at ${path(before, 'id')} already`);
  });
}

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Reads items from JSON: a catalogue’s file, or `{ items }` alone. All or none.
 * @throws ProblemError 400 where it is no such file · 422 with each fault by its path
 */
export function itemsFromJson(body: unknown): readonly OwnItem[] {
  walk(body);
  const faults = new ItemFaults();
  if (!isRecord(body) || !Array.isArray(body.items)) {
    faults.add('items', 'is not a list');
    faults.refuse(400);
    return [];
  }
  const strange = Object.keys(body).find((name) => !['format', 'version', 'items'].includes(name));
  if (strange) faults.add(strange.slice(0, 40), 'is not known');
  if (body.format !== undefined && body.format !== CATALOGUE_FORMAT) faults.add('format', `is not ${CATALOGUE_FORMAT}`);
  if (body.version !== undefined && body.version !== CATALOGUE_VERSION)
    faults.add('version', `only version ${CATALOGUE_VERSION} is known here`);
  faults.refuse(400);
  const given: readonly unknown[] = body.items;
  if (given.length > MOST_ITEMS) faults.add('items', `holds more than ${MOST_ITEMS}`);
  if (given.length === 0) faults.add('items', 'is empty');
  faults.refuse();
  const items = given.flatMap((one, i) => {
    const id = isRecord(one) ? SHELF_IDS.find((shelf) => shelf === one.shelf) : undefined;
    if (!isRecord(one) || !isRecord(one.values)) faults.add(`items[${i}]`, 'is no item: { shelf, values }');
    else if (!id) faults.add(`items[${i}].shelf`, `is none of ${SHELF_IDS.join(', ')}`);
    else return [{ shelf: id, values: one.values }];
    return [];
  });
  faults.refuse(400);
  checked(items, (i, column) => `items[${i}].values.${column}`, faults);
  faults.refuse();
  return items
    .map(({ shelf, values }) => ({ shelf, values: values as Values }))
    .filter(({ shelf, values }) => !isShipped(shelfById(shelf), values));
}

export const catalogueFile = (items: readonly OwnItem[]): CatalogueFile => ({
  format: CATALOGUE_FORMAT,
  version: CATALOGUE_VERSION,
  items,
});
