import { array, number, string, type TestContext } from 'yup';
import {
  COLLAPSED,
  COPPER_LAW_ENDS_CELSIUS,
  awgToMm2,
  isAwg,
  operatingPoint,
  rectifierPoint,
  runOhms,
  sharedSourcePoint,
  type ChimePath,
  type Load,
  type Loop,
  type OperatingPoint,
  type RectifierFigures,
  type Run,
  type SecondFigures,
} from '@/core/circuit';
import { exact } from './exact';
import { SCHEMA_FAULT } from './parse';
import { ProblemError } from './problem';

const atLeastZero = () => number().min(0);
const overZero = () => number().moreThan(0);

const source = exact({
  openCircuitVolts: overZero().defined(),
  seriesOhms: atLeastZero().defined(),
  seriesReactanceOhms: atLeastZero(),
  ratedVolts: overZero().nullable(),
  ratedVa: overZero().nullable(),
});

const run = exact({
  lengthM: atLeastZero().defined(),
  awg: number().test('gauge', 'there is no such gauge', (awg) => awg === undefined || isAwg(awg)),
  mm2: overZero(),
  pairs: number().integer().min(1),
  celsius: number().moreThan(COPPER_LAW_ENDS_CELSIUS).max(1000),
})
  .optional()
  .test(SCHEMA_FAULT, 'a run has either awg or mm2', (value) =>
    value ? (value.awg === undefined) !== (value.mm2 === undefined) : true,
  );

type Names = readonly ('ohms' | 'reactanceOhms' | 'shuntOhms' | 'linkOhms')[];
const NEEDED: Readonly<Record<ChimePath['treatment'], { readonly must: Names; readonly may: Names }>> = {
  series: { must: ['ohms'], may: ['reactanceOhms'] },
  shunt: { must: ['ohms', 'shuntOhms'], may: ['reactanceOhms'] },
  link: { must: ['linkOhms'], may: [] },
  none: { must: [], may: [] },
};

const under = (context: TestContext, field: string): string => (context.path ? `${context.path}.${field}` : field);

const chimeShape = {
  treatment: string<ChimePath['treatment']>().oneOf(['series', 'shunt', 'link', 'none']).defined(),
  ohms: number(),
  reactanceOhms: number(),
  shuntOhms: number(),
  linkOhms: number(),
};
type GivenChime = { readonly treatment: ChimePath['treatment'] } & {
  readonly [K in Names[number]]?: number | undefined;
};

function missingField(value: GivenChime | undefined, context: TestContext) {
  const missing = value && NEEDED[value.treatment]?.must.find((field) => value[field] === undefined);
  return missing
    ? context.createError({ path: under(context, missing), message: `is needed for ${value.treatment}` })
    : true;
}

/** A field that the treatment does not need may come along and is ignored. */
function negativeField(value: GivenChime | undefined, context: TestContext) {
  if (!value) return true;
  const { must, may } = NEEDED[value.treatment] ?? { must: [], may: [] };
  const negative = [...must, ...may].find((field) => (value[field] ?? 0) < 0);
  return negative ? context.createError({ path: under(context, negative), message: 'is below zero' }) : true;
}

const chime = exact(chimeShape).test(SCHEMA_FAULT, missingField).test('range', negativeField);
const secondChime = exact(chimeShape).optional().test(SCHEMA_FAULT, missingField).test('range', negativeField);

const LOAD_NEEDS = {
  power: ['watts', 'powerFactor'],
  rectifier: ['watts', 'capacitanceF', 'dropVolts'],
  resistor: ['ohms'],
  open: [],
} as const;
type LoadKind = keyof typeof LOAD_NEEDS;

const loadOf = (...kinds: readonly LoadKind[]) =>
  exact({
    kind: string<LoadKind>().oneOf(kinds).defined(),
    watts: atLeastZero(),
    powerFactor: number().moreThan(0).max(1),
    displacementFactor: number().max(1),
    ohms: atLeastZero(),
    capacitanceF: overZero(),
    dropVolts: atLeastZero(),
  })
    .test(SCHEMA_FAULT, (value, context) => {
      const missing = (Object.hasOwn(LOAD_NEEDS, value.kind) ? LOAD_NEEDS[value.kind] : []).find(
        (field) => value[field] === undefined,
      );
      return missing
        ? context.createError({ path: under(context, missing), message: `is needed for ${value.kind}` })
        : true;
    })
    .test('factors', (value, context) =>
      value.kind === 'power' && (value.displacementFactor ?? 1) < (value.powerFactor ?? 0)
        ? context.createError({
            path: under(context, 'displacementFactor'),
            message: 'lies from powerFactor to 1',
          })
        : true,
    );
type GivenLoad = ReturnType<ReturnType<typeof loadOf>['validateSync']>;

/** A further load beside the door: from the chime's Trans (or straight from the transformer) and back to it. */
const secondLoad = exact({
  /** `chime`: behind a coil of its own between Trans and Rear. `transformer`: straight from its screws. */
  from: string<'chime' | 'transformer'>().oneOf(['chime', 'transformer']).defined(),
  run,
  chime: secondChime,
  load: loadOf('power', 'resistor', 'open'),
});

/** Request of POST /api/v1/compute/bell: one operating point of the loop. */
export const bellRequest = exact({
  frequencyHz: overZero().defined(),
  source,
  runs: exact({ toChime: run, toDoor: run }).optional(),
  chime,
  load: loadOf('power', 'rectifier', 'resistor', 'open'),
  second: array(secondLoad).max(4),
});
export type BellRequest = ReturnType<typeof bellRequest.validateSync>;

const DEFAULT_CELSIUS = 20;

function ohmsOf(given: NonNullable<BellRequest['runs']>['toChime']): number {
  if (!given) return 0;
  const asRun: Run = {
    lengthM: given.lengthM,
    mm2: given.mm2 ?? awgToMm2(given.awg ?? NaN),
    pairs: given.pairs ?? 1,
    celsius: given.celsius ?? DEFAULT_CELSIUS,
  };
  return runOhms(asRun);
}

function chimePathOf({
  treatment,
  ohms = 0,
  reactanceOhms = 0,
  shuntOhms = 0,
  linkOhms = 0,
}: BellRequest['chime']): ChimePath {
  switch (treatment) {
    case 'series':
      return { treatment, ohms, reactanceOhms };
    case 'shunt':
      return { treatment, ohms, reactanceOhms, shuntOhms };
    case 'link':
      return { treatment, linkOhms };
    case 'none':
      return { treatment };
  }
}

function loadFrom({ kind, watts = 0, powerFactor = 1, displacementFactor = 1, ohms = 0 }: GivenLoad): Load {
  switch (kind) {
    case 'power':
      return { kind, watts, powerFactor, displacementFactor };
    case 'resistor':
      return { kind, ohms };
    default:
      return { kind: 'open' };
  }
}

type CapacitorFigures = { readonly [K in 'capMinVolts' | 'capMeanVolts' | 'powerFactor']?: RectifierFigures[K] | null };
type BellAnswer = OperatingPoint & CapacitorFigures & { readonly second?: readonly SecondFigures[] };

/** The rectifier in the time domain; without watts it is open, its capacitor at the peak. */
function answerRectifier(loop: Omit<Loop, 'load'>, request: BellRequest): BellAnswer {
  const { watts = 0, capacitanceF = 0, dropVolts = 0 } = request.load;
  if (watts === 0) {
    const peak = Math.SQRT2 * loop.source.openCircuitVolts;
    return {
      ...operatingPoint({ ...loop, load: { kind: 'open' } }),
      capMinVolts: peak,
      capMeanVolts: peak,
      powerFactor: null,
    };
  }
  const figures = rectifierPoint({
    ...loop,
    frequencyHz: request.frequencyHz,
    load: { watts, capacitanceF, dropVolts },
  });
  return figures
    ? { status: 'ok', ...figures, maxWatts: null }
    : { ...COLLAPSED, maxWatts: null, capMinVolts: null, capMeanVolts: null, powerFactor: null };
}

/**
 * Answers a parsed request.
 * @throws ProblemError 422 where nothing limits the current, or where figures leave what a computer holds
 */
export function answerBell(request: BellRequest): BellAnswer {
  const { kind } = request.load;
  const second = request.second ?? [];
  if (kind === 'rectifier' && second.length > 0)
    throw new ProblemError(422, 'Beside a rectifier no second load is computed: the time domain holds one loop.', [
      { path: 'second', message: 'not beside a rectifier' },
    ]);
  const loop: Loop = {
    source: { ...request.source, seriesReactanceOhms: request.source.seriesReactanceOhms ?? 0 },
    toChimeOhms: ohmsOf(request.runs?.toChime),
    toDoorOhms: ohmsOf(request.runs?.toDoor),
    chime: chimePathOf(request.chime),
    load: loadFrom(request.load),
  };
  const point: BellAnswer =
    kind === 'rectifier'
      ? answerRectifier(loop, request)
      : second.length > 0
        ? sharedSourcePoint(
            loop,
            second.map((one) => ({
              from: one.from,
              runOhms: ohmsOf(one.run),
              chime: one.chime ? chimePathOf(one.chime) : { treatment: 'none' },
              load: loadFrom(one.load),
            })),
          )
        : operatingPoint(loop);
  const figures = [point, ...(point.second ?? [])]
    .flatMap((one): readonly unknown[] => Object.values(one))
    .filter((value) => typeof value === 'number');
  if (figures.some((value) => !Number.isFinite(value)))
    throw new ProblemError(422, 'Nothing limits the current, or the figures leave what can be worked with.', [
      { path: kind === 'resistor' ? 'load.ohms' : '', message: 'no finite operating point' },
    ]);
  return point;
}
