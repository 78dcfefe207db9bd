import { COST, MINUTES, NAMED, REMARK, TOOLS, nothingDisagrees, type Shelf } from '../shelf';

/** Bell cable that is pulled where a run is too thin. */
export const cables: Shelf = {
  words: 'Cable',
  one: 'cable',
  columns: [
    ...NAMED,
    { name: 'mm2', words: 'of one conductor', type: 'figure', unit: 'mm²', least: 0.1, most: 10, main: true },
    { name: 'minutesPerM', words: 'minutes for a metre', type: 'figure', unit: 'min', least: 0, most: 60, main: true },
    { name: 'costPerM', words: 'cost of a metre', type: 'figure', unit: '', least: 0, most: 100, main: true },
    TOOLS,
    REMARK,
  ],
  shipped: [
    {
      id: 'bell-18',
      name: 'Bell wire, 18 AWG pair',
      mm2: 0.823,
      minutesPerM: 3,
      costPerM: 1,
      tools: ['fish tape', 'cable clips'],
    },
    {
      id: 'bell-1',
      name: 'Bell wire, 1 mm² pair',
      mm2: 1,
      minutesPerM: 3,
      costPerM: 1.2,
      tools: ['draw wire', 'clips'],
    },
  ],
  disagreements: nothingDisagrees,
};

/** Enclosures with a rail of their own, where the board has no free ways. */
export const enclosures: Shelf = {
  words: 'Enclosures',
  one: 'enclosure',
  columns: [
    ...NAMED,
    { name: 'railWays', words: 'ways', type: 'figure', unit: '', least: 1, most: 60, main: true },
    { name: 'material', words: 'material', type: 'choice', of: ['plastic', 'metal'], main: true },
    MINUTES,
    COST,
    REMARK,
  ],
  shipped: [
    {
      id: 'rail-4',
      name: 'Enclosure with rail, 4 ways',
      railWays: 4,
      material: 'plastic',
      minutes: 15,
      cost: 12,
      remark: 'Room to open its lid; air around it.',
    },
  ],
  disagreements: nothingDisagrees,
};
