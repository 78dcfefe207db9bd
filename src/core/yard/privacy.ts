import { axesOf, isHidden, isInsideOutline, plus, rayOf, times, type Vec3 } from '../view';
import { cameraAt, lensPlace, standing, type Aim, type PrivateArea, type Scene } from './scene';
import { seenTargets } from './seenTarget';

/** A rectangle of a picture, in per cent of its width and height from its upper left corner, as an app asks for it. */
export interface Mask {
  /** Of which private area. */
  readonly area: PrivateArea;
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly foot: number;
  /** Share of the picture that this area takes up. */
  readonly share: number;
}

/** Cells in which a picture is asked what it looks at. */
const CELLS = { across: 96, down: 54 } as const;
/** A head that is to be seen keeps so much of the picture free about it, per cent. */
const FREE = 1.5;

/** Where a look meets an area; null where it passes it. */
function meets({ corners }: PrivateArea, from: Vec3, ray: Vec3): Vec3 | null {
  const [a, b, , d] = corners;
  if (!a || !b || !d) return null;
  const isUpright = a[2] !== d[2];
  if (!isUpright) {
    if (ray[2] >= 0) return null;
    const place = plus(from, times(ray, (a[2] - from[2]) / ray[2]));
    return isInsideOutline(
      corners.map(([x, y]) => [x, y] as const),
      [place[0], place[1]],
    )
      ? place
      : null;
  }
  // A window: along its sill and up
  const [ex, ey] = [b[0] - a[0], b[1] - a[1]];
  const across = ray[0] * ey - ray[1] * ex;
  if (across === 0) return null;
  const way = ((a[0] - from[0]) * ey - (a[1] - from[1]) * ex) / across;
  const place = plus(from, times(ray, way));
  const length = ex * ex + ey * ey;
  const along = length === 0 ? -1 : ((place[0] - a[0]) * ex + (place[1] - a[1]) * ey) / length;
  return way > 0 && along >= 0 && along <= 1 && place[2] >= a[2] && place[2] <= d[2] ? place : null;
}

/** What of the picture lies over what is nobody’s business, and the upright rectangles that would cover it. */
export function masksOf(scene: Scene, aim: Aim): readonly Mask[] {
  const areas = scene.around?.areas ?? [];
  if (areas.length === 0) return [];
  const camera = cameraAt(scene, aim);
  const axes = axesOf(camera);
  const from = lensPlace(scene, aim);
  const solids = standing(scene);
  const found = areas.map((area) => ({ area, cells: 0, left: 100, top: 100, right: 0, foot: 0 }));
  for (let i = 0; i < CELLS.across; i++)
    for (let j = 0; j < CELLS.down; j++) {
      const ray = rayOf(camera, axes, [
        ((i + 0.5) * camera.widthPx) / CELLS.across,
        ((j + 0.5) * camera.heightPx) / CELLS.down,
      ]);
      if (!ray) continue;
      for (const one of found) {
        const place = meets(one.area, from, ray);
        if (!place || isHidden(solids, from, place)) continue;
        one.cells++;
        one.left = Math.min(one.left, (100 * i) / CELLS.across);
        one.right = Math.max(one.right, (100 * (i + 1)) / CELLS.across);
        one.top = Math.min(one.top, (100 * j) / CELLS.down);
        one.foot = Math.max(one.foot, (100 * (j + 1)) / CELLS.down);
      }
    }
  const keep = seenTargets(scene, aim).flatMap(({ target, miss, seen }) =>
    target.wants !== 'out' && miss === null && seen.pixel
      ? [[(100 * seen.pixel[0]) / camera.widthPx, (100 * seen.pixel[1]) / camera.heightPx] as const]
      : [],
  );
  return found
    .filter(({ cells }) => cells > 0)
    .map(({ area, cells, ...rect }) => ({
      area,
      ...keep.reduce(freeOf, rect),
      share: cells / (CELLS.across * CELLS.down),
    }))
    .filter(({ left, right, top, foot }) => right > left && foot > top);
}

/** So far a look goes on before it is sky. */
const FAR_M = 300;

/** Share of the picture that is sky: over the horizon, and past all that stands there. */
export function skyShare(scene: Scene, aim: Aim): number {
  const camera = cameraAt(scene, aim);
  const axes = axesOf(camera);
  const from = lensPlace(scene, aim);
  const solids = standing(scene);
  let sky = 0;
  for (let i = 0; i < CELLS.across; i += 2)
    for (let j = 0; j < CELLS.down; j += 2) {
      const ray = rayOf(camera, axes, [
        ((i + 1) * camera.widthPx) / CELLS.across,
        ((j + 1) * camera.heightPx) / CELLS.down,
      ]);
      if (ray && ray[2] > 0 && !isHidden(solids, from, plus(from, times(ray, FAR_M)))) sky++;
    }
  return (4 * sky) / (CELLS.across * CELLS.down);
}

type Rect = Pick<Mask, 'left' | 'top' | 'right' | 'foot'>;

/** A rectangle that leaves a place free: cut on the side where least of it is lost. */
function freeOf(rect: Rect, [x, y]: readonly [number, number]): Rect {
  const isIn = x > rect.left - FREE && x < rect.right + FREE && y > rect.top - FREE && y < rect.foot + FREE;
  if (!isIn) return rect;
  const cuts: readonly Rect[] = [
    { ...rect, left: x + FREE },
    { ...rect, right: x - FREE },
    { ...rect, top: y + FREE },
    { ...rect, foot: y - FREE },
  ];
  const size = ({ left, right, top, foot }: Rect): number => Math.max(0, right - left) * Math.max(0, foot - top);
  return cuts.reduce((best, one) => (size(one) > size(best) ? one : best), {
    left: 0,
    right: 0,
    top: 0,
    foot: 0,
  });
}
