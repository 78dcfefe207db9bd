import { said } from '../said';
import { array, boolean, number, string } from 'yup';
import { HINT_IDS } from '../isolation';
import { LIMITS, TEXT, YES_NO, fact, schemasOf } from '../facts';
import { exact, maybe, oneOf, reference } from './fields';

const proofVolts = () => number().min(LIMITS.proofVolts.least).max(LIMITS.proofVolts.most);

export const FOUND_BYS = ['label', 'hunt', 'elimination', 'test'] as const;

export const CIRCUIT_FACTS = {
  name: fact.text(),
  way: fact.text(),
  /** Where there are several. */
  board: fact.text(),
  /** Ids of the points whose supply hangs on it. */
  feeds: fact.other(array(reference()).max(50), (value) =>
    Array.isArray(value) ? said('ofThePoints', { points: value.length }) : String(value),
  ),
  sharedNeutral: fact.yesNo(),
  otherInBox: fact.yesNo(),
  foundBy: fact.choice(FOUND_BYS),
} as const;

export const circuitListed = exact({ circuitId: reference(), ...schemasOf(CIRCUIT_FACTS) });

/** Whether two circuits that were named apart are one breaker. */
export const circuitsCompared = exact({
  circuitId: reference(),
  otherId: reference(),
  same: oneOf(YES_NO),
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
  /** Read on the simulated meter. */
  simulated: boolean(),
});

/** Somebody was away from the work and is back: ends mains proofs. */
export const cameBack = exact({ reason: maybe.text() });

/** Something seen that is no proof; a sign of life ends one. */
export const hintNoted = exact({ circuitId: reference(), hint: oneOf(HINT_IDS), text: maybe.text(TEXT.long) });

const MINUTES = { unit: 'min', unitWords: ['min', 'm', 'minutes'], ...LIMITS.minutes, zeroAllowed: true } as const;

export const HUNT_FACTS = {
  people: fact.other(number<1 | 2>().nullable().oneOf([1, 2, null]), (value) =>
    said('hunters', { people: value === 2 ? 2 : 1 }),
  ),
  /** From the board to where it is seen, and back. */
  walkMinutes: fact.figure(MINUTES),
  switchMinutes: fact.figure(MINUTES),
} as const;

/** How the breaker of a point is hunted. */
export const huntPlanned = exact({ pointId: reference(), ...schemasOf(HUNT_FACTS) });

/** One test of a hunt: which ways were off (`board/way`), and whether it died. */
export const huntTested = exact({
  pointId: reference(),
  dropped: array(string().min(1).max(140).defined()).min(1).max(LIMITS.ways.most).defined(),
  died: boolean().defined(),
});
