import type { Projection } from '../view';

/** What a floodlight camera sees, senses and lights by its data sheet, with the limits of its joint. */
export interface CameraProfile {
  readonly projection: Projection;
  readonly hfovDeg: number;
  readonly widthPx: number;
  readonly heightPx: number;
  /** How far its head turns to either side. */
  readonly panDeg: number;
  readonly headDownDeg: number;
  readonly headUpDeg: number;
  /** Reach of its level sensor from the height that the sheet gives it for, and how wide its lobe is. */
  readonly sensorReachM: number;
  readonly sensorHeightM: number;
  readonly sensorLobeDeg: number;
  readonly lamps: number;
  readonly lampLm: number;
  readonly lampBeamDeg: number;
}
