import { array, number, string, type TestContext } from 'yup';
import { COPPER_LAW_ENDS_CELSIUS, isAwg } from '@/core/circuit';
import { exact } from './exact';
import { SCHEMA_FAULT } from './parse';

// What requests about a bell circuit have in common.

export const id = () => string().min(1).max(64).defined();
export const overZero = () => number().moreThan(0);
export const atLeastZero = () => number().min(0);
export const percent = () => number().min(0).max(100);
export const under = (context: TestContext, field: string): string =>
  context.path ? `${context.path}.${field}` : field;
/** What can lie between Trans and Front. */
export const PATHS = ['series', 'shunt', 'link', 'none'] as const;
export const RUNS = ['toChime', 'toDoor'] as const;

/** A run of bell wire: its length and, where they are known, gauge, pairs and temperatures. */
export const runShape = exact({
  lengthM: atLeastZero().max(10_000).defined(),
  lengthPercent: percent(),
  awg: number().test('gauge', 'there is no such gauge', (awg) => awg === undefined || isAwg(awg)),
  mm2: overZero(),
  pairs: number().integer().min(1),
  celsiusLow: number().moreThan(COPPER_LAW_ENDS_CELSIUS).max(1000),
  celsiusHigh: number().moreThan(COPPER_LAW_ENDS_CELSIUS).max(1000),
})
  .optional()
  .test(SCHEMA_FAULT, 'a run has awg or mm2, not both', (value) =>
    value ? value.awg === undefined || value.mm2 === undefined : true,
  );

/** A meter: its gain, the counts of its last digit, the digit. */
export const meterShape = exact({
  percent: percent(),
  counts: atLeastZero(),
  resolutionVolts: atLeastZero(),
}).optional();

/** The house’s supply, and how far it swings. */
export const mainsShape = exact({
  nominalVolts: overZero().max(1000).defined(),
  lowPercent: number().min(-90).max(0).defined(),
  highPercent: number().min(0).max(100).defined(),
  frequencyHz: overZero().max(1000).defined(),
});

/** What a device draws in each of its states. */
export const statesShape = array(
  exact({
    name: id(),
    watts: overZero().max(10_000).defined(),
    wattsPercent: percent(),
    powerFactor: number().moreThan(0).max(1).defined(),
    displacementFactor: number().max(1),
  }).test('factors', (value, context) =>
    (value.displacementFactor ?? 1) < value.powerFactor
      ? context.createError({ path: under(context, 'displacementFactor'), message: 'lies from powerFactor to 1' })
      : true,
  ),
)
  .min(1)
  .max(8)
  .defined();
