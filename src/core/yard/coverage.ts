import {
  alongAxes,
  axesOf,
  focalPx,
  isHidden,
  isInFrame,
  isInside,
  minus,
  pixelClass,
  projecting,
  type PixelClass,
  type Vec3,
} from '../view';
import { FACE_M, standing, cameraAt, lensPlace, type Aim, type Scene, type Wanted } from './scene';
import { askedPxPerM } from './seenTarget';

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

/** How finely a face is seen at every place of a yard, clipped by what stands in the way; rows from the wall away. */
export function coverageOf(scene: Scene, aim: Aim, { acrossM, awayM, cellM }: Extent): readonly Stretch[] {
  const camera = cameraAt(scene, aim);
  const axes = axesOf(camera);
  const project = projecting(camera);
  const f = focalPx(camera);
  const lens = lensPlace(scene, aim);
  const boxes = standing(scene);
  const classAt = (place: Vec3): PixelClass => {
    const offset = minus(place, lens);
    const [right, down, forward] = alongAxes(axes, offset);
    const pixel = project(right, down, forward);
    if (!pixel || !isInFrame(camera, pixel)) return 'none';
    const depth = camera.model === 'equidistant' ? Math.hypot(...offset) : forward;
    const seen = pixelClass(f / depth);
    if (seen === 'none' || boxes.some((box) => isInside(box, place)) || isHidden(boxes, lens, place)) return 'none';
    return seen;
  };
  const stretches: Stretch[] = [];
  const columns = Math.round((2 * acrossM) / cellM);
  for (let y = cellM / 2; y < awayM; y += cellM) {
    let open: { fromX: number; class: PixelClass } = { fromX: -acrossM, class: 'none' };
    for (let i = 0; i <= columns; i++) {
      const fromX = -acrossM + i * cellM;
      const here = i === columns ? 'none' : classAt([fromX + cellM / 2, y, FACE_M]);
      if (here === open.class) continue;
      if (open.class !== 'none') stretches.push({ y, fromX: open.fromX, toX: fromX, class: open.class });
      open = { fromX, class: here };
    }
  }
  return stretches;
}

/** How far along the ground a face straight ahead of the head is still seen so finely. */
export function classReachM(scene: Scene, aim: Aim, wants: Wanted): number {
  const camera = cameraAt(scene, aim);
  const tilt = (camera.tiltDownDeg * Math.PI) / 180;
  const reach = focalPx(camera) / askedPxPerM(wants);
  // Of a lens of straight lines depth counts, of one of equal angles distance
  const drop = aim.lensM - FACE_M;
  return camera.model === 'equidistant'
    ? Math.sqrt(Math.max(0, reach ** 2 - drop ** 2))
    : Math.max(0, (reach - drop * Math.sin(tilt)) / Math.cos(tilt));
}

/** The nearest ground that is seen straight below the middle of the picture’s foot, from below the lens; null where none is. */
export function nearEdgeM(scene: Scene, aim: Aim): number | null {
  const camera = cameraAt(scene, aim);
  const { tiltDownDeg, heightPx, model } = camera;
  const half = model === 'equidistant' ? heightPx / 2 / focalPx(camera) : Math.atan2(heightPx / 2, focalPx(camera));
  const steepest = (tiltDownDeg * Math.PI) / 180 + half;
  if (steepest <= 0) return null;
  return steepest >= Math.PI / 2 ? 0 : aim.lensM / Math.tan(steepest);
}
