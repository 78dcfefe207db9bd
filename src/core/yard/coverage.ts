import {
  PIXEL_CLASSES,
  alongAxes,
  axesOf,
  cosDeg,
  focalPx,
  isInFrame,
  pixelClass,
  projecting,
  type PixelClass,
  type Vec3,
} from '../view';
import { FACE_M, standing, cameraAt, lensPlace, type Aim, type Scene, type Wanted } from './scene';
import { askedPxPerM } from './seenTarget';
import { groundRows } from './groundRows';
import { hidesInRows } from './shadowRows';

/** A stretch of a yard in one row whose faces are seen alike. */
export interface Stretch {
  /** From the wall, to the middle of the row. */
  readonly y: number;
  readonly fromX: number;
  readonly toX: number;
  readonly class: Exclude<PixelClass, 'none'>;
}

/** The part of a yard that is looked over, and how finely. */
export interface Extent {
  readonly acrossM: number;
  readonly awayM: number;
  readonly cellM: number;
}

/** Classes by their numbers in a raster: 0 is none, then the coarsest first. */
const CODES: readonly PixelClass[] = ['none', ...[...PIXEL_CLASSES].reverse().map(({ id }) => id)];

/** How finely a face is seen in every cell of a yard, rows from the wall away, cells from left to right; the number of a class. */
export interface ClassRaster {
  readonly columns: number;
  readonly rows: number;
  readonly codes: Uint8Array;
}

export const classOfCode = (code: number): PixelClass => CODES[code] ?? 'none';

/** How finely a face is seen at every place of a yard, clipped by what stands in the way. */
export function classRaster(scene: Scene, aim: Aim, { acrossM, awayM, cellM }: Extent): ClassRaster {
  const camera = cameraAt(scene, aim);
  const axes = axesOf(camera);
  const project = projecting(camera);
  const f = focalPx(camera);
  const lens = lensPlace(scene, aim);
  const solids = standing(scene);
  const hides = hidesInRows(solids, lens);
  const raised = groundRows(scene);
  const columns = Math.round((2 * acrossM) / cellM);
  const rows = Math.round(awayM / cellM);
  const codes = new Uint8Array(columns * rows);
  const hidden = new Uint8Array(columns);
  const heights = new Float64Array(columns);
  const firstX = -acrossM + cellM / 2;
  const isEquidistant = camera.model === 'equidistant';
  for (let j = 0; j < rows; j++) {
    const y = (j + 0.5) * cellM;
    hidden.fill(0);
    raised({ y, firstX, cellM, heights }, FACE_M);
    let seenHere = false;
    for (let i = 0; i < columns; i++) {
      const offset: Vec3 = [firstX + i * cellM - lens[0], y - lens[1], (heights[i] ?? 0) - lens[2]];
      const [right, down, forward] = alongAxes(axes, offset);
      const pixel = project(right, down, forward);
      if (!pixel || !isInFrame(camera, pixel)) continue;
      const depth = isEquidistant ? Math.sqrt(right * right + down * down + forward * forward) : forward;
      const code = codeOf(f / depth);
      codes[j * columns + i] = code;
      if (code > 0) seenHere = true;
    }
    // A row of which nothing is in the picture needs no shadows
    if (!seenHere) continue;
    for (let i = 0; i < columns; i++) if (codes[j * columns + i] === 0) hidden[i] = 1;
    hides({ y, firstX, cellM, heights }, hidden);
    for (let i = 0; i < columns; i++) if (hidden[i]) codes[j * columns + i] = 0;
  }
  return { columns, rows, codes };
}

/** The number of the class that so many pixels per metre have. */
const codeOf = (pxPerM: number): number => CODES.indexOf(pixelClass(pxPerM));

/** The same as stretches of a row that are seen alike, rows from the wall away: for a drawing. */
export function coverageOf(scene: Scene, aim: Aim, extent: Extent): readonly Stretch[] {
  const { columns, rows, codes } = classRaster(scene, aim, extent);
  const { acrossM, cellM } = extent;
  const stretches: Stretch[] = [];
  for (let j = 0; j < rows; j++) {
    let open = { fromX: -acrossM, code: 0 };
    for (let i = 0; i <= columns; i++) {
      const fromX = -acrossM + i * cellM;
      const here = i === columns ? 0 : (codes[j * columns + i] ?? 0);
      if (here === open.code) continue;
      const seen = classOfCode(open.code);
      if (seen !== 'none') stretches.push({ y: (j + 0.5) * cellM, fromX: open.fromX, toX: fromX, class: seen });
      open = { fromX, code: here };
    }
  }
  return stretches;
}

/** By how much the ground falls in a direction. */
const fallAlong = ({ fallShare = 0 }: Scene, bearingDeg: number): number => fallShare * cosDeg(bearingDeg);

/** How far along the ground a face straight ahead of the head is still seen so finely. */
export function classReachM(scene: Scene, aim: Aim, wants: Wanted): number {
  const camera = cameraAt(scene, aim);
  const tilt = (camera.tiltDownDeg * Math.PI) / 180;
  const reach = focalPx(camera) / askedPxPerM(wants);
  // Of a lens of straight lines depth counts, of one of equal angles distance
  const drop = aim.lensM - FACE_M;
  const fall = fallAlong(scene, camera.bearingDeg);
  if (camera.model === 'rectilinear')
    return Math.max(0, (reach - drop * Math.sin(tilt)) / (Math.cos(tilt) + fall * Math.sin(tilt)));
  // d² + (drop + fall · d)² = reach²
  const [a, b] = [1 + fall * fall, drop * fall];
  return Math.max(0, (Math.sqrt(Math.max(0, b * b - a * (drop * drop - reach * reach))) - b) / a);
}

/** The nearest ground that is seen straight below the middle of the picture’s foot, from below the lens; null where none is. */
export function nearEdgeM(scene: Scene, aim: Aim): number | null {
  const camera = cameraAt(scene, aim);
  const { tiltDownDeg, heightPx, model } = camera;
  const half = model === 'equidistant' ? heightPx / 2 / focalPx(camera) : Math.atan2(heightPx / 2, focalPx(camera));
  const steepest = (tiltDownDeg * Math.PI) / 180 + half;
  if (steepest <= 0) return null;
  if (steepest >= Math.PI / 2) return 0;
  const closing = Math.tan(steepest) - fallAlong(scene, camera.bearingDeg);
  return closing <= 0 ? null : aim.lensM / closing;
}
