import type { Complex } from './complex';

/**
 * A phasor with the distortion that rectifiers add beside it: what of a current is out of the source's own shape, and
 * the volts that it makes. Rms is the root of both squares.
 */
export interface DistortedPhasor {
  readonly fundamental: Complex;
  readonly distortion: Complex;
}

export const rms = ({ fundamental: f, distortion: d }: DistortedPhasor): number =>
  Math.sqrt(f.re * f.re + f.im * f.im + d.re * d.re + d.im * d.im);
