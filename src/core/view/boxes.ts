import type { Vec3 } from './vector';

/** Something solid that stands along the axes of the world, metres. */
export interface Box {
  readonly min: Vec3;
  readonly max: Vec3;
}

const AXES = [0, 1, 2] as const;
/** Of the way between two places: a shorter stretch inside a box is rounding. */
const LEAST_STRETCH = 1e-12;

/** Whether a place lies strictly inside a box. */
export const isInside = ({ min, max }: Box, place: Vec3): boolean =>
  AXES.every((i) => min[i] < place[i] && place[i] < max[i]);

/**
 * Whether some point strictly between two places lies strictly inside a box: touching a face, an edge or a corner stops
 * nothing.
 */
export function stops({ min, max }: Box, from: Vec3, to: Vec3): boolean {
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

/** Whether any of the boxes stands between two places. */
export const isHidden = (boxes: readonly Box[], from: Vec3, to: Vec3): boolean =>
  boxes.some((box) => stops(box, from, to));
