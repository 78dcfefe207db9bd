import type { CameraProfile } from '../catalogue';
import type { Target } from './scene';

/** A floodlight camera whose figures are easy to work with by hand: 1000 px of focal length. */
export const CAMERA: CameraProfile = {
  projection: 'rectilinear',
  hfovDeg: 90,
  widthPx: 2000,
  heightPx: 1200,
  panDeg: 90,
  headDownDeg: 60,
  headUpDeg: 10,
  sensorReachM: 9,
  sensorHeightM: 2.9,
  sensorLobeDeg: 180,
  lamps: 2,
  lampLm: 1000,
  lampBeamDeg: 90,
};

/** A gate that was taped, or what is said of it. */
export const target = (id: string, distanceM: number, turnDeg: number, more: Partial<Target> = {}): Target => ({
  id,
  what: 'gate',
  wants: 'recognise',
  how: 'taped',
  distanceM,
  turnDeg,
  ...more,
});
