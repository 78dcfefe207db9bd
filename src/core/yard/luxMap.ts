import { luxOf, luxOnGround } from '../light';
import { minus, type Vec3 } from '../view';
import type { Extent } from './coverage';
import { lampsOf } from './lamps';
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
  for (const lamp of lampsOf(scene, aim)) {
    const shines = luxOnGround(lamp);
    const hides = hidesInRows(solids, lamp.position, 0);
    for (let j = 0; j < rows; j++) {
      const y = (j + 0.5) * cellM;
      hidden.fill(0);
      hides({ y, firstX, cellM }, hidden);
      for (let i = 0; i < columns; i++)
        if (!hidden[i]) lux[j * columns + i] = (lux[j * columns + i] ?? 0) + shines(firstX + i * cellM, y);
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
