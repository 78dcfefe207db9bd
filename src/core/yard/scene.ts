import type { CameraProfile } from '../catalogue';
import { type Box, type Camera, type Joint, type Lens, type Look, type Mounting, type Solid, type Vec3 } from '../view';
import type { ShapeKind, SolidShape } from '../site';
import { lookAt } from '../view';
import { groundAt, overTarget, type Ground, type Level } from './ground';
import { placeAt, type Obstacle, type Target, type TargetKind } from './placed';

export type { Obstacle, ObstacleKind, Target, TargetKind, Wanted, Where } from './placed';

// The yard before a fixture: x to the right looking out of the wall, y away from it, z up; the origin is on the ground below
// the lens, in the wall.

/** How a head hangs: lens over ground, and where its joint stands. */
export interface Aim {
  readonly lensM: number;
  readonly panDeg: number;
  readonly jointDeg: number;
  /** How it was measured to look, straight out of the wall being north: goes before what its joint should give. */
  readonly measured?: Look;
  /** How its lamps stand: down, and each to its side of where the head looks; as usual where nobody said. */
  readonly lampDownDeg?: number;
  readonly lampOutDeg?: number;
  /** By how much its sensor points down; level where nobody said. */
  readonly sensorDownDeg?: number;
}

/** A way that people walk, as places on the ground. */
export type Walk = readonly (readonly [number, number])[];

/** What is no business of the camera: an area on the ground, or a window as an upright one. */
export interface PrivateArea {
  readonly id: string;
  readonly what: ShapeKind;
  readonly corners: readonly Vec3[];
}

/** What of the plan of the site lies before a point, in its own frame. */
export interface Surroundings {
  readonly solids: readonly SolidShape[];
  readonly walks: readonly Walk[];
  readonly areas: readonly PrivateArea[];
  /** Ground that lies higher or lower, in the order in which it was drawn. */
  readonly levels: readonly Level[];
  /** How the ground about them lies to that below the lens: less than 0 where a ladder stands on a terrace. */
  readonly baseM: number;
}

/** All that decides what a camera sees before its wall. */
export interface Scene {
  readonly camera: CameraProfile;
  readonly surface: Mounting['surface'];
  readonly targets: readonly Target[];
  readonly obstacles: readonly Obstacle[];
  /** By how much the eave stands out under which it hangs; null where nobody said, or it hangs on a wall. */
  readonly overhangM?: number | null;
  /** By how much a bracket turns its plate, to the right looking out; and how much farther out it holds it. */
  readonly turnedDeg?: number;
  readonly outM?: number;
  /** By how much the ground falls away from the wall, metres in a metre; less than 0 where it rises. */
  readonly fallShare?: number;
  /** Null where the point is on no plan: then the house is a straight wall. */
  readonly around?: Surroundings | null;
}

/** Of a face over the ground, where a class is asked of it. */
export const FACE_M = 1.5;
/** How high what is looked at stands. Engineering defaults. */
export const LOOKED_AT_M: Readonly<Record<TargetKind, number>> = {
  gate: FACE_M,
  door: FACE_M,
  path: FACE_M,
  car: 0.8,
  bins: 0.7,
  window: FACE_M,
  street: 0,
  garden: 0,
  other: FACE_M,
};
/** The lens stands before the wall, or below the eave: an engineering default. */
const BEFORE_WALL_M = 0.15;
/** The house itself, wide and high enough to hide all that is behind it. */
const HOUSE: Box = { min: [-60, -40, -1], max: [60, 0, 30] };

/** Where somebody stands whose face is looked for; what else is looked at is a thing. */
const VISITED: ReadonlySet<TargetKind> = new Set(['gate', 'door', 'path', 'other']);
export const isVisited = ({ what }: Pick<Target, 'what'>): boolean => VISITED.has(what);

/** Where a target is looked at. */
export const targetPlace = (ground: Ground, target: Target): Vec3 =>
  overTarget(ground, target, LOOKED_AT_M[target.what]);

export const lensOf = ({ projection, hfovDeg, widthPx, heightPx }: CameraProfile): Lens => ({
  model: projection,
  hfovDeg,
  widthPx,
  heightPx,
});

/** Limits of a head’s joint: no joint of ours tilts past straight down. */
export const jointOf = ({ panDeg, headUpDeg, headDownDeg }: CameraProfile): Joint => ({
  panDeg: [-panDeg, panDeg],
  tiltDeg: [-Math.min(90, headUpDeg), Math.min(90, headDownDeg)],
});

/** Under an eave a fixture hangs so far inside of its edge. */
const INSIDE_EAVE_M = 0.15;

export const lensPlace = (
  { overhangM, outM = 0 }: Pick<Scene, 'overhangM' | 'outM'>,
  { lensM }: Pick<Aim, 'lensM'>,
): Vec3 => [0, Math.max(BEFORE_WALL_M, (overhangM ?? 0) - INSIDE_EAVE_M) + outM, lensM];

/** Straight out of the wall is north here. */
export const mountingOf = ({ surface, turnedDeg = 0 }: Pick<Scene, 'surface' | 'turnedDeg'>): Mounting => ({
  surface,
  outDeg: turnedDeg,
});

/** The camera as it hangs; under an eave the app turns the picture the right way up again. */
export function cameraAt(scene: Scene, aim: Aim): Camera & { readonly isTurned: boolean } {
  if (aim.measured)
    return { ...lensOf(scene.camera), ...aim.measured, position: lensPlace(scene, aim), isTurned: false };
  const look = lookAt(mountingOf(scene), aim.panDeg, aim.jointDeg);
  const isTurned = Math.abs(look.rollDeg) > 90;
  const rollDeg = isTurned ? look.rollDeg - Math.sign(look.rollDeg) * 180 : look.rollDeg;
  return { ...lensOf(scene.camera), ...look, rollDeg, position: lensPlace(scene, aim), isTurned };
}

/** Whether an obstacle is what is to be seen: a car is not hidden by itself. */
export const isItself = (obstacle: Obstacle, target: Target): boolean => {
  if (obstacle.stands !== target.what) return false;
  const [[x, y], [a, b]] = [placeAt(obstacle), placeAt(target)];
  return Math.abs(x - a) <= obstacle.widthM && Math.abs(y - b) <= obstacle.depthM;
};

/** An obstacle as a box along the wall, on its ground. */
export function boxOf(ground: Ground, one: Obstacle): Box {
  const [x, y] = placeAt(one);
  const z = groundAt(ground, [x, y]);
  return {
    min: [x - one.widthM / 2, y - one.depthM / 2, z],
    max: [x + one.widthM / 2, y + one.depthM / 2, z + one.tallM],
  };
}

/** What the plan has standing there; without a plan the house as a straight wall. */
const surroundings = ({ around }: Pick<Scene, 'around'>): readonly Solid[] =>
  around ? around.solids.map(({ prism }) => prism) : [HOUSE];

/** All that stands in the way, the house too. */
export const standing = (scene: Pick<Scene, 'obstacles' | 'around' | 'fallShare'>): readonly Solid[] => [
  ...surroundings(scene),
  ...scene.obstacles.map((one) => boxOf(scene, one)),
];
