import type { FixtureProfile } from '../catalogue';

type Joints = Pick<FixtureProfile, 'madeFor' | 'headDownDeg' | 'headUpDeg' | 'sensorDownDeg'>;

/** How a fixture can look and sense from where it hangs. */
export interface HangingPose {
  /** How far below the horizon the camera is to look, °. */
  readonly wantedDeg: number;
  /** How near the head’s joint comes to it: 0 where it gets there. */
  readonly headMissDeg: number;
  /** How far from level the sensor stays at best. */
  readonly sensorMissDeg: number;
  readonly can: boolean;
  /** It is made for such a place by its own instructions. */
  readonly madeForIt: boolean;
}

/** Where the camera is to look: a face at this height, this far out. Engineering defaults. */
const TARGET = { heightM: 1.5, distanceM: 6 } as const;
/** A sensor further from level than this loses reach (domain/mount); a bubble’s breadth. Engineering default. */
const LEVEL_WITHIN_DEG = 3;

/** How far below the horizon a camera at a height looks at the usual target, °. */
export const lookDownDeg = (heightM: number): number =>
  (Math.atan2(heightM - TARGET.heightM, TARGET.distanceM) * 180) / Math.PI;

/**
 * Whether camera and sensor can be as they should from a wall or under an eave. Joints turn from the plate’s normal: on a
 * wall that is the horizon, under an eave straight down, so that the same joint has to turn back by what is left to 90°.
 */
export function hangingPose(
  { madeFor, headDownDeg, headUpDeg, sensorDownDeg }: Joints,
  on: 'wall' | 'eave',
  wantedDeg: number,
): HangingPose {
  const over = (needed: number, limit: number): number => Math.max(0, needed - limit);
  const headMissDeg =
    on === 'wall'
      ? Math.max(over(wantedDeg, headDownDeg), over(-wantedDeg, headUpDeg))
      : over(90 - wantedDeg, headDownDeg);
  const sensorMissDeg = on === 'wall' ? 0 : over(90, sensorDownDeg);
  return {
    wantedDeg,
    headMissDeg,
    sensorMissDeg,
    can: headMissDeg < 1e-9 && sensorMissDeg <= LEVEL_WITHIN_DEG,
    madeForIt: madeFor === 'both' || madeFor === on,
  };
}
