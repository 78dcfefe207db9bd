import { describe, expect, it } from 'vitest';
import { SHELF_IDS, SHELVES, SHIPPED_CATALOGUE, catalogueWith, devicesIn, transformersIn } from './catalogue';
import { readValue, valueFault, valueText, type Column } from './column';
import { DEVICES } from './device';
import { itemFaults, type Shelf } from './shelf';
import { TREATMENTS } from '../chime';
import { TRANSFORMERS } from './transformer';
import { TREATMENT_IDS } from './treatmentIds';

const shelf = (id: (typeof SHELF_IDS)[number]): Shelf => SHELVES[id];
const device = SHELVES.device.shipped[0] ?? {};
const box = SHELVES.transformer.shipped[0] ?? {};
const columnsWrong = (id: (typeof SHELF_IDS)[number], values: Readonly<Record<string, unknown>>) =>
  itemFaults(shelf(id), values).map(({ column }) => column);

describe('what ships', () => {
  it('is right by its own shelf, each id once', () => {
    for (const id of SHELF_IDS) {
      const { shipped } = shelf(id);
      expect(shipped.length).toBeGreaterThan(0);
      for (const values of shipped) expect({ id, faults: itemFaults(shelf(id), values) }).toEqual({ id, faults: [] });
      expect(new Set(shipped.map((values) => values.id)).size).toBe(shipped.length);
    }
  });
  it('comes back from its values as it was', () => {
    expect(devicesIn(SHIPPED_CATALOGUE)).toEqual(DEVICES);
    for (const region of ['na-120', 'gb-230'])
      expect(transformersIn(SHIPPED_CATALOGUE, region)).toEqual(
        TRANSFORMERS.filter(({ regions }) => regions.includes(region)),
      );
    expect(TREATMENTS.map(({ id }) => id)).toEqual([...TREATMENT_IDS]);
  });
});

describe('an own item', () => {
  it('stands before the shipped ones, or in the place of one', () => {
    const mine = { ...box, id: 'mine', name: 'Mine', ratedVa: 50 };
    const instead = { ...box, ratedVa: 35 };
    const { transformer } = catalogueWith([
      { shelf: 'transformer', values: mine },
      { shelf: 'transformer', values: instead },
    ]);
    expect(transformer[0]).toMatchObject({ own: true, instead: false, values: { id: 'mine' } });
    expect(transformer.filter(({ values }) => values.id === box.id)).toEqual([
      { own: true, instead: true, values: instead },
    ]);
    expect(SHIPPED_CATALOGUE.transformer.every(({ own }) => !own)).toBe(true);
  });
  it.each([
    ['a minimum over its full volts', 'device', { ...device, doorMinVolts: 20 }, ['doorMinVolts']],
    ['full volts over the highest', 'device', { ...device, doorFullVolts: 40 }, ['doorFullVolts']],
    ['a supply window turned round', 'device', { ...device, supplyNominalMinVolts: 30 }, ['supplyNominalMinVolts']],
    ['0 W', 'device', { ...device, liveNightWatts: 0 }, ['liveNightWatts']],
    ['a battery that nothing charges', 'device', { ...device, dailyWh: 3 }, ['trickleWatts']],
    ['a treatment that does not exist', 'device', { ...device, forbids: ['glue'] }, ['forbids']],
    ['0 VA', 'transformer', { ...box, ratedVa: 0 }, ['ratedVa']],
    ['negative VA', 'transformer', { ...box, ratedVa: -30 }, ['ratedVa']],
    ['no region', 'transformer', { ...box, regions: [] }, ['regions']],
    ['a rail without its ways', 'transformer', { ...box, fit: 'dinRail', railWays: undefined }, ['railWays']],
    ['a column of another shelf', 'transformer', { ...box, coilOhms: 6 }, ['coilOhms']],
    ['no name', 'transformer', { ...box, name: undefined }, ['name']],
    ['a formula for a name', 'transformer', { ...box, name: '=1+1' }, ['name']],
    ['an id that is no id', 'transformer', { ...box, id: '../x' }, ['id']],
    ['a chime of 0 Ω', 'chime', { ...SHELVES.chime.shipped[0], coilOhms: 0 }, ['coilOhms']],
    ['a figure as text', 'cable', { ...SHELVES.cable.shipped[0], mm2: '1' }, ['mm2']],
  ] as const)('is refused with %s, at the column', (_what, id, values, columns) => {
    expect(columnsWrong(id, values)).toEqual(columns);
  });
});

describe('a cell', () => {
  const figure: Column = { name: 'x', words: 'x', type: 'figure', unit: 'V', least: -5, most: 50 };
  const list: Column = { name: 'l', words: 'l', type: 'list', most: 3 };
  it.each([
    ['16', 16],
    [' 2,5 ', 2.5],
    ['-3', -3],
    ['1e-3', 0.001],
    ['1,000.5', NaN],
    ['16 V', NaN],
    ['0x10', NaN],
  ])('reads %s', (text, value) => {
    expect(readValue(figure, text)).toBe(value);
  });
  it('is empty, a list, or a text that comes back as it was', () => {
    expect(readValue(figure, ' ')).toBeUndefined();
    expect(readValue(list, 'a; b ;;')).toEqual(['a', 'b']);
    expect(valueText(['a', 'b'])).toBe('a; b');
    expect(valueFault(list, ['a', 'b', 'c', 'd'])).toContain('more than 3');
    for (const text of ['=SUM(A1)', '+1', '@x', '-x', ' =1'])
      expect(valueFault({ name: 't', words: 't', type: 'text', most: 9 }, text)).toContain('formula');
  });
});
