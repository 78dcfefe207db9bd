import { cosDeg, degreesOf, sinDeg, turnOf } from '../view';

/** A corner of an outline, metres: to the right and up on the plan. */
export type Corner = readonly [number, number];

/** A side of an outline with the turn at its end: to the right positive, degrees. */
export interface Side {
  readonly lengthM: number;
  readonly turnDeg: number;
}

const at = (corners: readonly Corner[], i: number): Corner => {
  const found = corners[((i % corners.length) + corners.length) % corners.length];
  if (!found) throw new RangeError('an outline without corners');
  return found;
};

/** Which way a side runs, clockwise from the plan’s up, degrees. */
export const headingOf = (from: Corner, to: Corner): number => degreesOf(Math.atan2(to[0] - from[0], to[1] - from[1]));

export const lengthBetween = (a: Corner, b: Corner): number => Math.hypot(b[0] - a[0], b[1] - a[1]);

/** The sides of a closed outline, from its first corner on. */
export const sidesOf = (corners: readonly Corner[]): readonly Side[] =>
  corners.map((corner, i) => {
    const [next, after] = [at(corners, i + 1), at(corners, i + 2)];
    return {
      lengthM: lengthBetween(corner, next),
      turnDeg: turnOf(headingOf(next, after) - headingOf(corner, next)),
    };
  });

const step = ([x, y]: Corner, headingDeg: number, lengthM: number): Corner => [
  x + lengthM * sinDeg(headingDeg),
  y + lengthM * cosDeg(headingDeg),
];

/** A side as it was taped: what follows moves along with it, the side that closes the outline takes up the difference. */
export function withLength(corners: readonly Corner[], side: number, lengthM: number): readonly Corner[] {
  const [from, to] = [at(corners, side), at(corners, side + 1)];
  const moved = step(from, headingOf(from, to), lengthM);
  const [dx, dy] = [moved[0] - to[0], moved[1] - to[1]];
  return corners.map((corner, i): Corner => (i > side ? [corner[0] + dx, corner[1] + dy] : corner));
}

/** The turn at the end of a side: what follows swings round that corner, the closing side takes up the difference. */
export function withTurn(corners: readonly Corner[], side: number, turnDeg: number): readonly Corner[] {
  const pivot = at(corners, side + 1);
  const heading = headingOf(at(corners, side), pivot);
  const swing = heading + turnDeg - headingOf(pivot, at(corners, side + 2));
  return corners.map((corner, i): Corner => {
    if (i <= side + 1) return corner;
    return step(pivot, headingOf(pivot, corner) + swing, lengthBetween(pivot, corner));
  });
}

/** The side that closes an outline is not typed: the others say how long it is. */
export const closingSide = (corners: readonly Corner[]): number => corners.length - 1;

/** Area, positive where the corners go round to the left (against the clock). */
export const signedArea = (corners: readonly Corner[]): number =>
  corners.reduce((sum, [x, y], i) => {
    const [a, b] = at(corners, i + 1);
    return sum + (x * b - a * y) / 2;
  }, 0);

const isBetween = (a: Corner, b: Corner, c: Corner): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

/** Two sides of an outline that cross each other, counted from 0; null where none do. */
export function crossingSides(corners: readonly Corner[]): readonly [number, number] | null {
  const n = corners.length;
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      const [a, b, c, d] = [at(corners, i), at(corners, i + 1), at(corners, j), at(corners, j + 1)];
      const [one, two] = [isBetween(a, b, c), isBetween(a, b, d)];
      const [three, four] = [isBetween(c, d, a), isBetween(c, d, b)];
      if (one * two < 0 && three * four < 0) return [i, j];
    }
  return null;
}

/** Out of an outline, straight from a side: clockwise from the plan’s up, degrees. */
export function outwardOf(corners: readonly Corner[], side: number): number {
  const heading = headingOf(at(corners, side), at(corners, side + 1));
  const out = heading + (signedArea(corners) > 0 ? 90 : -90);
  return ((out % 360) + 360) % 360;
}

/** A place along a side, from its first corner. */
export function alongSide(corners: readonly Corner[], side: number, alongM: number): Corner {
  const [from, to] = [at(corners, side), at(corners, side + 1)];
  return step(from, headingOf(from, to), alongM);
}

/** A sharp corner is drawn out no farther than so many times what it is widened by. */
const MOST_MITRE = 3;

/** An outline that stands so far before all its sides. */
export function widened(corners: readonly Corner[], byM: number): readonly Corner[] {
  return corners.map((corner, i): Corner => {
    const [before, after] = [(i + corners.length - 1) % corners.length, i];
    const [a, b] = [outwardOf(corners, before), outwardOf(corners, after)];
    // Along the line that halves the corner
    const half = turnOf(b - a) / 2;
    return step(corner, a + half, Math.min(MOST_MITRE, 1 / Math.max(1e-6, cosDeg(half))) * byM);
  });
}

/** How far along a side the place is that lies nearest to another, from its first corner; no farther than its ends. */
export function alongNearest(corners: readonly Corner[], side: number, [x, y]: Corner): number {
  const [from, to] = [at(corners, side), at(corners, side + 1)];
  const length = lengthBetween(from, to);
  if (length === 0) return 0;
  const along = ((x - from[0]) * (to[0] - from[0]) + (y - from[1]) * (to[1] - from[1])) / length;
  return Math.min(length, Math.max(0, along));
}
