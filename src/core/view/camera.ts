import { bearingOf, cosDeg, degreesOf, radiansOf, sinDeg, turnOf } from './degrees';
import { cross, dot, minus, plus, times, type Vec3 } from './vector';

/** How a lens draws: straight lines stay straight (up to about 110°), or equal angles are equally far (above). */
export const PROJECTIONS = ['rectilinear', 'equidistant'] as const;
export type Projection = (typeof PROJECTIONS)[number];

/** What a camera is by its data sheet. */
export interface Lens {
  readonly model: Projection;
  /** Over the whole width of the picture. */
  readonly hfovDeg: number;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** How a camera looks: bearing clockwise from north, tilt positive below the horizon, roll clockwise seen from behind. */
export interface Look {
  readonly bearingDeg: number;
  readonly tiltDownDeg: number;
  readonly rollDeg: number;
}

export interface Camera extends Lens, Look {
  readonly position: Vec3;
}

/** Unit vectors in the world: where a camera looks, and where right and down of its picture lie. */
export interface Axes {
  readonly forward: Vec3;
  readonly right: Vec3;
  readonly down: Vec3;
}

/** A direction by bearing and tilt, length 1. */
export const directionOf = (bearingDeg: number, tiltDownDeg: number): Vec3 => [
  sinDeg(bearingDeg) * cosDeg(tiltDownDeg),
  cosDeg(bearingDeg) * cosDeg(tiltDownDeg),
  -sinDeg(tiltDownDeg),
];

const levelRight = (bearingDeg: number): Vec3 => [cosDeg(bearingDeg), -sinDeg(bearingDeg), 0];

/** The axes of a camera; at roll 0 `right` is level, also where it looks straight up or down. */
export function axesOf({ bearingDeg, tiltDownDeg, rollDeg }: Look): Axes {
  const forward = directionOf(bearingDeg, tiltDownDeg);
  const right = levelRight(bearingDeg);
  const down = cross(forward, right);
  const [c, s] = [cosDeg(rollDeg), sinDeg(rollDeg)];
  return { forward, right: plus(times(right, c), times(down, s)), down: minus(times(down, c), times(right, s)) };
}

/** How a camera looks whose forward and down are given, −90 ≤ tilt ≤ 90; straight up or down with bearing 0. */
export function lookOf({ forward, down }: Pick<Axes, 'forward' | 'down'>): Look {
  const level = Math.hypot(forward[0], forward[1]);
  const bearingDeg = level < 1e-12 ? 0 : bearingOf(degreesOf(Math.atan2(forward[0], forward[1])));
  const right = levelRight(bearingDeg);
  const rollDeg = turnOf(degreesOf(Math.atan2(-dot(down, right), dot(down, cross(forward, right)))));
  return { bearingDeg, tiltDownDeg: degreesOf(Math.atan2(-forward[2], level)), rollDeg };
}

/** Focal length in pixels: of a rectilinear lens per unit of depth, of an equidistant one per radian. */
export const focalPx = ({ model, hfovDeg, widthPx }: Lens): number => {
  const half = hfovDeg / 2;
  return model === 'equidistant' ? widthPx / 2 / radiansOf(half) : (widthPx / 2) * (cosDeg(half) / sinDeg(half));
};

/** What a relation must pass so that rounding does not decide it, as a share. */
const ROUNDING = 1e-12;

/**
 * The pixel of a point whose offset from the camera is given along its axes; pixels are continuous, origin top left. Null where
 * there is none: not in front of a rectilinear camera, straight behind an equidistant one.
 */
export type Projecting = (right: number, down: number, forward: number) => readonly [number, number] | null;

/** How a lens draws. */
export function projecting(lens: Lens): Projecting {
  const f = focalPx(lens);
  const [x, y] = [lens.widthPx / 2, lens.heightPx / 2];
  if (lens.model === 'rectilinear')
    return (right, down, forward) =>
      forward > ROUNDING * Math.sqrt(right * right + down * down)
        ? [x + (f * right) / forward, y + (f * down) / forward]
        : null;
  return (right, down, forward) => {
    const across = Math.sqrt(right * right + down * down);
    if (across <= ROUNDING * Math.abs(forward)) return forward > 0 ? [x, y] : null;
    const radius = (f * Math.atan2(across, forward)) / across;
    return [x + radius * right, y + radius * down];
  };
}

/** An offset from a camera along its axes. */
export const alongAxes = (
  { forward, right, down }: Axes,
  offset: Vec3,
): readonly [right: number, down: number, forward: number] => [
  dot(offset, right),
  dot(offset, down),
  dot(offset, forward),
];

/** The direction in which a pixel looks, length 1; null beyond what an equidistant lens draws. */
export function rayOf(lens: Lens, axes: Axes, pixel: readonly [number, number]): Vec3 | null {
  const f = focalPx(lens);
  const [x, y] = [pixel[0] - lens.widthPx / 2, pixel[1] - lens.heightPx / 2];
  const radius = Math.hypot(x, y);
  const angle = lens.model === 'rectilinear' ? Math.atan2(radius, f) : radius / f;
  if (angle > Math.PI) return null;
  const out = radius === 0 ? 0 : Math.sin(angle) / radius;
  return plus(times(axes.forward, Math.cos(angle)), plus(times(axes.right, out * x), times(axes.down, out * y)));
}
