import { isInsidePrism, prismStops, type Prism } from './prism';
import type { Vec3 } from './vector';

/** Something solid that stands along the axes of the world, metres. */
export interface Box {
  readonly min: Vec3;
  readonly max: Vec3;
}

/** Anything that stands in the way of a look. */
export type Solid = Box | Prism;

const isPrism = (solid: Solid): solid is Prism => 'footprint' in solid;

const AXES = [0, 1, 2] as const;
/** Of the way between two places: a shorter stretch inside a box is rounding. */
const LEAST_STRETCH = 1e-12;

/** Whether a place lies strictly inside something solid. */
export const isInside = (solid: Solid, place: Vec3): boolean =>
  isPrism(solid) ? isInsidePrism(solid, place) : AXES.every((i) => solid.min[i] < place[i] && place[i] < solid.max[i]);

/**
 * Whether some point strictly between two places lies strictly inside something solid: touching a face, an edge or a corner
 * stops nothing.
 */
export const stops = (solid: Solid, from: Vec3, to: Vec3): boolean =>
  isPrism(solid) ? prismStops(solid, from, to) : boxStops(solid, from, to);

function boxStops({ min, max }: Box, from: Vec3, to: Vec3): boolean {
  let [enters, leaves] = [0, 1];
  for (const i of AXES) {
    const way = to[i] - from[i];
    if (way === 0) {
      if (from[i] <= min[i] || from[i] >= max[i]) return false;
      continue;
    }
    const [a, b] = [(min[i] - from[i]) / way, (max[i] - from[i]) / way];
    enters = Math.max(enters, Math.min(a, b));
    leaves = Math.min(leaves, Math.max(a, b));
    if (leaves - enters <= LEAST_STRETCH) return false;
  }
  return true;
}

/** Whether any of them stands between two places. */
export const isHidden = (boxes: readonly Solid[], from: Vec3, to: Vec3): boolean =>
  boxes.some((box) => stops(box, from, to));
