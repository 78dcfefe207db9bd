import { lookOf, type Look } from './camera';
import { cosDeg, degreesOf, sinDeg } from './degrees';
import { angleBetween, cross, minus, plus, times, unit, type Vec3 } from './vector';

/** What a fixture hangs on: a wall, or the soffit under an eave. */
export const SURFACES = ['wall', 'eave'] as const;
export type Surface = (typeof SURFACES)[number];

/** Both limits are allowed: −180 ≤ pan ≤ 180, −90 ≤ tilt ≤ 90, degrees. */
export interface Joint {
  readonly panDeg: readonly [number, number];
  readonly tiltDeg: readonly [number, number];
}

export interface Mounting {
  readonly surface: Surface;
  /** Bearing out of the wall; under an eave, away from the house. */
  readonly outDeg: number;
}

/** Where a joint stands, and how its head looks then. */
export interface Aim extends Look {
  readonly panDeg: number;
  readonly tiltDeg: number;
  /** Angle between where it looks and the line to the target. */
  readonly missDeg: number;
  readonly reached: boolean;
}

/** The fixture’s own axes: out of the surface, its top, and out × top. */
interface Own {
  readonly out: Vec3;
  readonly top: Vec3;
  readonly side: Vec3;
}

function ownAxes({ surface, outDeg }: Mounting): Own {
  const away: Vec3 = [sinDeg(outDeg), cosDeg(outDeg), 0];
  // Under an eave the top points back to the house: mounted the other way round its tilt would look back under the eave
  const [out, top]: readonly [Vec3, Vec3] = surface === 'wall' ? [away, [0, 0, 1]] : [[0, 0, -1], times(away, -1)];
  return { out, top, side: cross(out, top) };
}

/** Where the head of a joint looks, and where the bottom of its picture lies. */
function headOf({ out, top, side }: Own, panDeg: number, tiltDeg: number) {
  const turned = plus(times(out, cosDeg(panDeg)), times(side, sinDeg(panDeg)));
  return {
    forward: minus(times(turned, cosDeg(tiltDeg)), times(top, sinDeg(tiltDeg))),
    down: minus(times(turned, -sinDeg(tiltDeg)), times(top, cosDeg(tiltDeg))),
  };
}

/** How a head looks whose joint stands so. */
export const lookAt = (mounting: Mounting, panDeg: number, tiltDeg: number): Look =>
  lookOf(headOf(ownAxes(mounting), panDeg, tiltDeg));

const clamped = (value: number, [low, high]: readonly [number, number]): number => Math.min(high, Math.max(low, value));

/** Angles within a range among which the nearest to a wanted one is, by whole turns too, with its ends and what is nearest to 0. */
const candidates = (wanted: number, range: readonly [number, number]): readonly number[] => [
  ...[wanted - 360, wanted, wanted + 360].map((one) => clamped(one, range)),
  clamped(0, range),
  ...range,
];

const REACHED_DEG = 1e-6;
/** Misses that differ by less are equal, degrees. */
const EQUAL_DEG = 1e-9;

/** Which of two equal aims: least pan, least tilt, then the greater pan and tilt. */
const byEase = (a: Pick<Aim, 'panDeg' | 'tiltDeg'>, b: Pick<Aim, 'panDeg' | 'tiltDeg'>): number => {
  const steps = [
    Math.abs(a.panDeg) - Math.abs(b.panDeg),
    Math.abs(a.tiltDeg) - Math.abs(b.tiltDeg),
    b.panDeg - a.panDeg,
    b.tiltDeg - a.tiltDeg,
  ];
  return steps.find((step) => Math.abs(step) > EQUAL_DEG) ?? 0;
};

/**
 * How a joint has to stand for its head to look at a place, or how near it comes. With pan ψ and tilt θ the cosine of the miss
 * is cos θ (cos ψ qₙ + sin ψ qᵣ) − sin θ qᵤ, q the line to the target along the fixture’s axes: for each tilt the best pan is
 * the one nearest to atan2(qᵣ, qₙ), and then the best tilt the one nearest to where the head would look straight at it.
 * @param target another place than `position`
 */
export function aimAt(mounting: Mounting, position: Vec3, joint: Joint, target: Vec3): Aim {
  const own = ownAxes(mounting);
  const wanted = unit(minus(target, position));
  const along = (axis: Vec3): number => wanted[0] * axis[0] + wanted[1] * axis[1] + wanted[2] * axis[2];
  const [n, r, u] = [along(own.out), along(own.side), along(own.top)];
  const tried = candidates(degreesOf(Math.atan2(r, n)), joint.panDeg).flatMap((panDeg) => {
    const ahead = cosDeg(panDeg) * n + sinDeg(panDeg) * r;
    return candidates(degreesOf(Math.atan2(-u, ahead)), joint.tiltDeg).map((tiltDeg) => {
      const head = headOf(own, panDeg, tiltDeg);
      return { panDeg, tiltDeg, head, missDeg: degreesOf(angleBetween(head.forward, wanted)) };
    });
  });
  const least = Math.min(...tried.map(({ missDeg }) => missDeg));
  const [best] = tried.filter(({ missDeg }) => missDeg <= least + EQUAL_DEG).sort(byEase);
  if (!best) throw new Error('a joint has no position');
  const { head, ...aim } = best;
  return { ...aim, reached: aim.missDeg <= REACHED_DEG, ...lookOf(head) };
}
