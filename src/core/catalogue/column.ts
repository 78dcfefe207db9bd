/** What stands in a column of a shelf: a text, a figure, or several short texts. */
export type Value = string | number | readonly string[];
/** One item, by the names of its columns. An optional one that was not said is not there. */
export type Values = Readonly<Record<string, Value>>;

interface Named {
  /** Name in files and entries, its unit at the end. */
  readonly name: string;
  /** Name on screen. */
  readonly words: string;
  readonly optional?: boolean;
  /** Stands in the table, not only in the form. */
  readonly main?: boolean;
}

export type Column = Named &
  (
    | { readonly type: 'text'; readonly most: number }
    | { readonly type: 'figure'; readonly unit: string; readonly least: number; readonly most: number }
    | { readonly type: 'choice'; readonly of: readonly string[] }
    | { readonly type: 'list'; readonly most: number; readonly of?: readonly string[] }
  );

/** Something wrong with an item, and in which column. */
export interface ValueFault {
  readonly column: string;
  readonly message: string;
}

/** What a spreadsheet would run instead of showing it. */
const FORMULA = /^[\s]*[=+@\t\r]|^[\s]*-(?![\d.])/;
const LIST_MARK = ';';

/** What is wrong with a value of a column; null where nothing is. */
export function valueFault(column: Column, value: unknown): string | null {
  switch (column.type) {
    case 'text':
      return typeof value !== 'string' ? 'is not a text' : textFault(value, column.most);
    case 'figure':
      if (typeof value !== 'number' || !Number.isFinite(value)) return 'is not a figure';
      if (value < column.least || value > column.most)
        return `${value} does not lie from ${column.least} to ${column.most}${column.unit ? ` ${column.unit}` : ''}`;
      return null;
    case 'choice':
      return typeof value === 'string' && column.of.includes(value) ? null : `is none of ${column.of.join(', ')}`;
    case 'list': {
      if (!Array.isArray(value)) return 'is not a list';
      if (value.length > column.most) return `holds more than ${column.most}`;
      const items: readonly unknown[] = value;
      const strange = items.find((one) => typeof one !== 'string' || (column.of && !column.of.includes(one)));
      if (strange !== undefined)
        return column.of ? `“${short(strange)}” is none of ${column.of.join(', ')}` : 'is not a list of texts';
      return items.map((one) => textFault(String(one), ITEM_LENGTH)).find((fault) => fault !== null) ?? null;
    }
  }
}

const ITEM_LENGTH = 80;
const short = (value: unknown): string => String(value).slice(0, 24);

function textFault(text: string, most: number): string | null {
  if (text.trim() === '') return 'is empty';
  if (text.length > most) return `has ${text.length} characters; ${most} fit`;
  return FORMULA.test(text) ? 'looks like a spreadsheet’s formula and is not taken' : null;
}

/** A value from the text of a cell or field; undefined where it is empty. */
export function readValue(column: Column, text: string): Value | undefined {
  const typed = text.trim();
  if (typed === '') return column.type === 'list' ? [] : undefined;
  switch (column.type) {
    case 'figure':
      // A decimal comma where a comma stands alone; anything else stays no figure
      return /^[+-]?[\d.,]+(e-?\d+)?$/i.test(typed) ? Number(typed.replace(/^([^.,]*),([^.,]*)$/, '$1.$2')) : NaN;
    case 'list':
      return typed
        .split(LIST_MARK)
        .map((one) => one.trim())
        .filter((one) => one !== '');
    default:
      return typed;
  }
}

/** The text of a value, as it stands in a cell or field. */
export const valueText = (value: Value | undefined): string =>
  value === undefined ? '' : typeof value === 'object' ? value.join(`${LIST_MARK} `) : String(value);
