import { array, number, tuple } from 'yup';
import { LIGHT_ZONES } from '../light';
import { LIMITS, YES_NO, fact, schemasOf } from '../facts';
import { exact, reference } from './fields';

/** What can stand on the plan of a site. */
export const SHAPES = [
  'house',
  'neighbour',
  'shed',
  'wall',
  'hedge',
  'car',
  'window',
  'street',
  'garden',
  'path',
  'boundary',
  'step',
] as const;

const planMetres = () => number().min(LIMITS.planM.least).max(LIMITS.planM.most).defined();
const corner = tuple([planMetres(), planMetres()]).defined();
const MOST_CORNERS = 24;

export const SHAPE_FACTS = {
  what: fact.choice(SHAPES),
  /** Its corners in order, metres to the right and up on the plan. */
  corners: fact.other(array(corner).min(2).max(MOST_CORNERS).nullable(), (value) =>
    String(Array.isArray(value) ? value.length : 0),
  ),
  tallM: fact.run(LIMITS.obstacleM),
  eaveM: fact.tape(LIMITS.eaveM),
  groundM: fact.run(LIMITS.groundM),
  /** The side that closes it, as it was taped. */
  closingM: fact.run(LIMITS.runM),
  gone: fact.choice(YES_NO),
} as const;

export const PLAN_FACTS = {
  /** Where the plan’s up points, clockwise from north. */
  northDeg: fact.angle(LIMITS.bearingDeg),
  /** Where on earth the site is: for the sun. */
  latitudeDeg: fact.angle(LIMITS.latitudeDeg),
  longitudeDeg: fact.angle(LIMITS.longitudeDeg),
  /** How dark its nights are. */
  zone: fact.choice(LIGHT_ZONES),
  /** A picture that is drawn over: its photo, its upper left corner, its width. */
  underlay: fact.text(64),
  underlayLeftM: fact.run(LIMITS.planM),
  underlayTopM: fact.run(LIMITS.planM),
  underlayWidthM: fact.run(LIMITS.runM),
} as const;

/** Where a point hangs on the plan. */
export const ON_WALL_FACTS = {
  shapeId: fact.text(64),
  side: fact.whole({ least: 0, most: MOST_CORNERS - 1 }),
  alongM: fact.run(LIMITS.alongM),
} as const;

export const shapeDrawn = exact({ shapeId: reference(), ...schemasOf(SHAPE_FACTS) });
export const planDescribed = exact({ ...schemasOf(PLAN_FACTS) });
export const pointOnPlan = exact({ pointId: reference(), ...schemasOf(ON_WALL_FACTS) });
