import { stops, type Solid, type Vec3 } from '../view';

/** Cells of a row: the middle of the first, how far the next ones are, and how high what is looked for lies in each. */
export interface Row {
  readonly y: number;
  readonly firstX: number;
  readonly cellM: number;
  readonly heights: Float64Array;
}

/** Marks the cells of a row that something hides from a place; what is marked already is not looked at. */
export type HidesInRow = (row: Row, hidden: Uint8Array) => void;

interface Shade {
  readonly solid: Solid;
  /** Corners of its footprint from the place that looks. */
  readonly corners: readonly (readonly [number, number])[];
  readonly nearest: number;
  readonly isAllAhead: boolean;
}

const cornersOf = (solid: Solid): readonly (readonly [number, number])[] =>
  'footprint' in solid
    ? solid.footprint
    : [
        [solid.min[0], solid.min[1]],
        [solid.max[0], solid.min[1]],
        [solid.max[0], solid.max[1]],
        [solid.min[0], solid.max[1]],
      ];

/**
 * What hides cells of a row from a place, exactly as a look at each single cell would find it. Only cells that lie
 * within the angle of something are looked at: seen from a place a footprint takes up a stretch of the row.
 */
export function hidesInRows(solids: readonly Solid[], from: Vec3): HidesInRow {
  const shades = solids.map((solid): Shade => {
    const corners = cornersOf(solid).map(([x, y]) => [x - from[0], y - from[1]] as const);
    const aheads = corners.map(([, ahead]) => ahead);
    return { solid, corners, nearest: Math.min(...aheads), isAllAhead: aheads.every((ahead) => ahead > 0) };
  });
  const ahead = shades.filter(({ corners }) => corners.some(([, out]) => out > 0));
  return ({ y, firstX, cellM, heights }, hidden) => {
    const out = y - from[1];
    for (const shade of out > 0 ? ahead : shades) {
      if (out > 0 && shade.nearest >= out) continue;
      let [low, high] = [-Infinity, Infinity];
      if (out > 0 && shade.isAllAhead) {
        [low, high] = [Infinity, -Infinity];
        for (const [right, away] of shade.corners) {
          const at = from[0] + (right / away) * out;
          if (at < low) low = at;
          if (at > high) high = at;
        }
      }
      const last = Math.min(hidden.length - 1, Math.floor((high - firstX) / cellM));
      for (let i = Math.max(0, Math.ceil((low - firstX) / cellM)); i <= last; i++)
        if (!hidden[i] && stops(shade.solid, from, [firstX + i * cellM, y, heights[i] ?? 0])) hidden[i] = 1;
    }
  };
}
