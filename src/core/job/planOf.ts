import { fixtureStanding, type FixtureStanding } from './fixtureOf';
import { foundBox } from '../junction';
import type { Step, Wiring, WiringPlan } from '../wiring';
import { boxSurveyOf } from './boxOf';
import type { Point } from './job';
import { foundBellOf, wiringPlan } from './wiringPlan';

const fixtures = new WeakMap<Point, FixtureStanding>();

/** What follows from a floodlight’s taken choice; null without one. Points never change: it is worked out once for each. */
export function fixtureOf(point: Point): FixtureStanding | null {
  if (point.kind !== 'floodlight' || !point.fixture) return null;
  const known = fixtures.get(point) ?? fixtureStanding(point, point.fixture.data);
  fixtures.set(point, known);
  return known;
}

const plans = new WeakMap<Point, WiringPlan>();

/** The plan of a point’s taken way; null without one. */
export function planOf(point: Point): WiringPlan | null {
  if (point.kind === 'floodlight') return fixtureOf(point)?.plan ?? null;
  if (!point.choice) return null;
  const known = plans.get(point) ?? wiringPlan(point, point.choice.data);
  plans.set(point, known);
  return known;
}

/** The steps of a point’s choice; none without a choice. */
export const pointSteps = (point: Point): readonly Step[] => planOf(point)?.steps ?? [];

/** A point’s wiring as it was found. */
export const foundOf = (point: Point): Wiring =>
  planOf(point)?.found ?? (point.kind === 'floodlight' ? foundBox(boxSurveyOf(point)) : foundBellOf(point));
