import { number, string } from 'yup';
import { CHIME_KINDS } from '../../chime';
import { AWG_SIZES } from '../../circuit';
import { LIMITS, TEXT } from '../limits';
import { WALLS } from '../../mount';
import { exact, maybe, reference } from './fields';

export const POINT_KINDS = ['doorbell'] as const;
/** What the visitor pressed before. */
export const WAS_THERE = ['button', 'videoDoorbell', 'nothing'] as const;
/** How the chime is treated now. */
export const PRESENT_PATHS = ['series', 'shunt', 'link', 'none'] as const;
export const RUN_NAMES = ['toChime', 'toDoor'] as const;
export const MATERIALS = ['copper', 'copperClad', 'fineFlex'] as const;

export const pointAdded = exact({
  pointId: reference(),
  pointKind: string<(typeof POINT_KINDS)[number]>().oneOf(POINT_KINDS).defined(),
  name: string().min(1).max(TEXT.short).defined(),
});

/** What is seen at the door. */
export const pointDescribed = exact({
  pointId: reference(),
  name: maybe.text(),
  deviceId: maybe.text(64),
  wall: maybe.choice(WALLS),
  wasThere: maybe.choice(WAS_THERE),
  /** How far the lead reaches out of its hole. */
  leadReachM: maybe.amount(LIMITS.tapeM),
  /** Height of old holes and stain that the plate has to cover. */
  oldMarksM: maybe.amount(LIMITS.tapeM),
  /** Height of the wire's hole over the ground the visitor stands on. */
  holeHeightM: maybe.amount(LIMITS.heightM),
  /** Free wall to the nearer side of the hole: reveal, frame, downpipe. */
  sideClearM: maybe.amount(LIMITS.tapeM),
});

/** What stands on the transformer. */
export const transformerDescribed = exact({
  pointId: reference(),
  ratedVolts: maybe.amount(LIMITS.nameplateVolts),
  ratedVa: maybe.amount(LIMITS.voltAmps),
  place: maybe.text(),
});

/** One run of bell wire. A single length has its low and high alike. */
export const runDescribed = exact({
  pointId: reference(),
  run: string<(typeof RUN_NAMES)[number]>().oneOf(RUN_NAMES).defined(),
  lengthLowM: maybe.amount(LIMITS.runM),
  lengthHighM: maybe.amount(LIMITS.runM),
  awg: number().integer().min(AWG_SIZES.smallest).max(30).nullable(),
  mm2: number().min(0.05).max(35).nullable(),
  pairs: maybe.whole(LIMITS.pairs),
  sparePairs: maybe.whole(LIMITS.sparePairs),
  material: maybe.choice(MATERIALS),
  conductors: number<1 | 2>().nullable().oneOf([1, 2, null]),
});

export const chimeDescribed = exact({
  pointId: reference(),
  chimeKind: maybe.choice(CHIME_KINDS),
  ratedVolts: maybe.amount(LIMITS.nameplateVolts),
  ratedVa: maybe.amount(LIMITS.voltAmps),
  present: maybe.choice(PRESENT_PATHS),
  place: maybe.text(),
});
