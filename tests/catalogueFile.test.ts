import { describe, expect, it } from 'vitest';
import {
  CATALOGUE_FORMAT,
  catalogueFile,
  itemsFromJson,
  shelfCsv,
  shelfFromCsv,
  shelfNamed,
} from '@/contract/catalogueFile';
import { ProblemError } from '@/contract/problem';
import { SHELF_IDS, SHELVES, type Shelf } from '@/core/catalogue';

const problemOf = (run: () => unknown): ProblemError => {
  try {
    run();
  } catch (error) {
    if (error instanceof ProblemError) return error;
    throw error;
  }
  throw new Error('nothing was refused');
};
const csv = shelfCsv('transformer', SHELVES.transformer.shipped);
const lines = csv.trim().split('\r\n');
const header = lines[0] ?? '';
const row = lines[1] ?? '';
const own = (line: string) => `${header}\r\n${line}\r\n`;

describe('a shelf as CSV', () => {
  it('comes back as it went out, for every shelf', () => {
    for (const id of SHELF_IDS) {
      const { shipped }: Shelf = SHELVES[id];
      const changed = shipped.map((values, i) => ({ ...values, id: `own-${i}` }));
      expect(shelfFromCsv(id, shelfCsv(id, changed))).toEqual(changed.map((values) => ({ shelf: id, values })));
      // What ships, said again without a change, is not the firm’s own
      expect(shelfFromCsv(id, shelfCsv(id, shipped))).toEqual([]);
    }
  });
  it('takes the mark that some spreadsheets write at its head', () => {
    expect(shelfFromCsv('transformer', `\uFEFF${own(row.replace('box-16-30', 'mine'))}`)[0]?.values.id).toBe('mine');
  });
  it.each([
    ['a column missing', csv.replaceAll('ratedVa', 'power'), ['row 1, ratedVa', 'row 1, power']],
    ['no rows', `${header}\r\n`, ['row 2']],
    ['nothing at all', '', ['row 1, id']],
    ['negative VA', own(row.replace(',30,', ',-30,')), ['row 2, ratedVa']],
    ['0 VA', own(row.replace(',30,', ',0,')), ['row 2, ratedVa']],
    ['a figure that is none', own(row.replace(',30,', ',thirty,')), ['row 2, ratedVa']],
    ['a formula', own(row.replace('16 V 30 VA,', '=1+1,')), ['row 2, name']],
    ['one id twice', `${own(row)}${row}\r\n`, ['row 3, id']],
  ])('is refused with %s, by row and column', (_what, text, places) => {
    const problem = problemOf(() => shelfFromCsv('transformer', text));
    expect(problem.status).toBe(422);
    for (const place of places) expect(problem.errors.map(({ path }) => path)).toContain(place);
    expect(problem.detail).toContain('Nothing was taken in');
  });
  it('writes nothing that a spreadsheet would run', () => {
    expect(shelfCsv('cable', [{ ...SHELVES.cable.shipped[0], name: '=1+1' }])).toContain("'=1+1");
  });
});

describe('items as JSON', () => {
  const mine = { shelf: 'transformer', values: { ...SHELVES.transformer.shipped[0], id: 'mine' } } as const;
  it('come back as they went out', () => {
    expect(itemsFromJson(JSON.parse(JSON.stringify(catalogueFile([mine]))))).toEqual([mine]);
    expect(itemsFromJson({ items: [mine] })).toEqual([mine]);
  });
  it.each([
    ['no list', { items: 3 }, 400],
    ['something else', [], 400],
    ['another format', { format: 'x', version: 1, items: [mine] }, 400],
    ['a newer version', { format: CATALOGUE_FORMAT, version: 2, items: [mine] }, 400],
    ['a strange field', { items: [mine], more: 1 }, 400],
    ['no item', { items: [3] }, 400],
    ['a shelf that is not there', { items: [{ shelf: 'attic', values: {} }] }, 400],
    ['nothing in it', { items: [] }, 422],
    [
      'one wrong among right ones',
      { items: [mine, { ...mine, values: { ...mine.values, id: 'x', ratedVa: -1 } }] },
      422,
    ],
    ['one id twice', { items: [mine, mine] }, 422],
    [
      'too many',
      { items: Array.from({ length: 1001 }, (_, i) => ({ ...mine, values: { ...mine.values, id: `i${i}` } })) },
      422,
    ],
  ])('are refused with %s', (_what, body, status) => {
    expect(problemOf(() => itemsFromJson(body)).status).toBe(status);
  });
  it('know their shelves by name', () => {
    expect(shelfNamed('cable')).toBe('cable');
    for (const name of ['', 'toString', '__proto__', 'x'.repeat(99)])
      expect(problemOf(() => shelfNamed(name)).status).toBe(404);
  });
});
