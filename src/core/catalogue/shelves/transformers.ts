import type { Values } from '../column';
import { COST, MINUTES, NAMED, figureOf, listOf, nothingDisagrees, textOf, type Shelf } from '../shelf';
import { TRANSFORMERS, type TransformerItem } from '../transformer';

const FITS = ['onBox', 'dinRail', 'plugIn'] as const;
const REGIONS = ['na-120', 'gb-230'] as const;

const valuesOf = ({ mainsWork: _mainsWork, ...item }: TransformerItem): Values => ({ ...item });

/** A transformer from a shelf’s values. Only an adapter that is plugged in is no mains work. */
export function transformerFrom(values: Values): TransformerItem {
  const fit = FITS.find((one) => one === values.fit) ?? 'onBox';
  return {
    id: textOf(values, 'id'),
    name: textOf(values, 'name'),
    ratedVolts: figureOf(values, 'ratedVolts'),
    ratedVa: figureOf(values, 'ratedVa'),
    minutes: figureOf(values, 'minutes'),
    cost: figureOf(values, 'cost'),
    fit,
    mainsWork: fit !== 'plugIn',
    railWays: values.railWays === undefined ? 0 : figureOf(values, 'railWays'),
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
    { name: 'fit', words: 'sits', type: 'choice', of: FITS, main: true },
    { name: 'railWays', words: 'ways on the rail', type: 'figure', unit: '', least: 0, most: 12, optional: true },
    MINUTES,
    COST,
    { name: 'parts', words: 'parts it takes', type: 'list', most: 12, optional: true },
    { name: 'regions', words: 'regions', type: 'list', most: 2, of: REGIONS },
  ],
  shipped: TRANSFORMERS.map(valuesOf),
  disagreements: (values) => [
    ...nothingDisagrees(),
    ...(listOf(values, 'regions').length === 0 ? [{ column: 'regions', message: 'names no region' }] : []),
    ...(values.fit === 'dinRail' && values.railWays === undefined
      ? [{ column: 'railWays', message: 'is missing: it sits on a rail' }]
      : []),
  ],
};
