import { said } from '../said';
import { number, string } from 'yup';
import { CHIME_KINDS } from '../chime';
import { AWG_SIZES } from '../circuit';
import { deviceProfile, profileName } from './device';
import { exact, reference } from './fields';
import { LIMITS, fact, schemasOf } from '../facts';
import { OHMS, VOLTS, VOLT_AMPS } from '../units';

/** How the chime is treated now. */
export const PRESENT_PATHS = ['series', 'shunt', 'link', 'none'] as const;
export const RUN_NAMES = ['toChime', 'toDoor'] as const;
/** What hangs on a chime’s Rear. */
export const REAR_DOORS = ['none', 'button', 'device'] as const;
export const MATERIALS = ['copper', 'copperClad', 'fineFlex'] as const;

export const RUN_FACTS = {
  lengthLowM: fact.run(LIMITS.runM),
  lengthHighM: fact.run(LIMITS.runM),
  awg: fact.other(number().integer().min(AWG_SIZES.smallest).max(30).nullable(), (value) => `${String(value)} AWG`),
  mm2: fact.other(number().min(0.05).max(35).nullable(), (value) => `${String(value)} mm²`),
  pairs: fact.whole(LIMITS.pairs, '', ['pair', 'pairs']),
  sparePairs: fact.whole(LIMITS.sparePairs, '', ['pair', 'pairs']),
  material: fact.choice(MATERIALS),
  conductors: fact.other(number<1 | 2>().nullable().oneOf([1, 2, null]), (value) =>
    said('loopWays', { there: value === 1 ? 1 : 2 }),
  ),
  /** Of the door’s run alone. */
  straightM: fact.run(LIMITS.runM),
} as const;

/** One run of bell wire. A single length has its low and high alike. */
export const runDescribed = exact({
  /** Where it ends: at this chime, or at the door of this point. */
  chimeId: string().min(1).max(64),
  pointId: string().min(1).max(64),
  run: string<(typeof RUN_NAMES)[number]>().oneOf(RUN_NAMES).defined(),
  ...schemasOf(RUN_FACTS),
}).test('end', (data, context) => {
  const [must, other] = data.run === 'toChime' ? (['chimeId', 'pointId'] as const) : (['pointId', 'chimeId'] as const);
  return data[must] !== undefined && data[other] === undefined
    ? true
    : context.createError({
        path: context.path ? `${context.path}.${must}` : must,
        message: `the run ${data.run} ends at ${must === 'chimeId' ? 'a chime: chimeId' : 'a door: pointId'}, and at nothing else`,
      });
});

export const CHIME_FACTS = {
  chimeKind: fact.choice(CHIME_KINDS),
  ratedVolts: fact.figure({ ...VOLTS, ...LIMITS.nameplateVolts }),
  ratedVa: fact.figure({ ...VOLT_AMPS, ...LIMITS.voltAmps }),
  /** Of a chime like it in the catalogue; one that was read goes before it. */
  coilOhms: fact.figure({ ...OHMS, ...LIMITS.coilOhms }),
  present: fact.choice(PRESENT_PATHS),
  place: fact.text(),
  /** It hangs between its Trans and Front. */
  secondChime: fact.yesNo(),
  /** A doorbell there shares the transformer. */
  rear: fact.choice(REAR_DOORS),
  rearDeviceId: fact.text(64),
  rearDevice: fact.other(deviceProfile.nullable().optional(), profileName),
  /** Its wire is taken for that of the front door. */
  rearRunM: fact.run(LIMITS.runM),
} as const;

export const chimeDescribed = exact({ chimeId: reference(), ...schemasOf(CHIME_FACTS) });
