import { TREATMENT_IDS } from '../treatmentIds';
import type { Column, ValueFault, Values } from '../column';
import { DEVICES, type DeviceProfile } from '../device';
import { NAMED, REMARK, figureOf, listOf, textOf, type Shelf } from '../shelf';

const volts = (name: string, words: string, main = false): Column => ({
  name,
  words,
  type: 'figure',
  unit: 'V',
  least: 1,
  most: 60,
  main,
});
const watts = (name: string, words: string): Column => ({
  name,
  words,
  type: 'figure',
  unit: 'W',
  least: 0.05,
  most: 60,
  main: name === 'liveNightWatts',
});
const figure = (name: string, words: string, unit: string, least: number, most: number): Column => ({
  name,
  words,
  type: 'figure',
  unit,
  least,
  most,
});

const MICRO_IN_ONE = 1e6;

const valuesOf = (device: DeviceProfile): Values => ({
  id: device.id,
  name: device.name,
  supplyNominalMinVolts: device.supplyNominalMin,
  supplyNominalMaxVolts: device.supplyNominalMax,
  vaAsked: device.vaAsked,
  doorMinVolts: device.doorMinVolts,
  doorFullVolts: device.doorFullVolts,
  doorMaxVolts: device.doorMaxVolts,
  standbyWatts: device.watts.standby,
  liveDayWatts: device.watts.liveDay,
  liveNightWatts: device.watts.liveNight,
  bootWatts: device.watts.boot,
  wattsPercent: device.wattsPercent,
  powerFactor: device.powerFactor,
  displacementFactor: device.displacementFactor,
  capacitanceMicroF: Number((device.capacitanceF * MICRO_IN_ONE).toPrecision(12)),
  dropVolts: device.dropVolts,
  lockOutVolts: device.lockOutVolts,
  pressOhms: device.pressOhms,
  viewHorizontalDeg: device.viewDeg.horizontal,
  viewVerticalDeg: device.viewDeg.vertical,
  plateHeightM: device.plateM.height,
  plateWidthM: device.plateM.width,
  ...(Object.keys(device.forbids).length > 0 ? { forbids: Object.keys(device.forbids) } : {}),
  ...(device.battery ? { dailyWh: device.battery.dailyWh, trickleWatts: device.battery.trickleWatts } : {}),
  ...(device.recordingPerMonth === null ? {} : { recordingPerMonth: device.recordingPerMonth }),
  inBag: device.inBag,
  remark: device.remark,
});

/** A device profile from a shelf’s values. */
export function deviceFrom(values: Values): DeviceProfile {
  const shipped = DEVICES.find(({ id }) => id === values.id);
  const of = (name: string): number => figureOf(values, name);
  return {
    id: textOf(values, 'id'),
    name: textOf(values, 'name'),
    supplyNominalMin: of('supplyNominalMinVolts'),
    supplyNominalMax: of('supplyNominalMaxVolts'),
    vaAsked: of('vaAsked'),
    doorMinVolts: of('doorMinVolts'),
    doorFullVolts: of('doorFullVolts'),
    doorMaxVolts: of('doorMaxVolts'),
    watts: {
      standby: of('standbyWatts'),
      liveDay: of('liveDayWatts'),
      liveNight: of('liveNightWatts'),
      boot: of('bootWatts'),
    },
    wattsPercent: of('wattsPercent'),
    powerFactor: of('powerFactor'),
    displacementFactor: of('displacementFactor'),
    capacitanceF: of('capacitanceMicroF') / MICRO_IN_ONE,
    dropVolts: of('dropVolts'),
    lockOutVolts: of('lockOutVolts'),
    pressOhms: of('pressOhms'),
    viewDeg: { horizontal: of('viewHorizontalDeg'), vertical: of('viewVerticalDeg') },
    plateM: { height: of('plateHeightM'), width: of('plateWidthM') },
    forbids: Object.fromEntries(
      listOf(values, 'forbids').map((id) => [id, shipped?.forbids[id] ?? 'its maker’s sheet forbids it']),
    ),
    battery:
      values.dailyWh === undefined || values.trickleWatts === undefined
        ? null
        : { dailyWh: of('dailyWh'), trickleWatts: of('trickleWatts') },
    recordingPerMonth: values.recordingPerMonth === undefined ? null : of('recordingPerMonth'),
    inBag: listOf(values, 'inBag'),
    remark: textOf(values, 'remark'),
  };
}

const COLUMNS: readonly Column[] = [
  ...NAMED,
  volts('supplyNominalMinVolts', 'supply from'),
  volts('supplyNominalMaxVolts', 'supply to'),
  figure('vaAsked', 'VA asked for', 'VA', 1, 200),
  volts('doorMinVolts', 'drops out under', true),
  volts('doorFullVolts', 'full from', true),
  volts('doorMaxVolts', 'never over', true),
  watts('standbyWatts', 'standby'),
  watts('liveDayWatts', 'live by day'),
  watts('liveNightWatts', 'live at night'),
  watts('bootWatts', 'boot and charge'),
  figure('wattsPercent', 'spread of the watts ±', '%', 0, 80),
  figure('powerFactor', 'power factor', '', 0.2, 1),
  figure('displacementFactor', 'displacement factor', '', 0.2, 1),
  figure('capacitanceMicroF', 'capacitor', 'µF', 10, 10_000),
  figure('dropVolts', 'drop of its bridge', 'V', 0, 5),
  figure('lockOutVolts', 'converter gives up under', 'V', 1, 40),
  figure('pressOhms', 'closes the loop through', 'Ω', 0.1, 100),
  figure('viewHorizontalDeg', 'view across', '°', 20, 360),
  figure('viewVerticalDeg', 'view up and down', '°', 20, 360),
  figure('plateHeightM', 'plate height', 'm', 0.03, 0.6),
  figure('plateWidthM', 'plate width', 'm', 0.02, 0.6),
  {
    name: 'forbids',
    words: 'chime treatments it forbids',
    type: 'list',
    most: 12,
    of: TREATMENT_IDS,
    optional: true,
  },
  { ...figure('dailyWh', 'uses a day (own battery)', 'Wh', 0.1, 60), optional: true },
  { ...figure('trickleWatts', 'charges with (own battery)', 'W', 0.05, 30), optional: true },
  { ...figure('recordingPerMonth', 'recording, a month', '', 0, 1000), optional: true },
  { name: 'inBag', words: 'comes in its bag', type: 'list', most: 20, optional: true },
  REMARK,
];

/** Limits that must stand in this order. */
const RISING: readonly (readonly [lower: string, upper: string])[] = [
  ['supplyNominalMinVolts', 'supplyNominalMaxVolts'],
  ['doorMinVolts', 'doorFullVolts'],
  ['doorFullVolts', 'doorMaxVolts'],
  ['powerFactor', 'displacementFactor'],
];

const wordsOf = (name: string): string => COLUMNS.find((column) => column.name === name)?.words ?? name;

const disagreements = (values: Values): readonly ValueFault[] => [
  ...RISING.filter(([lower, upper]) => figureOf(values, lower) > figureOf(values, upper)).map(([lower, upper]) => ({
    column: lower,
    message: `${figureOf(values, lower)} is above “${wordsOf(upper)}”, ${figureOf(values, upper)}`,
  })),
  ...((values.dailyWh === undefined) === (values.trickleWatts === undefined)
    ? []
    : [{ column: values.dailyWh === undefined ? 'dailyWh' : 'trickleWatts', message: 'is missing beside the other' }]),
];

export const devices: Shelf = {
  words: 'Doorbells',
  one: 'doorbell',
  columns: COLUMNS,
  shipped: DEVICES.map(valuesOf),
  disagreements,
};
