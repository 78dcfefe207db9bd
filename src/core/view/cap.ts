import { cross, dot, lengthOf, plus, times, unit, type Vec3 } from './vector';

// Few directions, at most a hundred: all caps that two or three of them can hold are tried.

/** Axes of the caps that have two or three of some directions on their edge. */
function* axes(directions: readonly Vec3[]): Generator<Vec3> {
  for (const [i, a] of directions.entries())
    for (const [j, b] of directions.slice(0, i).entries()) {
      const middle = plus(a, b);
      if (lengthOf(middle) > 0) yield unit(middle);
      for (const c of directions.slice(0, j)) {
        const around = cross(plus(a, times(b, -1)), plus(c, times(b, -1)));
        if (lengthOf(around) === 0) continue;
        const axis = unit(around);
        yield dot(axis, a) >= 0 ? axis : times(axis, -1);
      }
    }
}

/**
 * The axis of the smallest cap that holds all directions, where one below a half-space does.
 * @param directions of length 1
 * @param closeEnough a cosine: the search ends at the first axis that has all of them nearer
 * @returns with the cosine of its half angle; null where no half-space holds them
 */
export function smallestCap(
  directions: readonly Vec3[],
  closeEnough = Infinity,
): { readonly axis: Vec3; readonly cosine: number } | null {
  const [only, ...others] = directions;
  if (!only) return null;
  if (others.length === 0) return { axis: only, cosine: 1 };
  let best: { readonly axis: Vec3; readonly cosine: number } | null = null;
  for (const axis of axes(directions)) {
    const least = best?.cosine ?? 0;
    let cosine = 1;
    for (const direction of directions) {
      cosine = Math.min(cosine, dot(axis, direction));
      if (cosine <= least) break;
    }
    if (cosine <= least) continue;
    best = { axis, cosine };
    if (cosine >= closeEnough) break;
  }
  return best;
}

/** Whether all directions lie within an angle of one line through their origin, in either of its directions. */
export function isNearLine(directions: readonly Vec3[], withinDeg: number): boolean {
  const [first] = directions;
  if (!first) return true;
  const cosine = Math.cos((withinDeg * Math.PI) / 180);
  const folded = directions.map((one) => (dot(one, first) >= 0 ? one : times(one, -1)));
  // Two of them at more than twice the angle: no line is near both
  const apart = Math.cos((2.01 * withinDeg * Math.PI) / 180);
  if (folded.some((one) => dot(one, first) < apart)) return false;
  const cap = smallestCap(folded, cosine);
  return cap !== null && cap.cosine >= cosine;
}
