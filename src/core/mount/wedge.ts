import { METRES_PER_INCH, type LengthSystem } from '../units';
import { PLATE_M, THIN_END_M } from './doorScene';
import { WALL_FIXINGS, type Wall } from './wall';

/** Wedges of the catalogue, degrees. */
export const TILT_WEDGES = [4, 8, 12] as const;
export const SIDE_WEDGES = [20, 35] as const;

/** A screw hole sits this far from the plate's end. */
const HOLE_FROM_END_M = 0.012;

/** Screw lengths that are stocked, metres: by millimetres, or by the inch where lengths are read in inches. */
const STOCK_M: Readonly<Record<LengthSystem, readonly number[]>> = {
  metric: [0.02, 0.025, 0.03, 0.035, 0.04, 0.045, 0.05, 0.06, 0.07, 0.08, 0.1, 0.12],
  imperial: [0.75, 1, 1.25, 1.5, 1.75, 2, 2.25, 2.5, 3, 3.5, 4, 5].map((inches) => inches * METRES_PER_INCH),
};

export interface ScrewAdvice {
  /** Stack at the hole farthest out, the device's plate included. */
  readonly stackM: number;
  readonly neededM: number;
  /** The next stocked length; null where none is long enough. */
  readonly stockM: number | null;
}

/**
 * Screw for a bracket stack: thickness at the hole + cover + the anchor's whole length + one diameter, or the bite where
 * no anchor is used (domain/mount). Wedges about one axis and across it add up.
 */
export function screwFor(
  wall: Wall,
  plate: { readonly height: number; readonly width: number },
  tiltDeg: number,
  sideDeg: number,
  lengths: LengthSystem,
): ScrewAdvice {
  const wedge = (deg: number, span: number): number =>
    deg === 0 ? 0 : THIN_END_M + (span - HOLE_FROM_END_M) * Math.tan((Math.abs(deg) * Math.PI) / 180);
  const stackM = PLATE_M + wedge(tiltDeg, plate.height) + wedge(sideDeg, plate.width);
  const { coverM, anchorM, screwDiameterM, biteM } = WALL_FIXINGS[wall];
  const neededM = stackM + coverM + (anchorM > 0 ? anchorM + screwDiameterM : biteM);
  return { stackM, neededM, stockM: STOCK_M[lengths].find((length) => length >= neededM - 1e-9) ?? null };
}
