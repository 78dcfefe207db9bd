import { isHidden, type Solid } from './boxes';
import { alongAxes, axesOf, focalPx, projecting, type Camera, type Lens } from './camera';
import { lengthOf, minus, type Vec3 } from './vector';

/** What a picture is good for by its pixels per metre (IEC 62676-4:2014; other editions differ), the finest first. */
export const PIXEL_CLASSES = [
  { id: 'identify', fromPxPerM: 250 },
  { id: 'recognise', fromPxPerM: 125 },
  { id: 'observe', fromPxPerM: 62.5 },
  { id: 'detect', fromPxPerM: 25 },
  { id: 'monitor', fromPxPerM: 12.5 },
] as const;
export type PixelClass = (typeof PIXEL_CLASSES)[number]['id'] | 'none';

const ROUNDING = 1e-12;
/** A pixel that misses the edge by less lies on it. */
const EDGE_PX = 1e-9;

export const pixelClass = (pxPerM: number): PixelClass =>
  PIXEL_CLASSES.find(({ fromPxPerM }) => pxPerM >= fromPxPerM * (1 - ROUNDING))?.id ?? 'none';

/** How a camera sees one point. */
export interface SeenPoint {
  readonly distanceM: number;
  /** Along the way the camera looks. */
  readonly depthM: number;
  readonly inFront: boolean;
  /** Null where the point has none: behind a rectilinear camera, straight behind an equidistant one. */
  readonly pixel: readonly [number, number] | null;
  readonly inFrame: boolean;
  /** Something stands between, whether the point is in frame or not. */
  readonly hidden: boolean;
  /** On a plane at the point that faces the camera; of an equidistant lens the smaller of its two scales. */
  readonly pixelsPerMetre: number | null;
  readonly class: PixelClass | null;
}

/** Whether a pixel lies in the picture: its left and upper edge do, its right and lower do not. */
export const isInFrame = ({ widthPx, heightPx }: Lens, [x, y]: readonly [number, number]): boolean =>
  x >= -EDGE_PX && x < widthPx - EDGE_PX && y >= -EDGE_PX && y < heightPx - EDGE_PX;

/** Sees points with a camera past boxes. */
export function sees(camera: Camera, boxes: readonly Solid[]): (point: Vec3) => SeenPoint {
  const axes = axesOf(camera);
  const f = focalPx(camera);
  const project = projecting(camera);
  return (point) => {
    const offset = minus(point, camera.position);
    const [right, down, depthM] = alongAxes(axes, offset);
    const distanceM = lengthOf(offset);
    const inFront = depthM > ROUNDING * distanceM;
    const pixel = project(right, down, depthM);
    const hidden = isHidden(boxes, camera.position, point);
    const scale = camera.model === 'equidistant' ? f / distanceM : inFront ? f / depthM : null;
    return {
      distanceM,
      depthM,
      inFront,
      pixel,
      inFrame: pixel !== null && isInFrame(camera, pixel),
      hidden,
      pixelsPerMetre: scale,
      class: scale === null ? null : pixelClass(scale),
    };
  };
}
