import type { Check } from '../prove';
import { climbOf } from './climbs';
import type { Point } from './point';
import { askedAt, failuresAmong, type Failure } from './proving';

/** What is gone through at Prove, in its order. */
export const checksOf = (point: Point): readonly Check[] => askedAt(point, climbOf(point).checks(point));

/** What failed there. */
export const failuresOf = (point: Point): readonly Failure[] => failuresAmong(point, checksOf(point));
