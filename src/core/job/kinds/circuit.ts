import { array, boolean, number, string } from 'yup';
import { LIMITS } from '../limits';
import { exact, maybe, reference } from './fields';

const proofVolts = () => number().min(LIMITS.proofVolts.least).max(LIMITS.proofVolts.most);

export const circuitListed = exact({
  circuitId: reference(),
  name: maybe.text(),
  way: maybe.text(),
  /** Ids of the points whose supply hangs on it. */
  feeds: array(reference()).max(50),
});

export const circuitSwitched = exact({
  circuitId: reference(),
  to: string<'on' | 'off'>().oneOf(['on', 'off']).defined(),
  tagged: boolean(),
  houseTold: boolean(),
});

/** What was read to prove a circuit dead, by weight. Whether it does prove it is decided by the fold. */
export const deadProved = exact({
  circuitId: reference(),
  weight: string<'bell' | 'mains'>().oneOf(['bell', 'mains']).defined(),
  betweenVolts: proofVolts(),
  firstToEarthVolts: proofVolts(),
  secondToEarthVolts: proofVolts(),
  meterMainsRated: boolean(),
  dry: boolean(),
  hotNeutralVolts: proofVolts(),
  hotGroundVolts: proofVolts(),
  neutralGroundVolts: proofVolts(),
  everyConductor: boolean(),
  triedBefore: boolean(),
  triedAfter: boolean(),
  locked: boolean(),
});

/** Somebody was away from the work and is back: ends mains proofs. */
export const cameBack = exact({ reason: maybe.text() });
