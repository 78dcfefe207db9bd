import type { AdviceQuestion, Takeable, Way } from '@/core/advice';
import {
  DEVICE_REPORTS,
  METER,
  RUN_CELSIUS,
  type BellCase,
  type Evidence,
  type Instrument,
  type Readable,
  type RunName,
} from '@/core/bell';
import { likelyCoil, type TreatmentPath } from '@/core/chime';
import { awgToMm2, runOhms } from '@/core/circuit';
import { REGION_PACKS, regionPack } from '@/core/region';
import type { AdviceRequest } from './adviceRequest';
import type { PATHS } from './bellShapes';
import { ProblemError } from './problem';
import { uniqueIds } from './uniqueIds';

/** Id of the transformer that is there. */
export const KEEP = 'keep';
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

/** What an option is put together from, by the request's ids. */
export interface OptionParts {
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
              ...(transformer.openCircuitVolts ? { openVolts: transformer.openCircuitVolts } : {}),
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
    shared: null,
    evidence: (request.readings ?? []).map((one, i) => evidenceOf(one, i, states)),
  };
}

/**
 * A parsed request in the core's terms.
 * @throws ProblemError 422 where ids stand twice, a state is not the device's, or limits are upside down
 */
export function adviceQuestion(request: AdviceRequest): {
  readonly question: AdviceQuestion;
  readonly parts: readonly OptionParts[];
} {
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
  return { question, parts: options.map(({ parts }) => parts) };
}
