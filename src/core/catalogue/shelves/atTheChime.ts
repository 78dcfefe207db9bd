import { COST, MINUTES, NAMED, REMARK, TOOLS, nothingDisagrees, type Shelf } from '../shelf';

/** Chimes by their printed rating, for a coil whose resistance is not read. */
export const chimes: Shelf = {
  words: 'Chimes',
  one: 'chime',
  columns: [
    ...NAMED,
    { name: 'kind', words: 'kind', type: 'choice', of: ['mechanical', 'electronic', 'boxedMains'], main: true },
    { name: 'ratedVolts', words: 'volts', type: 'figure', unit: 'V', least: 3, most: 48, main: true },
    { name: 'ratedVa', words: 'VA', type: 'figure', unit: 'VA', least: 1, most: 200, main: true },
    { name: 'coilOhms', words: 'coil', type: 'figure', unit: 'Ω', least: 0.2, most: 2000, optional: true, main: true },
    REMARK,
  ],
  shipped: [
    { id: 'two-note-16', name: 'Two-note, 16 V', kind: 'mechanical', ratedVolts: 16, ratedVa: 10, coilOhms: 6 },
    { id: 'two-note-8', name: 'Two-note, 8 V', kind: 'mechanical', ratedVolts: 8, ratedVa: 8, coilOhms: 4 },
    { id: 'tune-16', name: 'Tune board, 16 V', kind: 'electronic', ratedVolts: 16, ratedVa: 10 },
    { id: 'boxed-8', name: 'Boxed, 8 V inside', kind: 'boxedMains', ratedVolts: 8, ratedVa: 8 },
  ],
  disagreements: nothingDisagrees,
};

/** Power modules, by how they go in. */
export const modules: Shelf = {
  words: 'Modules',
  one: 'module',
  columns: [
    ...NAMED,
    { name: 'way', words: 'goes in', type: 'choice', of: ['parallel', 'inLine', 'bypass'], main: true },
    { name: 'ohms', words: 'in standby', type: 'figure', unit: 'Ω', least: 0.01, most: 20, main: true },
    MINUTES,
    COST,
    TOOLS,
    REMARK,
  ],
  shipped: [
    {
      id: 'module-parallel',
      name: 'Power module',
      way: 'parallel',
      ohms: 1,
      minutes: 12,
      cost: 0,
      remark: 'In the bag.',
    },
    { id: 'module-inline', name: 'In-line module', way: 'inLine', ohms: 1, minutes: 16, cost: 14 },
    { id: 'module-bypass', name: 'Module with bypass ports', way: 'bypass', ohms: 0.3, minutes: 10, cost: 4 },
  ],
  disagreements: nothingDisagrees,
};

/** Fuse links and self-resetting protectors. */
export const protectors: Shelf = {
  words: 'Protectors',
  one: 'protector',
  columns: [
    ...NAMED,
    { name: 'kind', words: 'kind', type: 'choice', of: ['fuseLink', 'selfResetting'], main: true },
    { name: 'ohms', words: 'ohms', type: 'figure', unit: 'Ω', least: 0.001, most: 5, main: true },
    { name: 'ratedAmps', words: 'holds', type: 'figure', unit: 'A', least: 0.1, most: 20, main: true },
    COST,
    REMARK,
  ],
  shipped: [
    { id: 'fuse-link-1', name: 'Fuse link 1 A', kind: 'fuseLink', ohms: 0.15, ratedAmps: 1, cost: 6 },
    { id: 'self-resetting', name: 'Self-resetting protector', kind: 'selfResetting', ohms: 0.3, ratedAmps: 1, cost: 5 },
  ],
  disagreements: nothingDisagrees,
};

/** Sounders that ring elsewhere where the chime is silent. */
export const sounders: Shelf = {
  words: 'Sounders',
  one: 'sounder',
  columns: [
    ...NAMED,
    { name: 'reachM', words: 'heard to', type: 'figure', unit: 'm', least: 1, most: 300, main: true },
    MINUTES,
    COST,
    REMARK,
  ],
  shipped: [{ id: 'plug-in-sounder', name: 'Plug-in sounder', reachM: 20, minutes: 0, cost: 18 }],
  disagreements: nothingDisagrees,
};
