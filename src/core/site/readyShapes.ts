import type { Corner } from './outline';
import type { ShapeKind } from './sitePlan';

/** Outlines that many houses have. */
export type ReadyShape = 'oblong' | 'angle' | 'notch';

const HOUSES: Readonly<Record<ReadyShape, readonly Corner[]>> = {
  oblong: [
    [0, 0],
    [0, 7],
    [10, 7],
    [10, 0],
  ],
  angle: [
    [0, 0],
    [0, 9],
    [6, 9],
    [6, 5],
    [11, 5],
    [11, 0],
  ],
  notch: [
    [0, 0],
    [0, 8],
    [10, 8],
    [10, 0],
    [7, 0],
    [7, 3],
    [3, 3],
    [3, 0],
  ],
};
/** Sides of what is no house, metres. */
const SIZES: Readonly<Record<Exclude<ShapeKind, 'house'>, readonly [number, number]>> = {
  neighbour: [9, 7],
  shed: [2.4, 1.8],
  wall: [6, 0.25],
  hedge: [6, 0.7],
  car: [1.9, 4.4],
  window: [1.2, 0],
  street: [24, 6],
  garden: [10, 8],
  path: [0, 6],
  boundary: [12, 0],
  step: [1.6, 0.9],
};

/** A shape to begin with, its lower left corner at a place. */
export function readyShape(what: ShapeKind, [x, y]: Corner, house: ReadyShape = 'oblong'): readonly Corner[] {
  const outline = what === 'house' ? HOUSES[house] : outlineOf(what, SIZES[what]);
  return outline.map(([a, b]): Corner => [x + a, y + b]);
}

const outlineOf = (what: ShapeKind, [w, h]: readonly [number, number]): readonly Corner[] =>
  what === 'path' || what === 'boundary' || what === 'window'
    ? [
        [0, 0],
        [w, h],
      ]
    : [
        [0, 0],
        [0, h],
        [w, h],
        [w, 0],
      ];
