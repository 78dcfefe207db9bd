import { COST, MINUTES, NAMED, REMARK, nothingDisagrees, type Shelf } from '../shelf';
import { WEDGE_AXES } from '../wedge';

/** Wedges that go between a doorbell and its wall. */
export const wedges: Shelf = {
  words: 'Wedges',
  one: 'wedge',
  columns: [
    ...NAMED,
    { name: 'axis', words: 'turns', type: 'choice', of: WEDGE_AXES, main: true },
    { name: 'deg', words: 'by', type: 'figure', unit: '°', least: 1, most: 45, main: true },
    { name: 'thinM', words: 'thin end', type: 'figure', unit: 'm', least: 0.001, most: 0.03 },
    MINUTES,
    COST,
    REMARK,
  ],
  shipped: [
    { id: 'tilt-4', name: 'Tilt wedge 4°', axis: 'tilt', deg: 4, thinM: 0.003, minutes: 3, cost: 6 },
    { id: 'tilt-8', name: 'Tilt wedge 8°', axis: 'tilt', deg: 8, thinM: 0.003, minutes: 3, cost: 6 },
    { id: 'tilt-12', name: 'Tilt wedge 12°', axis: 'tilt', deg: 12, thinM: 0.003, minutes: 3, cost: 8 },
    { id: 'side-20', name: 'Side wedge 20°', axis: 'side', deg: 20, thinM: 0.003, minutes: 3, cost: 8 },
    { id: 'side-35', name: 'Side wedge 35°', axis: 'side', deg: 35, thinM: 0.003, minutes: 3, cost: 12 },
  ],
  disagreements: nothingDisagrees,
};
