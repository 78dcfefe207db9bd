export { SURFACES, aimAt, lookAt, type Aim, type Joint, type Mounting, type Surface } from './aimJoint';
export { isHidden, isInside, stops, type Box, type Solid } from './boxes';
export { isInsideOutline, type Prism } from './prism';
export {
  PROJECTIONS,
  alongAxes,
  axesOf,
  directionOf,
  focalPx,
  lookOf,
  projecting,
  rayOf,
  type Axes,
  type Camera,
  type Lens,
  type Look,
  type Projecting,
  type Projection,
} from './camera';
export { isNearLine } from './cap';
export { bearingOf, cosDeg, degreesOf, radiansOf, sinDeg, turnOf } from './degrees';
export { poseFrom, type FoundPose, type PoseMark } from './pose';
export { PIXEL_CLASSES, isInFrame, pixelClass, sees, type PixelClass, type SeenPoint } from './seen';
export { angleBetween, cross, dot, lengthOf, minus, plus, times, unit, type Vec3 } from './vector';
