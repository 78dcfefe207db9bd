import type { Vec3 } from './vector';

/** Something solid with upright walls on any footprint: corners in order, metres; its ends lie level. */
export interface Prism {
  readonly footprint: readonly (readonly [number, number])[];
  readonly baseM: number;
  readonly topM: number;
}

type Place2 = readonly [number, number];

/** Whether a place lies inside an outline, by how often a line from it crosses (even–odd); on a side it may be either. */
export function isInsideOutline(outline: readonly Place2[], [x, y]: Place2): boolean {
  let inside = false;
  for (const [i, [ax, ay]] of outline.entries()) {
    const [bx, by] = outline[(i + 1) % outline.length] ?? [ax, ay];
    if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) inside = !inside;
  }
  return inside;
}

/** Nearer to a side than this a place lies on it, metres. */
const ON_SIDE_M = 1e-9;

const isOnSide = (outline: readonly Place2[], [x, y]: Place2): boolean =>
  outline.some(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length] ?? [ax, ay];
    const [ex, ey] = [bx - ax, by - ay];
    const length = Math.hypot(ex, ey);
    const along = ((x - ax) * ex + (y - ay) * ey) / length;
    return (
      Math.abs(ex * (y - ay) - ey * (x - ax)) <= ON_SIDE_M * length &&
      along >= -ON_SIDE_M &&
      along <= length + ON_SIDE_M
    );
  });

/** Whether a place lies inside an outline and on none of its sides. */
const isStrictlyInside = (outline: readonly Place2[], place: Place2): boolean =>
  isInsideOutline(outline, place) && !isOnSide(outline, place);

/** Where a line from one place to another crosses the sides of an outline, as shares of its way, in order. */
function crossings(outline: readonly Place2[], from: Place2, to: Place2): readonly number[] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const shares: number[] = [];
  for (const [i, [ax, ay]] of outline.entries()) {
    const [bx, by] = outline[(i + 1) % outline.length] ?? [ax, ay];
    const [ex, ey] = [bx - ax, by - ay];
    const across = dx * ey - dy * ex;
    if (across === 0) continue;
    const share = ((ax - from[0]) * ey - (ay - from[1]) * ex) / across;
    const along = ((ax - from[0]) * dy - (ay - from[1]) * dx) / across;
    if (share > 0 && share < 1 && along >= 0 && along <= 1) shares.push(share);
  }
  return shares.sort((a, b) => a - b);
}

/** Of the way between two places: a shorter stretch inside is rounding. */
const LEAST_STRETCH = 1e-9;

/** Whether some stretch of the way between two places lies strictly inside a prism: touching a face stops nothing. */
export function prismStops({ footprint, baseM, topM }: Prism, from: Vec3, to: Vec3): boolean {
  const ends = [0, ...crossings(footprint, [from[0], from[1]], [to[0], to[1]]), 1];
  const heightAt = (share: number): number => from[2] + share * (to[2] - from[2]);
  for (let i = 0; i + 1 < ends.length; i++) {
    const [a = 0, b = 1] = [ends[i], ends[i + 1]];
    if (b - a <= LEAST_STRETCH) continue;
    const middle = (a + b) / 2;
    const place: Place2 = [from[0] + middle * (to[0] - from[0]), from[1] + middle * (to[1] - from[1])];
    if (!isStrictlyInside(footprint, place)) continue;
    const [low, high] = [Math.min(heightAt(a), heightAt(b)), Math.max(heightAt(a), heightAt(b))];
    if (low < topM && high > baseM) return true;
  }
  return false;
}

export const isInsidePrism = ({ footprint, baseM, topM }: Prism, [x, y, z]: Vec3): boolean =>
  z > baseM && z < topM && isStrictlyInside(footprint, [x, y]);
