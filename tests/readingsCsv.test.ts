import { describe, expect, it } from 'vitest';
import { READING_COLUMNS, readingsCsv, readingsFromCsv } from '@/contract/readingsCsv';
import { fold } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { demoJobs } from '@/demo/demoFirm';

let ids = 0;
const [tern] = demoJobs(
  () => `id-${++ids}`,
  (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
).filter(({ title }) => title === 'Tern Cottage');
if (!tern) throw new Error('no Tern Cottage');
const job = fold({ id: 'x', title: tern.title, createdAt: '' }, tern.entries);
const [point] = job.points;
if (point?.kind !== 'doorbell') throw new Error('no door');
const header = READING_COLUMNS.join(',');
const row = (more: Partial<Record<(typeof READING_COLUMNS)[number], string>>): string =>
  READING_COLUMNS.map((column) => more[column] ?? '').join(',');
const OPEN = { what: 'volts', place: 'transformer', state: 'open', 'low (V)': '18.4' } as const;
const faultsOf = (csv: string) => {
  const read = readingsFromCsv(csv, 'p');
  return read.ok ? [] : read.faults.map(({ row: at, column }) => `${at} ${column}`);
};

describe('readings as CSV', () => {
  it('go out and come back as they were', () => {
    const csv = readingsCsv(job);
    expect(csv.split('\r\n')[0]).toBe(header);
    const back = readingsFromCsv(csv, point.id);
    expect(back.ok && back.readings).toEqual(point.readings.map(({ data }) => ({ ...data })));
  });
  it('take one figure for both ends, a comma for a point in quotes, and a mark of byte order', () => {
    const read = readingsFromCsv(`\uFEFF${header}\n${row({ ...OPEN, 'low (V)': '"18,4"' })}\n`, 'p');
    expect(read).toEqual({
      ok: true,
      readings: [{ pointId: 'p', what: 'volts', at: 'transformer', state: 'open', low: 18.4, high: 18.4 }],
    });
  });
  it.each([
    ['a wrong header', `what,place\nvolts,door`, '1 time'],
    ['a column too many', `${header},colour\n${row(OPEN)},red`, '1 colour'],
    ['nothing under it', `${header}\n`, '1 what'],
    ['a word for a figure', `${header}\n${row(OPEN)}\n${row({ ...OPEN, 'low (V)': 'much' })}`, '3 low (V)'],
    ['negative volts', `${header}\n${row({ ...OPEN, 'low (V)': '-4' })}`, '2 low (V)'],
    ['low over high', `${header}\n${row({ ...OPEN, 'high (V)': '17' })}`, '2 low (V)'],
    ['a place that is none', `${header}\n${row({ ...OPEN, place: 'roof' })}`, '2 place'],
    ['a resistor without ohms', `${header}\n${row({ ...OPEN, state: 'resistor' })}`, '2 resistor (ohm)'],
    ['a formula', `${header}\n${row({ ...OPEN, by: '=HYPERLINK(1)' })}`, '2 by'],
  ])('refuse %s by row and column', (_what, csv, where) => {
    expect(faultsOf(csv)).toContain(where);
  });
  it('write what a spreadsheet would run as text', () => {
    const named = tern.entries.map((entry): Entry => ({ ...entry, by: { id: 'x', name: '=1+1' } }));
    expect(readingsCsv(fold({ id: 'x', title: '', createdAt: '' }, named))).toContain("'=1+1");
  });
});
