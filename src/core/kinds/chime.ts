import { number, string } from 'yup';
import { CHIME_KINDS } from '../chime';
import { AWG_SIZES } from '../circuit';
import { deviceProfile } from './device';
import { exact, maybe, reference } from './fields';
import { LIMITS } from './limits';
import { YES_NO } from './site';

/** How the chime is treated now. */
export const PRESENT_PATHS = ['series', 'shunt', 'link', 'none'] as const;
export const RUN_NAMES = ['toChime', 'toDoor'] as const;
/** What hangs on a chime’s Rear. */
export const REAR_DOORS = ['none', 'button', 'device'] as const;
export const MATERIALS = ['copper', 'copperClad', 'fineFlex'] as const;

/** One run of bell wire. A single length has its low and high alike. */
export const runDescribed = exact({
  /** Where it ends: at this chime, or at the door of this point. */
  chimeId: string().min(1).max(64),
  pointId: string().min(1).max(64),
  run: string<(typeof RUN_NAMES)[number]>().oneOf(RUN_NAMES).defined(),
  lengthLowM: maybe.amount(LIMITS.runM),
  lengthHighM: maybe.amount(LIMITS.runM),
  awg: number().integer().min(AWG_SIZES.smallest).max(30).nullable(),
  mm2: number().min(0.05).max(35).nullable(),
  pairs: maybe.whole(LIMITS.pairs),
  sparePairs: maybe.whole(LIMITS.sparePairs),
  material: maybe.choice(MATERIALS),
  conductors: number<1 | 2>().nullable().oneOf([1, 2, null]),
  /** Of the door’s run: the loop’s other conductor goes straight from the transformer to the door, so long. */
  straightM: maybe.amount(LIMITS.runM),
}).test('end', (data, context) => {
  const [must, other] = data.run === 'toChime' ? (['chimeId', 'pointId'] as const) : (['pointId', 'chimeId'] as const);
  return data[must] !== undefined && data[other] === undefined
    ? true
    : context.createError({
        path: context.path ? `${context.path}.${must}` : must,
        message: `the run ${data.run} ends at ${must === 'chimeId' ? 'a chime: chimeId' : 'a door: pointId'}, and at nothing else`,
      });
});

export const chimeDescribed = exact({
  chimeId: reference(),
  chimeKind: maybe.choice(CHIME_KINDS),
  ratedVolts: maybe.amount(LIMITS.nameplateVolts),
  ratedVa: maybe.amount(LIMITS.voltAmps),
  /** Of a chime like it in the catalogue; one that was read goes before it. */
  coilOhms: maybe.amount(LIMITS.coilOhms),
  present: maybe.choice(PRESENT_PATHS),
  place: maybe.text(),
  /** Another chime hangs between its Trans and Front. */
  secondChime: maybe.choice(YES_NO),
  /** What hangs on its Rear; a doorbell there shares the transformer. */
  rear: maybe.choice(REAR_DOORS),
  rearDeviceId: maybe.text(64),
  rearDevice: deviceProfile.nullable().optional(),
  /** From the chime to the rear door; its wire is taken for that of the front door. */
  rearRunM: maybe.amount(LIMITS.runM),
});
