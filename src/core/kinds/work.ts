import { number, string } from 'yup';
import { FIXINGS, SEALS } from '../mount';
import { CHECK_IDS } from '../prove';
import { LIMITS, TEXT } from './limits';
import { exact, maybe, oneOf, reference } from './fields';

/** What the hands were put on: decides which proof it needs. */
export const TOUCHES = ['nothing', 'bell', 'mains'] as const;

/** How a step came to be done. Whether a proof stood then is decided by the fold, not by the entry. */
export const TICK_HOWS = ['done', 'withoutProof', 'bySomebodyElse'] as const;

export const stepTicked = exact({
  pointId: reference(),
  stepId: reference(),
  touches: oneOf(TOUCHES),
  how: string<(typeof TICK_HOWS)[number]>().oneOf(TICK_HOWS).defined(),
  /** As built differs: how. */
  differs: maybe.text(TEXT.long),
});

export const mountRecorded = exact({
  pointId: reference(),
  /** Over the ground that the visitor stands on, to the lens. */
  heightM: maybe.amount(LIMITS.heightM),
  tiltDeg: maybe.amount(LIMITS.degrees),
  tiltThickEnd: maybe.choice(['up', 'down'] as const),
  sideDeg: maybe.amount(LIMITS.degrees),
  sideThick: maybe.choice(['left', 'right'] as const),
  level: maybe.choice(['yes', 'no'] as const),
  wall: maybe.text(),
  fixings: maybe.choice(FIXINGS),
  seal: maybe.choice(SEALS),
});

export const waitStarted = exact({
  pointId: reference(),
  check: string<(typeof CHECK_IDS)[number]>().oneOf(CHECK_IDS).defined(),
  minutes: number().min(LIMITS.minutes.least).max(LIMITS.minutes.most).defined(),
});

export const CHECK_RESULTS = ['passed', 'failed', 'skipped'] as const;

export const checkDone = exact({
  pointId: reference(),
  check: string<(typeof CHECK_IDS)[number]>().oneOf(CHECK_IDS).defined(),
  result: string<(typeof CHECK_RESULTS)[number]>().oneOf(CHECK_RESULTS).defined(),
  figure: number(),
  /** The mains read beside a figure of volts. */
  mainsVolts: number().min(LIMITS.mainsVolts.least).max(LIMITS.mainsVolts.most),
  /** The band that was predicted then, for a figure of volts. */
  bandLow: number(),
  bandHigh: number(),
  reason: string().max(TEXT.long),
}).test('reason', (data, context) =>
  data.result !== 'passed' && !data.reason?.trim()
    ? context.createError({
        path: context.path ? `${context.path}.reason` : 'reason',
        message: 'a check that failed or was skipped needs its reason',
      })
    : true,
);

export const pointLeft = exact({
  pointId: reference(),
  customer: maybe.text(),
  copyGiven: maybe.yes(),
  remark: maybe.text(TEXT.long),
});
