import { luxOf, luxOnGround } from '../light';
import { minus, type Vec3 } from '../view';
import type { Extent } from './coverage';
import { lampSet, lampsOf } from './lamps';
import { groundRows, isLevelAt } from './groundRows';
import { hidesInRows } from './shadowRows';
import { lensPlace, standing, type Aim, type PrivateArea, type Scene } from './scene';

/** Lux on the ground, in cells from left to right and from the wall away. */
export interface LuxMap {
  readonly columns: number;
  readonly rows: number;
  readonly cellM: number;
  readonly acrossM: number;
  readonly lux: Float64Array;
}

/** How light the ground is at night, with the shadows of what stands there. */
export function luxMap(scene: Scene, aim: Aim, { acrossM, awayM, cellM }: Extent): LuxMap {
  const columns = Math.round((2 * acrossM) / cellM);
  const rows = Math.round(awayM / cellM);
  const solids = standing(scene);
  const lux = new Float64Array(columns * rows);
  const firstX = -acrossM + cellM / 2;
  const hidden = new Uint8Array(columns);
  const heights = new Float64Array(columns);
  const raised = groundRows(scene);
  for (const lamp of lampsOf(scene, aim)) {
    const [onSlope, onLevel] = [luxOnGround(lamp, scene.fallShare), luxOnGround(lamp)];
    const hides = hidesInRows(solids, lamp.position);
    for (let j = 0; j < rows; j++) {
      const y = (j + 0.5) * cellM;
      const row = { y, firstX, cellM, heights };
      hidden.fill(0);
      raised(row, 0);
      hides(row, hidden);
      for (let i = 0; i < columns; i++) {
        if (hidden[i]) continue;
        const shines = isLevelAt(scene, row, i) ? onLevel : onSlope;
        lux[j * columns + i] = (lux[j * columns + i] ?? 0) + shines(firstX + i * cellM, y, heights[i] ?? 0);
      }
    }
  }
  return { columns, rows, cellM, acrossM, lux };
}

/** The most lux on a window next door; 0 where none is on the plan. */
export const windowLuxOf = (scene: Scene, aim: Aim): number =>
  Math.max(
    0,
    ...(scene.around?.areas ?? []).filter(({ what }) => what === 'window').map((one) => luxOnWindow(scene, aim, one)),
  );

/** Lamps are tilted no farther down than this. */
const STEEPEST_DEG = 75;

/**
 * The least tilt of the lamps, in whole degrees from where they stand, at which no window next door gets more.
 * @returns null where none down to 75° does
 */
export function lampDownFor(scene: Scene, aim: Aim, mostLux: number): number | null {
  const from = Math.ceil(lampSet(scene, aim).lampDownDeg);
  for (let lampDownDeg = from; lampDownDeg <= STEEPEST_DEG; lampDownDeg++)
    if (windowLuxOf(scene, { ...aim, lampDownDeg }) <= mostLux) return lampDownDeg;
  return null;
}

/** Lux on a window next door, at its middle, facing the lamps. */
export function luxOnWindow(scene: Scene, aim: Aim, { corners }: PrivateArea): number {
  const middle: Vec3 = [0, 1, 2].map(
    (i) => corners.reduce((sum, corner) => sum + (corner[i] ?? 0), 0) / corners.length,
  ) as unknown as Vec3;
  const [a, b] = corners;
  if (!a || !b) return 0;
  const to = minus(lensPlace(scene, aim), middle);
  // Of its two faces the one that looks this way
  const side: Vec3 = [b[1] - a[1], a[0] - b[0], 0];
  const facing = side[0] * to[0] + side[1] * to[1] >= 0 ? side : ([-side[0], -side[1], 0] as const);
  const solids = standing(scene);
  return lampsOf(scene, aim).reduce((sum, lamp) => sum + luxOf(lamp, solids)({ point: middle, normal: facing }), 0);
}
