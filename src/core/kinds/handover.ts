import { YES_NO, fact, schemasOf } from '../facts';
import { exact, reference } from './fields';

/** What comes due after a point was left, and what was told with it. */
export const HANDOVER_FACTS = {
  /** The end of a trial of recording: from then on it costs, or stops. */
  trialEndsOn: fact.day(),
  /** When its battery is looked at. */
  batteryOn: fact.day(),
  /** When its lens is wiped. */
  cleaningOn: fact.day(),
  /** A notice that tells of the camera hangs. */
  noticeSign: fact.choice(YES_NO),
  neighboursTold: fact.choice(YES_NO),
  /** Parts that stay there unused, and where they lie. */
  leftOver: fact.text(),
} as const;

/** Days that come due, in the order they are asked. */
export const DUE_DAYS = ['trialEndsOn', 'batteryOn', 'cleaningOn'] as const;

export const handoverDescribed = exact({ pointId: reference(), ...schemasOf(HANDOVER_FACTS) });

/** How the one who was shown it signed: by hand, or not at all. */
export const SIGNED_HOWS = ['signed', 'absent', 'refused'] as const;

/** A signature as lines on a field of `SIGNATURE` units: whole figures, moves and lines alone. */
export const SIGNATURE = { width: 600, height: 200 } as const;
const SIGNATURE_PATH = /^(M\d{1,3} \d{1,3}(L\d{1,3} \d{1,3})*)+$/;
/** A long name by a quick hand takes some thousand figures. */
const MOST_CHARACTERS = 24_000;
/** Dots may stand among its lines; a dot alone is no signature. */
export const isSignaturePath = (path: string): boolean =>
  path.length <= MOST_CHARACTERS && SIGNATURE_PATH.test(path) && path.includes('L');
