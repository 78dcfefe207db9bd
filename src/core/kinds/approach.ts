import { array, number } from 'yup';
import { WEDGE_AXES } from '../catalogue';
import { LIMITS, fact, schemasOf } from '../facts';
import { exact, oneOf, reference } from './fields';

/** Sides of a door as somebody sees them who faces it. */
export const FACING_SIDES = ['left', 'right'] as const;

const wedge = exact({
  axis: oneOf(WEDGE_AXES),
  deg: number().min(1).max(45).defined(),
  thinM: number().min(0.001).max(0.03).defined(),
}).defined();

/** How visitors come to a door, and what stands beside its plate. Sides are those of somebody who faces the wall. */
export const APPROACH_FACTS = {
  /** Where the door, and its mat, is from the plate. */
  doorSide: fact.choice(FACING_SIDES),
  /** From the plate to the middle of the mat, sideways. */
  asideM: fact.tape(LIMITS.tapeM),
  /** From the wall to where a visitor stands close up. */
  standsM: fact.tape(LIMITS.standsM),
  /** By how much the mat lies higher than where the visitor stands. */
  stepM: fact.tape(LIMITS.stepM),
  shortestM: fact.tape(LIMITS.visitorM),
  tallestM: fact.tape(LIMITS.visitorM),
  /** At which side a frame, a pipe or a wall stands out. */
  revealSide: fact.choice(FACING_SIDES),
  /** Wedges that are at hand. */
  wedges: fact.other(array(wedge).max(20).nullable(), (value) => String(Array.isArray(value) ? value.length : 0)),
} as const;

export const approachDescribed = exact({ pointId: reference(), ...schemasOf(APPROACH_FACTS) });
