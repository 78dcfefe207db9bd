import { figureOf, textOf } from './shelf';
import type { Values } from './column';

/** About which axis a wedge turns a device: up and down, or to the side. */
export const WEDGE_AXES = ['tilt', 'side'] as const;

/** A wedge between a plate and its wall. */
export interface Wedge {
  readonly axis: (typeof WEDGE_AXES)[number];
  readonly deg: number;
  /** Thickness at its thin end. */
  readonly thinM: number;
}

export const wedgeFrom = (values: Values): Wedge => ({
  axis: textOf(values, 'axis') === 'side' ? 'side' : 'tilt',
  deg: figureOf(values, 'deg'),
  thinM: figureOf(values, 'thinM'),
});
