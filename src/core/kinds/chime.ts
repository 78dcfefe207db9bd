import { number, string } from 'yup';
import { CHIME_KINDS, CHIME_KIND_WORDS } from '../chime';
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
  lengthLowM: fact.run('length', LIMITS.runM),
  lengthHighM: fact.run('length at most', LIMITS.runM),
  awg: fact.other(
    'gauge',
    number().integer().min(AWG_SIZES.smallest).max(30).nullable(),
    (value) => `${String(value)} AWG`,
  ),
  mm2: fact.other('gauge', number().min(0.05).max(35).nullable(), (value) => `${String(value)} mm²`),
  pairs: fact.whole('pairs joined as found', LIMITS.pairs, '', ['pair', 'pairs']),
  sparePairs: fact.whole('spare pairs', LIMITS.sparePairs, '', ['pair', 'pairs']),
  material: fact.choice('conductor', MATERIALS, {
    copper: 'copper',
    copperClad: 'copper-clad aluminium',
    fineFlex: 'fine flex, tinsel',
  }),
  conductors: fact.other('the loop’s two ways', number<1 | 2>().nullable().oneOf([1, 2, null]), (value) =>
    value === 1 ? 'one way only, the other runs elsewhere' : 'there and back in it',
  ),
  /** Of the door’s run alone. */
  straightM: fact.run('other conductor straight to the transformer, past the chime', LIMITS.runM),
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
  chimeKind: fact.choice('kind of chime: open it and look', CHIME_KINDS, CHIME_KIND_WORDS),
  ratedVolts: fact.figure('chime’s volts', { ...VOLTS, ...LIMITS.nameplateVolts }),
  ratedVa: fact.figure('chime’s VA', { ...VOLT_AMPS, ...LIMITS.voltAmps }),
  /** Of a chime like it in the catalogue; one that was read goes before it. */
  coilOhms: fact.figure('coil of a chime like it', { ...OHMS, ...LIMITS.coilOhms }),
  present: fact.choice('while this is read, the chime is', PRESENT_PATHS, {
    series: 'coil in the loop, nothing added',
    shunt: 'module across it',
    link: 'jumper or fuse link across it',
    none: 'chime out of the loop',
  }),
  place: fact.text('where the chime is'),
  /** It hangs between its Trans and Front. */
  secondChime: fact.yesNo('a second chime: two wires under Trans and Front'),
  /** A doorbell there shares the transformer. */
  rear: fact.choice('the rear door', REAR_DOORS, {
    none: 'nothing on Rear',
    button: 'a button',
    device: 'a doorbell of its own',
  }),
  rearDeviceId: fact.text('which doorbell at the rear door', 64),
  rearDevice: fact.other('which doorbell at the rear door', deviceProfile.nullable().optional(), profileName),
  /** Its wire is taken for that of the front door. */
  rearRunM: fact.run('wire from the chime to the rear door', LIMITS.runM),
} as const;

export const chimeDescribed = exact({ chimeId: reference(), ...schemasOf(CHIME_FACTS) });
