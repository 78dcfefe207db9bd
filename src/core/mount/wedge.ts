import type { Wedge } from '../catalogue';
import { radiansOf } from '../view';
import { METRES_PER_INCH, type LengthSystem } from '../units';
import { WALL_FIXINGS, type Wall } from './wall';

// Wedges about one axis add up; those that turn go on the wall, those that tilt outside of them.

/** So many wedges about one axis are screwed through at most. */
const MOST_ABOUT_AXIS = 2;
/** Of a wedge that nobody holds. */
const USUAL_THIN_M = 0.003;

/** Two figures of degrees nearer than this are one wedge. */
const SAME_DEG = 0.25;

/** Wedges about an axis that go together, the fewest first. */
function togetherAbout(wedges: readonly Wedge[], axis: Wedge['axis'], most: number): readonly (readonly Wedge[])[] {
  const held = wedges.filter((one) => one.axis === axis);
  const pairs = most < MOST_ABOUT_AXIS ? [] : held.flatMap((one, i) => held.slice(i + 1).map((other) => [one, other]));
  return [[], ...held.map((one) => [one]), ...pairs];
}

const sumOf = (wedges: readonly Wedge[]): number => wedges.reduce((sum, { deg }) => sum + deg, 0);

/**
 * Angles about an axis that can be built, to either side: a wedge looks one way or, turned round, the other.
 * @param most wedges about the axis
 */
export function anglesOf(wedges: readonly Wedge[], axis: Wedge['axis'], most: number): readonly number[] {
  const sums = togetherAbout(wedges, axis, most).map(sumOf);
  return [...new Set(sums.flatMap((deg) => (deg === 0 ? [0] : [-deg, deg])))].sort((a, b) => a - b);
}

/** The fewest wedges about an axis that make an angle; where those held make none, one that would have to be had. */
export function wedgesFor(wedges: readonly Wedge[], axis: Wedge['axis'], deg: number): readonly Wedge[] {
  const found = togetherAbout(wedges, axis, MOST_ABOUT_AXIS).find(
    (together) => Math.abs(sumOf(together) - Math.abs(deg)) < SAME_DEG,
  );
  return found ?? [{ axis, deg: Math.abs(deg), thinM: USUAL_THIN_M }];
}

/** Whether an angle can be built of the wedges held. */
export const isHeld = (wedges: readonly Wedge[], axis: Wedge['axis'], deg: number): boolean =>
  anglesOf(wedges, axis, MOST_ABOUT_AXIS).some((one) => Math.abs(one - deg) < SAME_DEG);

/** How far apart a plate’s ends are, metres. */
interface Plate {
  readonly height: number;
  readonly width: number;
}
interface Angles {
  readonly tiltDeg: number;
  readonly sideDeg: number;
}

/** From the wall out: those that turn, then those that tilt. */
export const stackOf = (wedges: readonly Wedge[], { tiltDeg, sideDeg }: Angles): readonly Wedge[] => [
  ...wedgesFor(wedges, 'side', sideDeg),
  ...wedgesFor(wedges, 'tilt', tiltDeg),
];

/** Thickness of a stack so far from the thin end of each of its wedges, as a share of the plate or a length along it. */
const thickAt = (stack: readonly Wedge[], along: (axis: Wedge['axis']) => number): number =>
  stack.reduce((sum, { axis, deg, thinM }) => sum + thinM + along(axis) * Math.tan(radiansOf(deg)), 0);

/** How far a stack of wedges stands out behind the middle of the plate. */
export const stackProudM = (wedges: readonly Wedge[], plate: Plate, angles: Angles): number =>
  thickAt(stackOf(wedges, angles), (axis) => (axis === 'tilt' ? plate.height : plate.width) / 2);

/** Thickness of the device’s own plate. */
const PLATE_M = 0.004;
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
 * @param stack wedges under the plate
 */
export function screwFor(wall: Wall, plate: Plate, stack: readonly Wedge[], lengths: LengthSystem): ScrewAdvice {
  const hole = (axis: Wedge['axis']): number => (axis === 'tilt' ? plate.height : plate.width) - HOLE_FROM_END_M;
  const stackM = PLATE_M + thickAt(stack, hole);
  const { coverM, anchorM, screwDiameterM, biteM } = WALL_FIXINGS[wall];
  const neededM = stackM + coverM + (anchorM > 0 ? anchorM + screwDiameterM : biteM);
  return { stackM, neededM, stockM: STOCK_M[lengths].find((length) => length >= neededM - 1e-9) ?? null };
}
