import { figureOf, textOf } from './shelf';
import type { Values } from './column';

/** Where a bracket can be screwed. */
export const BRACKET_PLACES = ['wall', 'eave', 'both'] as const;

/** Something between a floodlight camera and its wall or eave that lets it stand otherwise. */
export interface Bracket {
  readonly id: string;
  readonly name: string;
  readonly fits: (typeof BRACKET_PLACES)[number];
  /** Under an eave the plate stands on it as on a wall. */
  readonly upright: boolean;
  /** Turns the plate so far aside, to the side it is put on; 0 where it does not. */
  readonly turnDeg: number;
  /** Holds it so much farther out. */
  readonly outM: number;
  readonly minutes: number;
  readonly cost: number;
}

export const bracketFrom = (values: Values): Bracket => ({
  id: textOf(values, 'id'),
  name: textOf(values, 'name'),
  fits: BRACKET_PLACES.find((one) => one === values.fits) ?? 'wall',
  upright: values.upright === 'yes',
  turnDeg: figureOf(values, 'turnDeg'),
  outM: figureOf(values, 'outM'),
  minutes: figureOf(values, 'minutes'),
  cost: figureOf(values, 'cost'),
});
