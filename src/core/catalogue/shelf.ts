import { valueFault, type Column, type ValueFault, type Values } from './column';

/** One kind of thing in the catalogue: what is known of each, what ships, and what must agree in one item. */
export interface Shelf {
  /** Many of it, on screen; and one. */
  readonly words: string;
  readonly one: string;
  readonly columns: readonly Column[];
  readonly shipped: readonly Values[];
  /** What contradicts itself in an item whose single values are right. */
  readonly disagreements: (values: Values) => readonly ValueFault[];
}

/** Every shelf begins with these. */
export const NAMED: readonly Column[] = [
  { name: 'id', words: 'id', type: 'text', most: 64 },
  { name: 'name', words: 'name', type: 'text', most: 80, main: true },
];
export const MINUTES: Column = {
  name: 'minutes',
  words: 'minutes',
  type: 'figure',
  unit: 'min',
  least: 0,
  most: 600,
  main: true,
};
export const COST: Column = {
  name: 'cost',
  words: 'cost',
  type: 'figure',
  unit: '',
  least: 0,
  most: 10_000,
  main: true,
};
export const REMARK: Column = { name: 'remark', words: 'remark', type: 'text', most: 200, optional: true };
export const TOOLS: Column = { name: 'tools', words: 'tools', type: 'list', most: 12, optional: true };

/** Ids go into addresses and files. */
const ID = /^[a-z0-9][a-z0-9-]*$/i;

export const nothingDisagrees = (): readonly ValueFault[] => [];

/** What is wrong with an item: unknown columns, missing ones, values, then what does not agree. */
export function itemFaults(
  { columns, disagreements }: Shelf,
  values: Readonly<Record<string, unknown>>,
): readonly ValueFault[] {
  const strange = Object.keys(values).filter((name) => !columns.some((column) => column.name === name));
  const faults: readonly ValueFault[] = [
    ...strange.map((column) => ({ column, message: 'is no column of this shelf' })),
    ...columns.flatMap((column): readonly ValueFault[] => {
      const value = values[column.name];
      if (value === undefined) return column.optional ? [] : [{ column: column.name, message: 'is missing' }];
      const message = valueFault(column, value);
      return message === null ? [] : [{ column: column.name, message }];
    }),
  ];
  if (faults.length > 0) return faults;
  const id = String(values.id);
  if (!ID.test(id)) return [{ column: 'id', message: 'takes letters, digits and hyphens' }];
  // Every value was found to be one of its column
  return disagreements(values as Values);
}

export const figureOf = (values: Values, name: string): number => Number(values[name]);
/** Something that was read as an item of a shelf; null where it is none. */
export const readItem = (shelf: Shelf, read: unknown): Values | null =>
  // Held against every column before it is taken for one
  typeof read === 'object' && read !== null && itemFaults(shelf, read as Readonly<Record<string, unknown>>).length === 0
    ? (read as Values)
    : null;

/** A figure of an optional column. */
export const figureOr = (values: Values, name: string, otherwise: number): number =>
  values[name] === undefined ? otherwise : figureOf(values, name);
export const textOf = (values: Values, name: string): string => String(values[name] ?? '');
export const listOf = (values: Values, name: string): readonly string[] => {
  const value = values[name];
  return typeof value === 'object' ? value : [];
};
