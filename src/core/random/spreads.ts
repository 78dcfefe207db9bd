import { Z95 } from './normal';

/** Nothing is drawn farther out than this many standard deviations. */
export const OUTERMOST_SIGMA = 2.5;

export const clip = (z: number): number =>
  z < -OUTERMOST_SIGMA ? -OUTERMOST_SIGMA : z > OUTERMOST_SIGMA ? OUTERMOST_SIGMA : z;

/** A log-normal spread with a width of its own on either side, ready to be drawn from. */
export interface Widths {
  readonly likely: number;
  readonly down: number;
  readonly up: number;
}

/** @param spread the 5, 50 and 95 % points */
export const widths = ([low, likely, high]: readonly [number, number, number]): Widths => ({
  likely,
  down: Math.log(likely / low) / Z95,
  up: Math.log(high / likely) / Z95,
});

/** @param z deviation from what is likely, in σ */
export const drawFrom = (spread: Widths, z: number): number =>
  spread.likely * Math.exp(clip(z) * (z >= 0 ? spread.up : spread.down));

/** Evenly between two values. @param share from 0 to 1 */
export const between = (low: number, high: number, share: number): number => low + (high - low) * share;

/** Evenly between the logarithms of two values. @param share from 0 to 1 */
export const logBetween = (low: number, high: number, share: number): number => low * (high / low) ** share;

/** Triangular between low and high with its mode at 0; all in per cent. */
export function triangular(low: number, high: number, share: number): number {
  if (high <= low) return low;
  const left = -low / (high - low);
  return share < left
    ? low + Math.sqrt(share * (high - low) * -low)
    : high - Math.sqrt((1 - share) * (high - low) * high);
}
