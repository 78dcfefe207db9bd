import { number, string, type TestContext } from 'yup';
import {
  COPPER_LAW_ENDS_CELSIUS,
  awgToMm2,
  isAwg,
  operatingPoint,
  runOhms,
  type ChimePath,
  type OperatingPoint,
  type Run,
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

const chime = exact({
  treatment: string<ChimePath['treatment']>().oneOf(['series', 'shunt', 'link', 'none']).defined(),
  ohms: number(),
  reactanceOhms: number(),
  shuntOhms: number(),
  linkOhms: number(),
})
  .test(SCHEMA_FAULT, (value, context) => {
    const missing = NEEDED[value.treatment]?.must.find((field) => value[field] === undefined);
    return missing
      ? context.createError({ path: under(context, missing), message: `is needed for ${value.treatment}` })
      : true;
  })
  // A field that the treatment does not need may come along and is ignored
  .test('range', (value, context) => {
    const { must, may } = NEEDED[value.treatment] ?? { must: [], may: [] };
    const negative = [...must, ...may].find((field) => (value[field] ?? 0) < 0);
    return negative ? context.createError({ path: under(context, negative), message: 'is below zero' }) : true;
  });

const load = exact({
  kind: string<'power' | 'resistor' | 'open'>().oneOf(['power', 'resistor', 'open']).defined(),
  watts: atLeastZero(),
  powerFactor: number().moreThan(0).max(1),
  displacementFactor: number().max(1),
  ohms: atLeastZero(),
})
  .test(SCHEMA_FAULT, (value, context) => {
    const needed = { power: ['watts', 'powerFactor'], resistor: ['ohms'], open: [] } as const;
    const missing = (needed[value.kind] ?? []).find((field) => value[field] === undefined);
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

/** Request of POST /api/v1/compute/bell: one operating point of the loop. */
export const bellRequest = exact({
  frequencyHz: overZero().defined(),
  source,
  runs: exact({ toChime: run, toDoor: run }).optional(),
  chime,
  load,
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

/**
 * Answers a parsed request.
 * @throws ProblemError 422 where nothing limits the current, or where figures leave what a computer holds
 */
export function answerBell(request: BellRequest): OperatingPoint {
  const { kind, watts = 0, powerFactor = 1, displacementFactor = 1, ohms = 0 } = request.load;
  const point = operatingPoint({
    source: { ...request.source, seriesReactanceOhms: request.source.seriesReactanceOhms ?? 0 },
    toChimeOhms: ohmsOf(request.runs?.toChime),
    toDoorOhms: ohmsOf(request.runs?.toDoor),
    chime: chimePathOf(request.chime),
    load:
      kind === 'power'
        ? { kind, watts, powerFactor, displacementFactor }
        : kind === 'resistor'
          ? { kind, ohms }
          : { kind },
  });
  const figures = Object.values(point).filter((value) => typeof value === 'number');
  if (figures.some((value) => !Number.isFinite(value)))
    throw new ProblemError(422, 'Nothing limits the current, or the figures leave what can be worked with.', [
      { path: kind === 'resistor' ? 'load.ohms' : '', message: 'no finite operating point' },
    ]);
  return point;
}
