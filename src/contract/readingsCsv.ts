import Papa from 'papaparse';
import { ValidationError } from 'yup';
import type { Job } from '@/core/job';
import { ENTRY_KINDS, type EntryData } from '@/core/kinds';
import { readingsAt, type TakenReading } from '@/core/points';

/** Columns of the table of readings, units in the header; the same out and in. */
export const READING_COLUMNS = [
  'time',
  'by',
  'point',
  'what',
  'place',
  'state',
  'resistor (ohm)',
  'run',
  'low (V)',
  'high (V)',
  'low (ohm)',
  'high (ohm)',
  'report',
  'simulated',
] as const;
type Column = (typeof READING_COLUMNS)[number];
type Row = Readonly<Record<Column, string>>;

const inVolts = (what: string): boolean => what === 'volts' || what === 'mainsVolts';
const text = (value: number | string | undefined): string => (value === undefined ? '' : String(value));

function rowOf(point: string, { data, at, by }: TakenReading): Row {
  const volts = inVolts(data.what);
  return {
    time: at,
    by: by.name,
    point,
    what: data.what,
    place: text(data.at),
    state: text(data.state),
    'resistor (ohm)': text(data.ohms),
    run: text(data.run),
    'low (V)': volts ? text(data.low) : '',
    'high (V)': volts ? text(data.high) : '',
    'low (ohm)': volts ? '' : text(data.low),
    'high (ohm)': volts ? '' : text(data.high),
    report: text(data.report),
    simulated: data.simulated ? 'yes' : '',
  };
}

/** All readings of a job as CSV, one row each; what a spreadsheet would run as a formula is written as text. */
export const readingsCsv = ({ points }: Job): string =>
  `${Papa.unparse(
    {
      fields: [...READING_COLUMNS],
      data: points.flatMap((point) => readingsAt(point).map((reading) => rowOf(point.name, reading))),
    },
    { escapeFormulae: true },
  )}\r\n`;

/** What is wrong in a table: its row as a spreadsheet counts them (the header is 1), and its column. */
export interface CsvFault {
  readonly row: number;
  readonly column: string;
  readonly message: string;
}

export type ReadingsRead =
  | { readonly ok: true; readonly readings: readonly EntryData<'readingTaken'>[] }
  | { readonly ok: false; readonly faults: readonly CsvFault[] };

const MOST_ROWS = 500;
const FORMULA = /^[=+@]|^-(?![\d.])/;

function figureOf(row: Row, column: Column): number | undefined {
  const typed = row[column].trim();
  return typed === '' ? undefined : Number(typed.replace(',', '.'));
}

/** Which column a fault of the reading's data belongs to. */
function columnOf(path: string, volts: boolean): Column {
  const known: Readonly<Record<string, Column>> = {
    at: 'place',
    state: 'state',
    ohms: 'resistor (ohm)',
    run: 'run',
    report: 'report',
    low: volts ? 'low (V)' : 'low (ohm)',
    high: volts ? 'high (V)' : 'high (ohm)',
  };
  return known[path] ?? 'what';
}

function readRow(row: Row, number: number, pointId: string): EntryData<'readingTaken'> | readonly CsvFault[] {
  const formula = READING_COLUMNS.find((column) => FORMULA.test(row[column].trim()));
  if (formula) return [{ row: number, column: formula, message: 'a formula is not taken' }];
  const volts = inVolts(row.what);
  const columns: readonly Column[] = volts ? ['low (V)', 'high (V)'] : ['low (ohm)', 'high (ohm)'];
  const figures = [...columns, 'resistor (ohm)' as const].map((column) => ({ column, value: figureOf(row, column) }));
  const wrong = figures.filter(({ value }) => value !== undefined && !Number.isFinite(value));
  if (wrong.length > 0) return wrong.map(({ column }) => ({ row: number, column, message: 'is no figure' }));
  const [low, high, ohms] = figures.map(({ value }) => value);
  const only = low ?? high;
  const said = (value: string): string | undefined => (value.trim() === '' ? undefined : value.trim());
  const data = Object.fromEntries(
    Object.entries({
      pointId,
      what: said(row.what),
      at: said(row.place),
      state: said(row.state),
      ohms,
      run: said(row.run),
      low: low ?? only,
      high: high ?? only,
      report: said(row.report),
      simulated: row.simulated.trim() === 'yes' ? true : undefined,
    }).filter(([, value]) => value !== undefined),
  );
  try {
    return ENTRY_KINDS.readingTaken.validateSync(data, { strict: true, abortEarly: false });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const all = error.inner.length > 0 ? error.inner : [error];
    return all.map(({ path, message }) => ({ row: number, column: columnOf(path ?? '', volts), message }));
  }
}

/**
 * Reads a table of readings for one point. All rows or none: each fault is named by its row and column.
 * @param csv text as it came, with the header of {@link READING_COLUMNS}; times and names in it are not taken over
 */
export function readingsFromCsv(csv: string, pointId: string): ReadingsRead {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const header = meta.fields ?? [];
  const missing = READING_COLUMNS.filter((column) => !header.includes(column));
  const strange = header.filter((column) => !READING_COLUMNS.some((known) => known === column));
  const faults: CsvFault[] = [
    ...missing.map((column) => ({ row: 1, column, message: 'this column is missing' })),
    ...strange.map((column) => ({ row: 1, column, message: 'no such column is known' })),
  ];
  if (faults.length > 0) return { ok: false, faults };
  const broken = errors.map(({ row, message }) => ({ row: (row ?? 0) + 2, column: 'what', message }));
  if (broken.length > 0) return { ok: false, faults: broken };
  if (data.length === 0)
    return { ok: false, faults: [{ row: 1, column: 'what', message: 'no reading stands under it' }] };
  if (data.length > MOST_ROWS)
    return { ok: false, faults: [{ row: MOST_ROWS + 2, column: 'what', message: `more than ${MOST_ROWS} readings` }] };
  const read = data.map((row, i) => readRow(row as Row, i + 2, pointId));
  const wrong = read.flatMap((one) => (Array.isArray(one) ? (one as readonly CsvFault[]) : []));
  if (wrong.length > 0) return { ok: false, faults: wrong };
  return { ok: true, readings: read.filter((one): one is EntryData<'readingTaken'> => !Array.isArray(one)) };
}
