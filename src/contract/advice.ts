import { array, boolean, mixed, number, string, type TestContext } from 'yup';
import {
  LABOUR_PER_MINUTE,
  advise,
  proposalReason,
  standingReason,
  type Advice,
  type AdviceQuestion,
  type Takeable,
  type Way,
} from '@/core/advice';
import {
  DEVICE_REPORTS,
  METER,
  RUN_CELSIUS,
  type BellCase,
  type DeviceReport,
  type Evidence,
  type Instrument,
  type Readable,
  type RunName,
} from '@/core/bell';
import { likelyCoil, type TreatmentPath } from '@/core/chime';
import { SUPPLY_POLICIES } from '@/core/policy';
import { COPPER_LAW_ENDS_CELSIUS, awgToMm2, isAwg, runOhms } from '@/core/circuit';
import { REGION_PACKS, regionPack } from '@/core/region';
import { exact } from './exact';
import { SCHEMA_FAULT } from './parse';
import { ProblemError } from './problem';
import { uniqueIds } from './uniqueIds';

const id = () => string().min(1).max(64).defined();
const overZero = () => number().moreThan(0);
const atLeastZero = () => number().min(0);
const percent = () => number().min(0).max(100);
const under = (context: TestContext, field: string): string => (context.path ? `${context.path}.${field}` : field);
const PATHS = ['series', 'shunt', 'link', 'none'] as const;
const RUNS = ['toChime', 'toDoor'] as const;

const run = exact({
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

const meter = exact({
  percent: percent(),
  counts: atLeastZero(),
  resolutionVolts: atLeastZero(),
}).optional();

const WHATS = ['volts', 'mainsVolts', 'loopOhms', 'coilOhms', 'report'] as const;
const readable = {
  what: string<(typeof WHATS)[number]>().oneOf(WHATS).defined(),
  at: string<'transformer' | 'door'>().oneOf(['transformer', 'door']),
  state: string().min(1).max(64),
  ohms: overZero(),
  run: string<RunName>().oneOf(RUNS),
  meter,
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
  mains: exact({
    nominalVolts: overZero().max(1000).defined(),
    lowPercent: number().min(-90).max(0).defined(),
    highPercent: number().min(0).max(100).defined(),
    frequencyHz: overZero().max(1000).defined(),
  }),
  source: exact({ ratedVolts: overZero().nullable(), ratedVa: overZero().nullable() }).nullable().optional(),
  runs: exact({ toChime: run, toDoor: run }).optional(),
  chime: exact({
    kind: string<'mechanical' | 'electronic' | 'none'>().oneOf(['mechanical', 'electronic', 'none']).defined(),
    ratedVolts: overZero().nullable(),
    present: string<(typeof PATHS)[number]>().oneOf(PATHS).defined(),
  }),
  device: exact({
    states: array(
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
      .defined(),
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

const KEEP = 'keep';
const PRESENT_SHUNT_OHMS = 1;
const PRESENT_LINK_OHMS = 0.3;
const DEFAULT_LENGTH_PERCENT = 20;
const DEFAULT_WATTS_PERCENT = 15;
/** Mains over this is that of a 230 V country, whose bells and wires the guesses follow. */
const HIGH_MAINS_VOLTS = 180;

const refuse = (path: string, message: string): never => {
  throw new ProblemError(422, `${path}: ${message}.`, [{ path, message }]);
};

const presentPath = (path: (typeof PATHS)[number]): TreatmentPath => {
  switch (path) {
    case 'shunt':
      return { path, shuntOhms: PRESENT_SHUNT_OHMS };
    case 'link':
      return { path, linkOhms: PRESENT_LINK_OHMS };
    default:
      return { path };
  }
};

/** Each run in the request's own terms, or nothing of it. */
function runCase(
  given: NonNullable<AdviceRequest['runs']>['toChime'],
  name: RunName,
  gaugeGuess: readonly [number, number, number],
) {
  const low = given?.celsiusLow ?? RUN_CELSIUS[name].low;
  const high = given?.celsiusHigh ?? Math.max(low, RUN_CELSIUS[name].high);
  if (low > high) refuse(`runs.${name}.celsiusLow`, 'is above celsiusHigh');
  const mm2 = given?.mm2 ?? (given?.awg === undefined ? null : awgToMm2(given.awg));
  const lengthM = given?.lengthM ?? 0;
  return {
    lengthM,
    halfM: (lengthM * (given?.lengthPercent ?? DEFAULT_LENGTH_PERCENT)) / 100,
    ohmsPerMetre: runOhms({ lengthM: 1, pairs: given?.pairs ?? 1, celsius: 20, mm2: mm2 ?? 1 }),
    gaugeMm2: given && mm2 === null ? gaugeGuess : null,
    yearCelsius: { low, high },
    dayCelsius: { low, high },
  };
}

const instrumentOf = (
  given: { percent?: number; counts?: number; resolutionVolts?: number } | undefined,
): Instrument => {
  const resolutionVolts = given?.resolutionVolts ?? METER.resolutionVolts;
  return {
    percent: given?.percent ?? METER.percent,
    counts: given?.counts ?? METER.counts,
    resolutionVolts,
    mainsResolutionVolts: resolutionVolts,
    trueRms: true,
  };
};

type GivenReadable = Pick<
  NonNullable<AdviceRequest['canTake']>[number],
  'what' | 'at' | 'state' | 'ohms' | 'run' | 'meter'
>;

function readableOf(given: GivenReadable, path: string, states: readonly string[]): Readable {
  const running = (): number => {
    const at = states.indexOf(given.state ?? '');
    return at < 0 ? refuse(`${path}.state`, `“${given.state}” is no state of the device`) : at;
  };
  switch (given.what) {
    case 'mainsVolts':
      return { what: 'mainsVolts', instrument: instrumentOf(given.meter) };
    case 'coilOhms':
      return { what: 'coilOhms' };
    case 'loopOhms':
      return { what: 'loopOhms', run: given.run ?? 'toDoor' };
    case 'report':
      return { what: 'report', state: running() };
    case 'volts': {
      const at = given.at ?? 'door';
      const instrument = instrumentOf(given.meter);
      if (given.state === 'open') return { what: 'volts', at, under: { kind: 'open' }, instrument };
      if (given.state === 'resistor')
        return { what: 'volts', at, under: { kind: 'resistor', ohms: given.ohms ?? 0 }, instrument };
      return { what: 'volts', at, under: { kind: 'running', state: running() }, instrument };
    }
  }
}

function evidenceOf(
  given: NonNullable<AdviceRequest['readings']>[number],
  i: number,
  states: readonly string[],
): Evidence {
  const what = readableOf(given, `readings[${i}]`, states);
  if (what.what === 'report') {
    const said = given.report ?? given.value;
    return { ...what, id: String(i), report: DEVICE_REPORTS.find((one) => one === said) ?? 'fair' };
  }
  const single = typeof given.value === 'number' ? given.value : undefined;
  const low = given.low ?? single ?? given.high ?? 0;
  return { ...what, id: String(i), value: { low, high: given.high ?? single ?? low } };
}

/** Each way of taking some of the wires, none included. */
function wireSets<T>(wires: readonly T[]): readonly (readonly T[])[] {
  return wires.reduce<readonly (readonly T[])[]>((sets, wire) => [...sets, ...sets.map((set) => [...set, wire])], [[]]);
}

interface OptionParts {
  readonly transformer: string;
  readonly treatment: string;
  readonly wires: readonly string[];
}

function waysOf(request: AdviceRequest): readonly { readonly way: Way; readonly parts: OptionParts }[] {
  const { remedies, device, runs } = request;
  const transformers = [null, ...(remedies.transformers ?? [])];
  const allowed = remedies.treatments.filter(({ treatment }) => device.treatments?.includes(treatment) ?? true);
  return transformers.flatMap((transformer) =>
    allowed.flatMap((treatment) =>
      wireSets(remedies.wires ?? []).map((wires) => {
        const factor = (name: RunName): number => {
          const totals = wires.filter((wire) => wire.run === name).map(({ pairs }) => pairs);
          return totals.length === 0 ? 1 : Math.max(...totals) / (runs?.[name]?.pairs ?? 1);
        };
        const parts = {
          transformer: transformer?.id ?? KEEP,
          treatment: treatment.id,
          wires: wires.map((wire) => wire.id),
        };
        const standing: TreatmentPath =
          treatment.treatment === 'shunt'
            ? { path: 'shunt', shuntOhms: treatment.shuntOhms ?? 0 }
            : treatment.treatment === 'link'
              ? { path: 'link', linkOhms: treatment.linkOhms ?? 0 }
              : { path: treatment.treatment };
        const all = [...(transformer ? [transformer] : []), treatment, ...wires];
        const way: Way = {
          id: [parts.transformer, parts.treatment, ...parts.wires].join('+'),
          change: {
            transformer: transformer && {
              id: transformer.id,
              ratedVolts: transformer.ratedVolts,
              ratedVa: transformer.ratedVa,
            },
            treatment: standing,
            pairFactor: { toChime: factor('toChime'), toDoor: factor('toDoor') },
          },
          ratedVolts: transformer?.ratedVolts ?? request.source?.ratedVolts ?? null,
          ratedVa: transformer?.ratedVa ?? request.source?.ratedVa ?? null,
          minutes: all.reduce((sum, { minutes }) => sum + minutes, 0),
          cost: all.reduce((sum, { cost }) => sum + cost, 0),
          licensed: all.some(({ licensed }) => licensed === true),
          silent: treatment.silent ?? false,
        };
        return { way, parts };
      }),
    ),
  );
}

function caseOf(request: AdviceRequest): BellCase {
  const { mains, source, runs, chime, device } = request;
  const states = device.states.map(({ name }) => name);
  if (new Set(states).size < states.length) refuse('device.states', 'two states have one name');
  for (const [i, name] of states.entries())
    if (name === 'open' || name === 'resistor')
      refuse(`device.states[${i}].name`, `“${name}” means something else for a reading`);
  const region = regionPack(
    REGION_PACKS.find((pack) => pack.mains.nominalVolts > HIGH_MAINS_VOLTS === mains.nominalVolts > HIGH_MAINS_VOLTS)
      ?.id ?? null,
  );
  const coil = likelyCoil(chime.kind, null, {
    ...region,
    mains: { ...region.mains, frequencyHz: mains.frequencyHz > 55 ? 60 : 50 },
  });
  return {
    mains,
    source: { ratedVolts: source?.ratedVolts ?? null, ratedVa: source?.ratedVa ?? null, guess: region.bellGuess },
    runs: {
      toChime: runCase(runs?.toChime, 'toChime', region.gaugeGuessMm2),
      toDoor: runCase(runs?.toDoor, 'toDoor', region.gaugeGuessMm2),
    },
    chime: {
      kind: chime.kind === 'mechanical' ? 'coil' : chime.kind,
      likelyOhms: coil.re,
      likelyRatio: coil.re > 0 ? coil.im / coil.re : 0,
    },
    present: presentPath(chime.present),
    device: {
      ...device,
      states: device.states.map((state) => ({ ...state, displacementFactor: state.displacementFactor ?? 1 })),
      wattsPercent: Math.max(...device.states.map((state) => state.wattsPercent ?? DEFAULT_WATTS_PERCENT)),
    },
    evidence: (request.readings ?? []).map((one, i) => evidenceOf(one, i, states)),
  };
}

const WHAT_WORDS: Readonly<Record<(typeof WHATS)[number], string>> = {
  volts: 'Volts',
  mainsVolts: 'The mains',
  loopOhms: 'Loop ohms',
  coilOhms: 'The coil’s ohms',
  report: 'What the device reports',
};
const share = (belief: number): string => belief.toFixed(2);

/**
 * Answers a parsed request.
 * @throws ProblemError 422 where ids stand twice, a state is not the device's, or limits are upside down
 */
export function answerAdvice(request: AdviceRequest) {
  uniqueIds('canTake', request.canTake ?? []);
  uniqueIds('remedies.transformers', request.remedies.transformers ?? []);
  uniqueIds('remedies.treatments', request.remedies.treatments);
  uniqueIds('remedies.wires', request.remedies.wires ?? []);
  (request.remedies.transformers ?? []).forEach((one, i) => {
    if (one.id === KEEP) refuse(`remedies.transformers[${i}].id`, '“keep” means the transformer that is there');
  });
  const bell = caseOf(request);
  const { capacitanceF, dropVolts, lockOutVolts } = request.device;
  const states = bell.device.states.map(({ name }) => name);
  const options = waysOf(request);
  const takeable: readonly Takeable[] = (request.canTake ?? []).map((one, i) => ({
    id: one.id,
    minutes: one.minutes,
    readable: readableOf(one, `canTake[${i}]`, states),
  }));
  const question: AdviceQuestion = {
    bell,
    timeDomain:
      capacitanceF === undefined || dropVolts === undefined || lockOutVolts === undefined
        ? null
        : { capacitor: { capacitanceF, dropVolts, lockOutVolts }, frequencyHz: request.mains.frequencyHz },
    ways: options.map(({ way }) => way),
    takeable,
    policy: request.policy,
    chimeVolts: request.chime.ratedVolts ?? null,
  };
  return answered(
    question,
    advise(question),
    options.map(({ parts }) => parts),
  );
}

function answered(question: AdviceQuestion, advice: Advice, parts: readonly OptionParts[]) {
  const { bell } = question;
  const asNamed = (state: string): string => state;
  const told = advice.ways.map(({ way, standing }) => ({ way, standing }));
  return {
    estimate: advice.estimate,
    contradictions: advice.contradictions.map(({ readings, sigmas, mayBe }) => ({
      readings: readings.map(Number),
      sigmas,
      mayBe,
    })),
    options: advice.ways.map(({ way, standing, dominated }, i) => ({
      id: way.id,
      transformer: parts[i]?.transformer ?? KEEP,
      treatment: parts[i]?.treatment ?? '',
      wires: parts[i]?.wires ?? [],
      verdict: standing.verdict,
      state: standing.state,
      belief: standing.belief,
      marginVolts: standing.marginVolts,
      minutes: way.minutes * LABOUR_PER_MINUTE,
      cost: way.cost,
      licensed: way.licensed,
      silent: way.silent,
      dominated,
      reason:
        way === advice.proposed
          ? proposalReason(bell, { way, standing }, told, asNamed)
          : standingReason(bell, standing, asNamed),
    })),
    proposed: advice.proposed?.id ?? null,
    next: advice.next.map(({ id: reading, chanceToChange, moves }) => {
      const one = question.takeable.find((take) => take.id === reading);
      const what = one ? WHAT_WORDS[one.readable.what] : 'This';
      const way = moves && question.ways[moves.way];
      const why = way
        ? `${what} would move the belief in “${way.id}” to about ${share(moves.down)} or ${share(moves.up)}.`
        : `${what} could change what is proposed.`;
      return { id: reading, chanceToChange, why };
    }),
    enough: advice.enough,
  };
}
