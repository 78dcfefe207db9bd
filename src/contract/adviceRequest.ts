import { array, boolean, mixed, number, string, type TestContext } from 'yup';
import { DEVICE_REPORTS, type DeviceReport, type RunName } from '@/core/bell';
import {
  PATHS,
  RUNS,
  atLeastZero,
  id,
  mainsShape,
  meterShape,
  overZero,
  runShape,
  statesShape,
  under,
} from './bellShapes';
import { SUPPLY_POLICIES } from '@/core/policy';
import { exact } from './exact';
import { SCHEMA_FAULT } from './parse';

/** What can be read. */
export const WHATS = ['volts', 'mainsVolts', 'loopOhms', 'coilOhms', 'report'] as const;
const readable = {
  what: string<(typeof WHATS)[number]>().oneOf(WHATS).defined(),
  at: string<'transformer' | 'door'>().oneOf(['transformer', 'door']),
  state: string().min(1).max(64),
  ohms: overZero(),
  run: string<RunName>().oneOf(RUNS),
  meter: meterShape,
};
const NEEDED = {
  volts: ['at', 'state'],
  mainsVolts: [],
  loopOhms: ['run'],
  coilOhms: [],
  report: ['state'],
} as const;

/** What a reading of a kind can't do without; the path of the first that is missing. */
function missingPart(value: {
  what: (typeof WHATS)[number];
  at?: string;
  state?: string;
  ohms?: number;
  run?: string;
}) {
  const missing = (NEEDED[value.what] ?? []).find((field) => value[field] === undefined);
  if (missing) return missing;
  return value.what === 'volts' && value.state === 'resistor' && value.ohms === undefined ? 'ohms' : null;
}

const complete = (value: Parameters<typeof missingPart>[0], context: TestContext) => {
  const missing = missingPart(value);
  return missing
    ? context.createError({ path: under(context, missing), message: `is needed for ${value.what}` })
    : true;
};

const reading = exact({
  ...readable,
  value: mixed<number | DeviceReport>((value): value is number | DeviceReport =>
    typeof value === 'number' ? value >= 0 : DEVICE_REPORTS.some((one) => one === value),
  ),
  low: atLeastZero(),
  high: atLeastZero(),
  report: string<DeviceReport>().oneOf(DEVICE_REPORTS),
})
  .test(SCHEMA_FAULT, complete)
  .test(SCHEMA_FAULT, (value, context) => {
    if (value.what === 'report')
      return typeof value.value === 'string' || value.report !== undefined
        ? true
        : context.createError({ path: under(context, 'value'), message: 'is weak, fair or good' });
    const figure = typeof value.value === 'number' || (value.low !== undefined && value.high !== undefined);
    return figure
      ? true
      : context.createError({ path: under(context, 'value'), message: 'a figure is value, or low and high' });
  })
  .test('order', (value, context) =>
    value.low !== undefined && value.high !== undefined && value.low > value.high
      ? context.createError({ path: under(context, 'low'), message: 'low is above high' })
      : true,
  );

/** Request of POST /api/v1/compute/advice: the whole judgement of one doorbell. */
export const adviceRequest = exact({
  mains: mainsShape,
  source: exact({ ratedVolts: overZero().nullable(), ratedVa: overZero().nullable() }).nullable().optional(),
  runs: exact({ toChime: runShape, toDoor: runShape }).optional(),
  chime: exact({
    kind: string<'mechanical' | 'electronic' | 'none'>().oneOf(['mechanical', 'electronic', 'none']).defined(),
    ratedVolts: overZero().nullable(),
    present: string<(typeof PATHS)[number]>().oneOf(PATHS).defined(),
  }),
  device: exact({
    states: statesShape,
    doorMinVolts: atLeastZero().defined(),
    doorFullVolts: atLeastZero().defined(),
    doorMaxVolts: overZero().defined(),
    treatments: array(string<(typeof PATHS)[number]>().oneOf(PATHS).defined()).max(PATHS.length),
    capacitanceF: overZero(),
    dropVolts: atLeastZero(),
    lockOutVolts: atLeastZero(),
  })
    .test('order', (value, context) => {
      if (value.doorMinVolts > value.doorFullVolts)
        return context.createError({ path: under(context, 'doorMinVolts'), message: 'is above doorFullVolts' });
      return value.doorFullVolts > value.doorMaxVolts
        ? context.createError({ path: under(context, 'doorFullVolts'), message: 'is above doorMaxVolts' })
        : true;
    })
    .test(SCHEMA_FAULT, (value, context) => {
      const given = (['capacitanceF', 'dropVolts', 'lockOutVolts'] as const).filter((key) => value[key] !== undefined);
      return given.length === 0 || given.length === 3
        ? true
        : context.createError({
            path: under(context, 'capacitanceF'),
            message: 'capacitanceF, dropVolts and lockOutVolts come together',
          });
    }),
  readings: array(reading).max(40).optional(),
  canTake: array(exact({ ...readable, id: id(), minutes: atLeastZero().defined() }).test(SCHEMA_FAULT, complete))
    .max(40)
    .optional(),
  remedies: exact({
    transformers: array(
      exact({
        id: id(),
        ratedVolts: overZero().max(1000).defined(),
        ratedVa: overZero().defined(),
        openCircuitVolts: exact({
          low: overZero().max(2000).defined(),
          likely: overZero().max(2000).defined(),
          high: overZero().max(2000).defined(),
        })
          .optional()
          .test('order', (value, context) => {
            if (!value || (value.low <= value.likely && value.likely <= value.high)) return true;
            const field = value.low > value.likely ? 'low' : 'likely';
            const above = field === 'low' ? 'likely' : 'high';
            return context.createError({ path: under(context, field), message: `is above ${above}` });
          }),
        minutes: atLeastZero().defined(),
        cost: atLeastZero().defined(),
        licensed: boolean(),
      }),
    ).max(20),
    treatments: array(
      exact({
        id: id(),
        treatment: string<(typeof PATHS)[number]>().oneOf(PATHS).defined(),
        shuntOhms: atLeastZero(),
        linkOhms: atLeastZero(),
        minutes: atLeastZero().defined(),
        cost: atLeastZero().defined(),
        silent: boolean(),
        licensed: boolean(),
      }).test(SCHEMA_FAULT, (value, context) => {
        const missing =
          value.treatment === 'shunt' && value.shuntOhms === undefined
            ? 'shuntOhms'
            : value.treatment === 'link' && value.linkOhms === undefined
              ? 'linkOhms'
              : null;
        return missing
          ? context.createError({ path: under(context, missing), message: `is needed for ${value.treatment}` })
          : true;
      }),
    )
      .min(1)
      .max(10)
      .defined(),
    wires: array(
      exact({
        id: id(),
        run: string<RunName>().oneOf(RUNS).defined(),
        pairs: number().integer().min(1).max(100).defined(),
        minutes: atLeastZero().defined(),
        cost: atLeastZero().defined(),
        licensed: boolean(),
      }),
    ).max(6),
  }),
  policy: string<(typeof SUPPLY_POLICIES)[number]>().oneOf(SUPPLY_POLICIES).defined(),
});
export type AdviceRequest = ReturnType<typeof adviceRequest.validateSync>;
