import type { Step, Wiring, WiringPlan } from '../wiring';
import { buildOf } from './builds';
import type { Point } from './point';

const plans = new WeakMap<Point, { readonly plan: WiringPlan | null }>();

/** The plan of a point’s taken way; null without one. Points never change: it is worked out once for each. */
export function planOf(point: Point): WiringPlan | null {
  const known = plans.get(point) ?? { plan: buildOf(point).plan(point) };
  plans.set(point, known);
  return known.plan;
}

/** The steps of a point’s choice; before, those that open what has to be looked into. */
export const pointSteps = (point: Point): readonly Step[] => planOf(point)?.steps ?? buildOf(point).opening(point);

/** A point’s wiring as it was found. */
export const foundOf = (point: Point): Wiring => planOf(point)?.found ?? buildOf(point).found(point);
