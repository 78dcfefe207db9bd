import { said, type Text } from '../said';
import { array, number, string } from 'yup';
import { TREATMENT_IDS } from '../catalogue';
import { TEXT } from '../facts';
import { exact, oneOf, reference } from './fields';

const volts = () => number().min(0).max(100).defined();
const figure = (most: number) => number().min(0).max(most).defined();

/** What a battery of its own uses in a day, and what charges it. */
const battery = () => exact({ dailyWh: figure(100), trickleWatts: figure(100) }).nullable();

const computed = {
  id: reference(),
  name: string().max(TEXT.short).defined(),
  supplyNominalMin: volts(),
  supplyNominalMax: volts(),
  vaAsked: figure(1000),
  doorFullVolts: volts(),
  doorMinVolts: volts(),
  doorMaxVolts: volts(),
  watts: exact({ standby: figure(100), liveDay: figure(100), liveNight: figure(100), boot: figure(100) }).defined(),
  wattsPercent: figure(100),
  powerFactor: number().moreThan(0).max(1).defined(),
  displacementFactor: number().moreThan(0).max(1).defined(),
  pressOhms: figure(1000),
};

/** The catalogue values a choice was made with: a later edit of the catalogue changes no old verdict. */
export const deviceValues = exact({
  ...computed,
  capacitanceF: number().moreThan(0).max(1),
  dropVolts: number().min(0).max(10),
  lockOutVolts: number().min(0).max(100),
  battery: battery().optional(),
});

/** A whole profile, as it stood in the catalogue when it was asked for. */
export const deviceProfile = exact({
  ...computed,
  capacitanceF: number().moreThan(0).max(1).defined(),
  dropVolts: figure(10),
  lockOutVolts: volts(),
  battery: battery().defined(),
  recordingPerMonth: number().min(0).max(10_000).nullable().defined(),
  viewDeg: exact({ horizontal: figure(360), vertical: figure(360) }).defined(),
  plateM: exact({ height: figure(2), width: figure(2) }).defined(),
  forbids: array(exact({ treatment: oneOf(TREATMENT_IDS), why: string().max(TEXT.short).defined() }))
    .max(TREATMENT_IDS.length)
    .defined(),
  inBag: array(string().max(TEXT.short).defined()).max(20).defined(),
  remark: string().max(TEXT.long).defined(),
});

/** A profile by its name. */
export const profileName = (value: unknown): Text =>
  typeof value === 'object' && value !== null && 'name' in value ? String(value.name) : said('anotherOne');
