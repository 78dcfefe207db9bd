import { cosDeg, degreesOf, isHidden, radiansOf, sinDeg } from '../view';
import type { CameraProfile } from '../catalogue';
import { lensPlace, placeAt, type Aim, type Scene, type Target } from './scene';
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

/**
 * The highest ray of a level sensor meets a body at its rated reach from its rated height, α₀ = atan((h₀ − 1) / reach₀); at
 * another height and nose-down by δ it reaches (h − 1) / tan(α₀ + δ).
 */
export function sensorReach(
  { sensorReachM, sensorHeightM }: Pick<CameraProfile, 'sensorReachM' | 'sensorHeightM'>,
  { lensM, sensorDownDeg: noseDownDeg = 0 }: SensorHangs,
): SensorReach {
  const over = Math.max(0, lensM - BODY_M);
  const highest = degreesOf(Math.atan2(sensorHeightM - BODY_M, sensorReachM)) + noseDownDeg;
  const most = MOST_SHARE * sensorReachM;
  const reachM = highest <= 0 ? most : Math.min(most, over / Math.tan(radiansOf(highest)));
  const lowest = LOWEST_DEG + noseDownDeg;
  return { reachM, blindM: lowest >= 90 ? 0 : over / Math.tan(radiansOf(lowest)) };
}

/** Whether a body at a target is sensed by a sensor that looks straight out of the wall; not through what stands between. */
export function isSensed(scene: Scene, aim: SensorHangs, target: Target): boolean {
  const { reachM, blindM } = sensorReach(scene.camera, aim);
  const { distanceM, turnDeg } = target;
  return (
    distanceM <= reachM &&
    distanceM >= blindM &&
    Math.abs(turnDeg) <= scene.camera.sensorLobeDeg / 2 &&
    !isHidden(boxesFor(scene, target), lensPlace(scene, aim), placeAt(target, BODY_M))
  );
}

/** The edge of what is sensed, as places on the ground, from left to right. */
export function sensorLobe(
  camera: Pick<CameraProfile, 'sensorReachM' | 'sensorHeightM' | 'sensorLobeDeg'>,
  aim: SensorHangs,
): readonly (readonly [number, number])[] {
  const { reachM } = sensorReach(camera, aim);
  const half = camera.sensorLobeDeg / 2;
  return Array.from({ length: 25 }, (_, i) => {
    const turn = -half + (i * camera.sensorLobeDeg) / 24;
    return [reachM * sinDeg(turn), reachM * cosDeg(turn)] as const;
  });
}
