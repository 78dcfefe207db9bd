import type { CameraProfile } from '../catalogue';
import type { OBSTACLES, TARGETS, WANTED } from '../kinds/yard';
import {
  cosDeg,
  sinDeg,
  type Box,
  type Camera,
  type Joint,
  type Lens,
  type Look,
  type Mounting,
  type Vec3,
} from '../view';
import { lookAt } from '../view';

// The yard before a fixture: x to the right looking out of the wall, y away from it, z up; the origin is on the ground below
// the lens, in the wall.

export type TargetKind = (typeof TARGETS)[number];
export type Wanted = (typeof WANTED)[number];
export type ObstacleKind = (typeof OBSTACLES)[number];

/** Where something is: along the ground from below the lens, and by how much to the right. */
export interface Where {
  readonly distanceM: number;
  readonly turnDeg: number;
  readonly how: 'paced' | 'taped';
}

/** Something that is to be seen, or not. */
export interface Target extends Where {
  readonly id: string;
  readonly what: TargetKind;
  readonly wants: Wanted;
}

/** Something that stands in the way; its middle is where it is measured to. */
export interface Obstacle extends Where {
  readonly id: string;
  readonly stands: ObstacleKind;
  readonly widthM: number;
  readonly depthM: number;
  readonly tallM: number;
}

/** How a head hangs: lens over ground, and where its joint stands. */
export interface Aim {
  readonly lensM: number;
  readonly panDeg: number;
  readonly jointDeg: number;
  /** How it was measured to look, straight out of the wall being north: goes before what its joint should give. */
  readonly measured?: Look;
  /** By how much its sensor points down; level where nobody said. */
  readonly sensorDownDeg?: number;
}

/** All that decides what a camera sees before its wall. */
export interface Scene {
  readonly camera: CameraProfile;
  readonly surface: Mounting['surface'];
  readonly targets: readonly Target[];
  readonly obstacles: readonly Obstacle[];
}

/** Of a face over the ground, where a class is asked of it. */
export const FACE_M = 1.5;
/** How high what is looked at stands. Engineering defaults. */
const LOOKED_AT_M: Readonly<Record<TargetKind, number>> = {
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

/** A place on the ground, raised. */
export const placeAt = ({ distanceM, turnDeg }: Pick<Where, 'distanceM' | 'turnDeg'>, heightM: number): Vec3 => [
  distanceM * sinDeg(turnDeg),
  distanceM * cosDeg(turnDeg),
  heightM,
];

/** Where a target is looked at. */
export const targetPlace = (target: Target): Vec3 => placeAt(target, LOOKED_AT_M[target.what]);

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

export const lensPlace = ({ lensM }: Pick<Aim, 'lensM'>): Vec3 => [0, BEFORE_WALL_M, lensM];

/** Straight out of the wall is north here. */
export const mountingOf = ({ surface }: Pick<Scene, 'surface'>): Mounting => ({ surface, outDeg: 0 });

/** The camera as it hangs; under an eave the app turns the picture the right way up again. */
export function cameraAt(scene: Scene, aim: Aim): Camera & { readonly isTurned: boolean } {
  if (aim.measured) return { ...lensOf(scene.camera), ...aim.measured, position: lensPlace(aim), isTurned: false };
  const look = lookAt(mountingOf(scene), aim.panDeg, aim.jointDeg);
  const isTurned = Math.abs(look.rollDeg) > 90;
  const rollDeg = isTurned ? look.rollDeg - Math.sign(look.rollDeg) * 180 : look.rollDeg;
  return { ...lensOf(scene.camera), ...look, rollDeg, position: lensPlace(aim), isTurned };
}

/** Whether an obstacle is what is to be seen: a car is not hidden by itself. */
export const isItself = (obstacle: Obstacle, target: Target): boolean => {
  if (obstacle.stands !== target.what) return false;
  const [[x, y], [a, b]] = [placeAt(obstacle, 0), placeAt(target, 0)];
  return Math.abs(x - a) <= obstacle.widthM && Math.abs(y - b) <= obstacle.depthM;
};

/** What stands in the way, as boxes along the wall; the house is one of them. */
export const boxesOf = ({ obstacles }: Pick<Scene, 'obstacles'>): readonly Box[] => [
  HOUSE,
  ...obstacles.map((one): Box => {
    const [x, y] = placeAt(one, 0);
    return {
      min: [x - one.widthM / 2, y - one.depthM / 2, 0],
      max: [x + one.widthM / 2, y + one.depthM / 2, one.tallM],
    };
  }),
];
