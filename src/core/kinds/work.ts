import { array, number, string } from 'yup';
import { STEP_ROLES, type StepRole } from '../isolation';
import { FIXINGS, SEALS } from '../mount';
import { DEVICE_REPORTS } from '../bell';
import { CHIME_SETTINGS } from '../chime';
import { CHECK_IDS, PAIRING_TRIES, RING_HOWS } from '../prove';
import { LIMITS, TEXT, YES_NO, fact, isDay, schemasOf } from '../facts';
import { exact, maybe, oneOf, reference } from './fields';
import { SIGNED_HOWS, isSignaturePath } from './handover';
import { PLACES } from './reading';

/** What the hands were put on: decides which proof it needs. */
export const TOUCHES = ['nothing', 'bell', 'mains'] as const;

/** How a step came to be done. Whether a proof stood then is decided by the fold, not by the entry. */
export const TICK_HOWS = ['done', 'withoutProof', 'bySomebodyElse'] as const;

export const stepTicked = exact({
  pointId: reference(),
  stepId: reference(),
  touches: oneOf(TOUCHES),
  how: string<(typeof TICK_HOWS)[number]>().oneOf(TICK_HOWS).defined(),
  role: string<StepRole>().oneOf(STEP_ROLES),
  /** Where hands were put; left out: anywhere at the point. */
  placeId: reference().optional(),
  /** The circuit was switched on with it. */
  energises: maybe.yes(),
  /** It closes its place. */
  closes: maybe.yes(),
  /** As built differs: how. */
  differs: maybe.text(TEXT.long),
});

/** What was found where a drill would go. */
export const DRILL_PATHS = ['clear', 'moved', 'noDrilling'] as const;

/** What told how a head hangs. */
export const AIMED_BY = ['eye', 'spiritLevel', 'inclinometer', 'picture'] as const;

const degrees = (value: unknown): string => `${String(value)}°`;

export const MOUNT_FACTS = {
  /** To the lens. */
  heightM: fact.tape(LIMITS.lensM),
  tiltDeg: fact.other(number().min(LIMITS.degrees.least).max(LIMITS.degrees.most).nullable(), degrees),
  tiltThickEnd: fact.choice(['up', 'down'] as const),
  sideDeg: fact.other(number().min(LIMITS.degrees.least).max(LIMITS.degrees.most).nullable(), degrees),
  sideThick: fact.choice(['left', 'right'] as const),
  level: fact.choice(YES_NO),
  wall: fact.text(),
  fixings: fact.choice(FIXINGS),
  /** Where the drill goes was searched for wires and pipes. */
  drillPath: fact.choice(DRILL_PATHS),
  seal: fact.choice(SEALS),
  /** Where a floodlight camera looks, clockwise from north. */
  bearingDeg: fact.angle(LIMITS.bearingDeg),
  /** Where its head came to look: to the right looking out of the wall, below the horizon, and how its picture leans. */
  panDeg: fact.angle(LIMITS.turnDeg),
  downDeg: fact.angle(LIMITS.downDeg),
  rollDeg: fact.angle(LIMITS.turnDeg),
  /** Nose down. */
  sensorDownDeg: fact.angle(LIMITS.sensorDownDeg),
  aimedBy: fact.choice(AIMED_BY),
} as const;

export const mountRecorded = exact({ pointId: reference(), ...schemasOf(MOUNT_FACTS) });

export const waitStarted = exact({
  pointId: reference(),
  check: string<(typeof CHECK_IDS)[number]>().oneOf(CHECK_IDS).defined(),
  minutes: number().min(LIMITS.minutes.least).max(LIMITS.minutes.most).defined(),
});

/** One thing that was tried because a device would not join. */
export const pairingTried = exact({ pointId: reference(), what: oneOf(PAIRING_TRIES) });

export const CHECK_RESULTS = ['passed', 'failed', 'skipped'] as const;

export const checkDone = exact({
  pointId: reference(),
  check: string<(typeof CHECK_IDS)[number]>().oneOf(CHECK_IDS).defined(),
  result: string<(typeof CHECK_RESULTS)[number]>().oneOf(CHECK_RESULTS).defined(),
  figure: number(),
  /** Where volts were read; left out: at the door. */
  at: string<(typeof PLACES)[number]>().oneOf(PLACES),
  /** The mains read beside a figure of volts. */
  mainsVolts: number().min(LIMITS.mainsVolts.least).max(LIMITS.mainsVolts.most),
  /** The band that was predicted then, for a figure of volts. */
  bandLow: number(),
  bandHigh: number(),
  /** How it rang. */
  rang: string<(typeof RING_HOWS)[number]>().oneOf(RING_HOWS),
  /** What the device is set to. */
  setTo: string<(typeof CHIME_SETTINGS)[number]>().oneOf(CHIME_SETTINGS),
  /** What the device says of its supply. */
  reported: string<(typeof DEVICE_REPORTS)[number]>().oneOf(DEVICE_REPORTS),
  reason: string().max(TEXT.long),
}).test('reason', (data, context) =>
  data.result !== 'passed' && !data.reason?.trim()
    ? context.createError({
        path: context.path ? `${context.path}.reason` : 'reason',
        message: 'a check that failed or was skipped needs its reason',
      })
    : true,
);

/** Who looks at what was put off. */
export const PUT_OFF_TO = ['crew', 'customer'] as const;

/** A check that can’t be done now is put off to a day: the crew comes back, or the customer looks and sends a picture. */
export const checkPutOff = exact({
  pointId: reference(),
  check: string<(typeof CHECK_IDS)[number]>().oneOf(CHECK_IDS).defined(),
  on: string().test('day', 'no such day', isDay).defined(),
  by: oneOf(PUT_OFF_TO),
});

/** A check that failed stays as it is: why, in words. Said of that one answer: a later one is looked at anew. */
export const failureAccepted = exact({
  pointId: reference(),
  /** Entry of the answer. */
  of: reference(),
  words: string().trim().min(1).max(TEXT.long).defined(),
});

export const pointLeft = exact({
  pointId: reference(),
  /** The checks that were asked for then: one that came into the program later is nobody’s omission. */
  asked: array(oneOf(CHECK_IDS)).optional(),
  customer: maybe.text(),
  copyGiven: maybe.yes(),
  remark: maybe.text(TEXT.long),
  /** How the one who was shown it signed; left out where nobody was asked. */
  signed: string<(typeof SIGNED_HOWS)[number]>().oneOf(SIGNED_HOWS).nullable(),
  /** Lines on a field of `SIGNATURE`. */
  signature: string()
    .test('signature', 'is no signature', (path) => path === null || path === undefined || isSignaturePath(path))
    .nullable(),
  /** Why nobody signed. */
  unsignedWhy: maybe.text(TEXT.long),
}).test('signed', (data, context) => {
  const { signed, signature, unsignedWhy } = data;
  const refuse = (field: string, message: string) =>
    context.createError({ path: context.path ? `${context.path}.${field}` : field, message });
  // Null is what was erased with the customer
  if (signed === 'signed' && signature === undefined) return refuse('signature', 'what is signed needs its signature');
  if ((signed === 'absent' || signed === 'refused') && unsignedWhy !== null && !unsignedWhy?.trim())
    return refuse('unsignedWhy', 'what is not signed needs its reason');
  return true;
});
