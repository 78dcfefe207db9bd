import { cosDeg, degreesOf, isHidden, radiansOf, sinDeg, turnOf, type Solid, type Vec3 } from '../view';
import type { CameraProfile } from '../catalogue';
import { groundAt, overTarget } from './ground';
import { lensPlace, standing, type Aim, type Scene, type Target } from './scene';
import { boxesFor } from './seenTarget';

/** How far a motion sensor senses on the ground, and from where on (domain/mount). */
export interface SensorReach {
  readonly reachM: number;
  readonly blindM: number;
}

/** A body is met at this height; the lowest ray of a level sensor. Engineering defaults of the profile. */
const BODY_M = 1;
const LOWEST_DEG = 60;
/** A sensor never reaches farther than this share of its rating. */
const MOST_SHARE = 1.1;

/** What of how a fixture hangs its sensor needs. */
type SensorHangs = Pick<Aim, 'lensM' | 'sensorDownDeg'>;

/** Its highest and its lowest ray, degrees below the horizon. */
const raysOf = (
  { sensorReachM, sensorHeightM }: Pick<CameraProfile, 'sensorReachM' | 'sensorHeightM'>,
  { sensorDownDeg = 0 }: SensorHangs,
) => ({
  highestDeg: degreesOf(Math.atan2(sensorHeightM - BODY_M, sensorReachM)) + sensorDownDeg,
  lowestDeg: Math.min(90, LOWEST_DEG + sensorDownDeg),
});

/** Where a ray meets bodies on ground that falls so much in a metre; infinite where it never does. */
const meetsM = (overM: number, rayDeg: number, fallShare: number): number => {
  const closing = Math.tan(radiansOf(rayDeg)) - fallShare;
  return closing <= 0 ? Infinity : overM / closing;
};

/**
 * The highest ray of a level sensor meets a body at its rated reach from its rated height, α₀ = atan((h₀ − 1) / reach₀); at
 * another height and nose-down by δ it reaches (h − 1) / tan(α₀ + δ), farther where the ground falls away.
 * @param fallShare of the ground in the direction that is asked about, metres in a metre
 */
export function sensorReach(
  camera: Pick<CameraProfile, 'sensorReachM' | 'sensorHeightM'>,
  hangs: SensorHangs,
  fallShare = 0,
): SensorReach {
  const overM = Math.max(0, hangs.lensM - BODY_M);
  const { highestDeg, lowestDeg } = raysOf(camera, hangs);
  return {
    reachM: Math.min(MOST_SHARE * camera.sensorReachM, meetsM(overM, highestDeg, fallShare)),
    blindM: lowestDeg >= 90 ? 0 : meetsM(overM, lowestDeg, fallShare),
  };
}

/** Whether a body at a place is met by a sensor that looks straight out of its plate; not through what stands between. */
function isMet(scene: Scene, hangs: SensorHangs, body: Vec3, solids: readonly Solid[]): boolean {
  const { highestDeg, lowestDeg } = raysOf(scene.camera, hangs);
  const away = Math.hypot(body[0], body[1]);
  const downDeg = degreesOf(Math.atan2(hangs.lensM - body[2], away));
  return (
    away <= MOST_SHARE * scene.camera.sensorReachM &&
    downDeg >= highestDeg - 1e-9 &&
    downDeg <= lowestDeg + 1e-9 &&
    Math.abs(turnOf(degreesOf(Math.atan2(body[0], body[1])) - (scene.turnedDeg ?? 0))) <=
      scene.camera.sensorLobeDeg / 2 &&
    !isHidden(solids, lensPlace(scene, hangs), body)
  );
}

/** Whether a body at a target is sensed. */
export const isSensed = (scene: Scene, hangs: SensorHangs, target: Target): boolean =>
  isMet(scene, hangs, overTarget(scene, target, BODY_M), boxesFor(scene, target));

/** Whether a body on the ground at a place is sensed. */
export const isSensedAt = (scene: Scene, hangs: SensorHangs, [x, y]: readonly [number, number]): boolean =>
  isMet(scene, hangs, [x, y, groundAt(scene, [x, y]) + BODY_M], standing(scene));

/** Where the sensor fired at somebody who walked across, so far off, as places on the ground from left to right. */
export function firedArc(
  { camera, turnedDeg = 0 }: Pick<Scene, 'camera' | 'turnedDeg'>,
  metres: number,
): readonly (readonly [number, number])[] {
  const half = camera.sensorLobeDeg / 2;
  return Array.from({ length: 25 }, (_, i) => {
    const turn = turnedDeg - half + (i * camera.sensorLobeDeg) / 24;
    return [metres * sinDeg(turn), metres * cosDeg(turn)] as const;
  });
}

/** The edge of what is sensed, as places on the ground, from left to right. */
export function sensorLobe(
  { camera, fallShare = 0, turnedDeg = 0 }: Pick<Scene, 'camera' | 'fallShare' | 'turnedDeg'>,
  hangs: SensorHangs,
): readonly (readonly [number, number])[] {
  const half = camera.sensorLobeDeg / 2;
  return Array.from({ length: 25 }, (_, i) => {
    const turn = turnedDeg - half + (i * camera.sensorLobeDeg) / 24;
    const { reachM } = sensorReach(camera, hangs, fallShare * cosDeg(turn));
    return [reachM * sinDeg(turn), reachM * cosDeg(turn)] as const;
  });
}
