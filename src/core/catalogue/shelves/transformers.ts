import type { Values } from '../column';
import { SHEET_OPEN_PERCENT, sheetOpenVolts } from '../../circuit';
import { COST, MINUTES, NAMED, TOOLS, figureOf, figureOr, listOf, textOf, type Shelf } from '../shelf';
import { TRANSFORMERS, type TransformerItem } from '../transformer';

const FITS = ['onBox', 'dinRail', 'plugIn'] as const;
/** Whether its work touches mains conductors. */
const LICENCES = ['mainsWork', 'none'] as const;
const REGIONS = ['na-120', 'gb-230'] as const;

/** What ships says of its open volts what its size makes likely, which needs no saying. */
const valuesOf = ({ mainsWork, openVolts: _likely, ...item }: TransformerItem): Values => ({
  ...item,
  licence: mainsWork ? 'mainsWork' : 'none',
});

/** A transformer from a shelf’s values. Only an adapter that is plugged in is no mains work. */
export function transformerFrom(values: Values): TransformerItem {
  const fit = FITS.find((one) => one === values.fit) ?? 'onBox';
  const plate = { ratedVolts: figureOf(values, 'ratedVolts'), ratedVa: figureOf(values, 'ratedVa') };
  const onSheet = values.openVolts === undefined ? undefined : figureOf(values, 'openVolts');
  return {
    id: textOf(values, 'id'),
    name: textOf(values, 'name'),
    ...plate,
    openVolts: sheetOpenVolts(plate, onSheet, figureOr(values, 'openVoltsPercent', SHEET_OPEN_PERCENT)),
    minutes: figureOf(values, 'minutes'),
    cost: figureOf(values, 'cost'),
    fit,
    mainsWork: fit !== 'plugIn' || values.licence === 'mainsWork',
    railWays: values.railWays === undefined ? 0 : figureOf(values, 'railWays'),
    tools: listOf(values, 'tools'),
    parts: listOf(values, 'parts'),
    regions: listOf(values, 'regions'),
  };
}

export const transformers: Shelf = {
  words: 'Transformers',
  one: 'transformer',
  columns: [
    ...NAMED,
    { name: 'ratedVolts', words: 'volts', type: 'figure', unit: 'V', least: 3, most: 48, main: true },
    { name: 'ratedVa', words: 'VA', type: 'figure', unit: 'VA', least: 1, most: 200, main: true },
    { name: 'openVolts', words: 'open volts', type: 'figure', unit: 'V', least: 3, most: 80, optional: true },
    {
      name: 'openVoltsPercent',
      words: 'open volts ±',
      type: 'figure',
      unit: '%',
      least: 0.5,
      most: 40,
      optional: true,
    },
    { name: 'fit', words: 'sits', type: 'choice', of: FITS, main: true },
    { name: 'railWays', words: 'ways on the rail', type: 'figure', unit: '', least: 0, most: 12, optional: true },
    { name: 'licence', words: 'licence', type: 'choice', of: LICENCES, main: true },
    MINUTES,
    COST,
    TOOLS,
    { name: 'parts', words: 'parts it takes', type: 'list', most: 12, optional: true },
    { name: 'regions', words: 'regions', type: 'list', most: 2, of: REGIONS },
  ],
  shipped: TRANSFORMERS.map(valuesOf),
  disagreements: (values) => [
    ...(values.openVolts !== undefined && figureOf(values, 'openVolts') < figureOf(values, 'ratedVolts')
      ? [{ column: 'openVolts', message: 'are under the volts of the nameplate, which it has under load' }]
      : []),
    ...(values.fit !== 'plugIn' && values.licence === 'none'
      ? [{ column: 'licence', message: 'cannot be none: only what is plugged in is no mains work' }]
      : []),
    ...(listOf(values, 'regions').length === 0 ? [{ column: 'regions', message: 'names no region' }] : []),
    ...(values.fit === 'dinRail' && values.railWays === undefined
      ? [{ column: 'railWays', message: 'is missing: it sits on a rail' }]
      : []),
  ],
};
