import { boolean, number, string } from 'yup';
import { DEVICE_REPORTS } from '../bell';
import { LASTING_STATES } from '../catalogue';
import { LIMITS, YES_NO, fact, schemasOf } from '../facts';
import { exact, reference } from './fields';
import { RUN_NAMES } from './chime';

/** What could be read at a door, each once. */
export const READING_IDS = [
  'openVolts',
  'newOpenVolts',
  'nameplate',
  'mainsVolts',
  'resistor',
  'loopToChime',
  'loopToDoor',
  'coilOhms',
  'deviceVolts',
] as const;

export const READING_KINDS = ['volts', 'mainsVolts', 'loopOhms', 'coilOhms', 'report'] as const;
export const PLACES = ['transformer', 'chime', 'door'] as const;
export const READING_STATES = ['open', 'resistor', ...LASTING_STATES] as const;

const RANGE = {
  volts: LIMITS.bellVolts,
  mainsVolts: LIMITS.mainsVolts,
  loopOhms: LIMITS.loopOhms,
  coilOhms: LIMITS.coilOhms,
} as const;

export const METER_FACTS = {
  percent: fact.figure({
    unit: '%',
    unitWords: ['%', 'percent'],
    ...LIMITS.meterPercent,
    zeroAllowed: true,
  }),
  counts: fact.figure({
    unit: 'counts',
    unitWords: ['count', 'counts', 'digits'],
    ...LIMITS.meterCounts,
    zeroAllowed: true,
  }),
  trueRms: fact.choice(YES_NO),
} as const;

/** Accuracy of a meter as its sheet says it, and whether it reads the rms of any wave. */
export const meterDescribed = exact(schemasOf(METER_FACTS));

/** The instrument that a reading was taken with: kept with it, so that another meter later changes no old reading. */
const instrument = exact({
  percent: number().min(LIMITS.meterPercent.least).max(LIMITS.meterPercent.most).defined(),
  counts: number().min(LIMITS.meterCounts.least).max(LIMITS.meterCounts.most).defined(),
  trueRms: boolean().defined(),
}).optional();

/** One reading: what, where, in which state; `low` and `high` alike for a single figure. */
export const readingTaken = exact({
  pointId: reference(),
  what: string<(typeof READING_KINDS)[number]>().oneOf(READING_KINDS).defined(),
  at: string<(typeof PLACES)[number]>().oneOf(PLACES),
  state: string<(typeof READING_STATES)[number]>().oneOf(READING_STATES),
  /** The known resistor of state `resistor`. */
  ohms: number().min(LIMITS.loadOhms.least).max(LIMITS.loadOhms.most),
  run: string<(typeof RUN_NAMES)[number]>().oneOf(RUN_NAMES),
  low: number(),
  high: number(),
  report: string<(typeof DEVICE_REPORTS)[number]>().oneOf(DEVICE_REPORTS),
  /** Taken from the simulated meter. */
  simulated: boolean(),
  meter: instrument,
}).test('complete', (data, context) => {
  const fault = (path: string, message: string) =>
    context.createError({ path: context.path ? `${context.path}.${path}` : path, message });
  if (data.what === 'report') {
    if (!data.report) return fault('report', 'what the device says is missing');
    return data.state && data.state !== 'open' && data.state !== 'resistor'
      ? true
      : fault('state', 'a report needs the state in which the device runs');
  }
  if (data.low === undefined || data.high === undefined) return fault('low', 'a reading needs low and high');
  const { least, most } = RANGE[data.what];
  if (data.low < least) return fault('low', `under ${least} is not possible here`);
  if (data.high > most) return fault('high', `over ${most} is not possible here`);
  if (data.low > data.high) return fault('low', 'low is above high');
  if (data.what === 'loopOhms' && !data.run) return fault('run', 'which run is missing');
  if (data.what !== 'volts') return true;
  if (!data.at || !data.state) return fault('at', 'volts need a place and a state');
  if (data.state === 'resistor' && (data.ohms === undefined || data.at === 'chime'))
    return fault('ohms', 'a reading under a resistor needs its ohms, at the transformer or the door');
  if (data.at === 'chime' && data.state === 'open')
    return fault('state', 'across the chime only while the device runs');
  return true;
});
