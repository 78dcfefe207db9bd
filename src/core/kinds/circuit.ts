import { said } from '../said';
import { array, boolean, number, string, type TestContext, type ValidationError } from 'yup';
import { GUARDS, HINT_IDS, OTHER_FEEDS, type Guard } from '../isolation';
import { LIMITS, TEXT, YES_NO, fact, schemasOf } from '../facts';
import { exact, maybe, oneOf, reference } from './fields';
import { ANYWHERE } from './lifts/anywhere';

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
  /** Which of the second feeds that were seen it is; none for the first circuit of a place. */
  namedAs: fact.choices(OTHER_FEEDS),
} as const;

export const circuitListed = exact({ circuitId: reference(), ...schemasOf(CIRCUIT_FACTS) });

/** Whether two circuits that were named apart are one breaker. */
export const circuitsCompared = exact({
  circuitId: reference(),
  otherId: reference(),
  same: oneOf(YES_NO),
});

function whoGuards(
  data: { readonly guard?: Guard | undefined; readonly guardedBy?: string | undefined },
  context: TestContext,
): true | ValidationError {
  return data.guard !== undefined && data.guard !== 'locked' && !data.guardedBy
    ? context.createError({
        path: context.path ? `${context.path}.guardedBy` : 'guardedBy',
        message: 'who keeps the fuse, or watches the board, is missing',
      })
    : true;
}

export const circuitSwitched = exact({
  circuitId: reference(),
  to: string<'on' | 'off'>().oneOf(['on', 'off']).defined(),
  tagged: boolean(),
  houseTold: boolean(),
  /** What keeps it off: a lock where one fits, else the fuse taken out and kept, or somebody who watches the board. */
  guard: string<(typeof GUARDS)[number]>().oneOf(GUARDS),
  guardedBy: string().trim().min(1).max(TEXT.short),
}).test('guardedBy', whoGuards);

/** A breaker that is off is locked, or guarded otherwise; a proof that stands is not touched by it. */
export const breakerGuarded = exact({
  circuitId: reference(),
  guard: oneOf(GUARDS),
  /** Who has the fuse, or watches. */
  guardedBy: string().trim().min(1).max(TEXT.short),
}).test('guardedBy', whoGuards);

const FIGURES = {
  bell: ['betweenVolts', 'firstToEarthVolts', 'secondToEarthVolts'],
  mains: ['hotNeutralVolts', 'hotGroundVolts', 'neutralGroundVolts'],
} as const;

/**
 * What was read to prove a circuit dead, by weight. Whether it does prove it is decided by the fold. One that names its
 * place has all three figures; those of before proofs named their place prove nothing on mains.
 */
export const deadProved = exact({
  circuitId: reference(),
  /** Where: the supply of a bell side, or whose primary it is, the box, the switch’s box (`<box>/switch`). */
  placeId: reference().optional(),
  /** The switching-off that it was made after: the id of its entry. */
  switchingId: reference().optional(),
  /** From where a long lead was laid, where there is no earth at the place. */
  earthFrom: string().trim().min(1).max(TEXT.short),
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
  /** Of before the guard stood with the switching. */
  locked: boolean(),
  /** Read on the simulated meter. */
  simulated: boolean(),
}).test('figures', (data, context) => {
  const missing =
    // Also asked of a weight that is none: the schema refuses it beside this
    data.placeId === undefined || data.placeId === ANYWHERE || !Object.hasOwn(FIGURES, data.weight)
      ? undefined
      : FIGURES[data.weight].find((field) => data[field] === undefined);
  return missing === undefined
    ? true
    : context.createError({
        path: context.path ? `${context.path}.${missing}` : missing,
        message: 'is missing: a proof has all three figures',
      });
});

/** Somebody was away from the work and is back: ends their mains proofs. */
export const cameBack = exact({ reason: maybe.text() });

/** Somebody who wrote nothing for long says that they stood at the work all the time. */
export const stayedAtWork = exact({});

/** Another person at a screen: ends the mains proofs of both. */
export const personChanged = exact({ fromId: reference().optional() });

/** Why more than bell voltage stood on a bell side: until it is written, that side is mains. */
export const bellExplained = exact({
  supplyId: reference(),
  reason: string().trim().min(1).max(TEXT.long).defined(),
});

/** The plug of a supply as somebody saw it: out of its outlet, or in it again. */
export const plugSeen = exact({ supplyId: reference(), out: boolean().defined() });

/** Somebody answers for an open place before a circuit is switched on: who was asked, and what they said. */
export const placeCleared = exact({
  placeId: reference(),
  words: string().trim().min(1).max(TEXT.long).defined(),
});

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
