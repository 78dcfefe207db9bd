import { array, boolean, number, string } from 'yup';
import { METER, RUN_CELSIUS, type RunName } from '@/core/bell';
import { awgToMm2 } from '@/core/circuit';
import {
  BELL_FAULT_KINDS,
  BELL_TEST_KINDS,
  FIGURE,
  HouseStock,
  diagnose,
  faultFits,
  testFits,
  testShape,
  type BellDone,
  type BellFaultKind,
  type BellTestKind,
  type Diagnosis,
  type Found,
  type TroubledBell,
} from '@/core/faults';
import { PATHS, atLeastZero, id, mainsShape, meterShape, overZero, runShape, statesShape } from './bellShapes';
import { exact } from './exact';
import { SCHEMA_FAULT } from './parse';
import { ProblemError } from './problem';

const MOST = { walks: 60, done: 40 } as const;
/** What is taken where a request does not say it. */
const USUAL = { lengthPercent: 20, wattsPercent: 15, dbmPlusMinus: 5, awg: 20 } as const;
/** Beyond it no minutes mean anything. */
const MOST_MINUTES = 1e6;

const minutes = () => atLeastZero().max(MOST_MINUTES).defined();
const faultKind = () => string<BellFaultKind>().oneOf(BELL_FAULT_KINDS);
const testKind = () => string<BellTestKind>().oneOf(BELL_TEST_KINDS);

/** Request of POST /api/v1/compute/diagnose. */
export const diagnoseRequest = exact({
  mains: mainsShape,
  source: exact({ ratedVolts: overZero().max(1000).defined(), ratedVa: overZero().max(1e6).defined() }),
  runs: exact({ toChime: runShape.defined(), toDoor: runShape.defined() }),
  chime: exact({
    kind: string<'mechanical' | 'electronic' | 'none'>().oneOf(['mechanical', 'electronic', 'none']).defined(),
    ratedVolts: overZero().max(1000).nullable(),
    intended: string<(typeof PATHS)[number]>().oneOf(PATHS).defined(),
  }),
  device: exact({
    states: statesShape,
    doorMinVolts: atLeastZero().defined(),
    doorFullVolts: atLeastZero().defined(),
    doorMaxVolts: number(),
    treatments: array(),
  }).test('order', (value, { createError, path }) =>
    value.doorMinVolts > value.doorFullVolts
      ? createError({ path: `${path}.doorMinVolts`, message: 'is above doorFullVolts' })
      : true,
  ),
  state: id(),
  symptom: string<TroubledBell['symptom']>().oneOf(['offline', 'weak', 'noChime']).defined(),
  wifi: exact({
    dbm: number().min(-200).max(100).defined(),
    dbmPlusMinus: atLeastZero().max(100),
    needsDbm: number().min(-200).max(100).defined(),
  })
    .nullable()
    .optional(),
  meter: meterShape,
  faults: array(exact({ kind: faultKind().defined(), probability: atLeastZero().defined(), repairMinutes: minutes() }))
    .min(1)
    .max(BELL_FAULT_KINDS.length)
    .defined(),
  tests: array(exact({ kind: testKind().defined(), minutes: minutes(), ohms: overZero().max(1e6) }))
    .max(BELL_TEST_KINDS.length)
    .defined(),
  walks: array(exact({ from: id(), to: id(), minutes: minutes() }))
    .max(MOST.walks)
    .defined(),
  at: string().min(1).max(64).nullable().defined(),
  done: array(
    exact({ test: testKind(), outcome: string(), value: number(), repair: faultKind(), fixed: boolean() }).test(
      SCHEMA_FAULT,
      'is a test with its outcome or its value, or a repair and whether it fixed it',
      ({ test, outcome, value, repair, fixed }) =>
        repair === undefined
          ? test !== undefined && (outcome === undefined) !== (value === undefined) && fixed === undefined
          : fixed !== undefined && test === undefined && outcome === undefined && value === undefined,
    ),
  )
    .max(MOST.done)
    .defined(),
});
export type DiagnoseRequest = ReturnType<typeof diagnoseRequest.validateSync>;

const refuse = (path: string, message: string): never => {
  throw new ProblemError(422, `${path} ${message}.`, [{ path, message }]);
};

type RunAsked = DiagnoseRequest['runs'][RunName];

function runOf(name: RunName, { lengthM, lengthPercent, awg, mm2, pairs, celsiusLow, celsiusHigh }: RunAsked) {
  const low = celsiusLow ?? RUN_CELSIUS[name].low;
  const high = celsiusHigh ?? Math.max(low, RUN_CELSIUS[name].high);
  if (low > high) refuse(`runs.${name}.celsiusLow`, 'is above celsiusHigh');
  return {
    lengthM,
    lengthPercent: lengthPercent ?? USUAL.lengthPercent,
    mm2: mm2 ?? awgToMm2(awg ?? USUAL.awg),
    pairs: pairs ?? 1,
    celsiusLow: low,
    celsiusHigh: high,
  };
}

function bellOf(asked: DiagnoseRequest): TroubledBell {
  const { mains, source, runs, chime, device, wifi, meter } = asked;
  const state = device.states.find(({ name }) => name === asked.state) ?? refuse('state', 'is none of the device’s');
  if (chime.kind !== 'mechanical' && (chime.intended === 'series' || chime.intended === 'shunt'))
    refuse('chime.intended', 'needs a mechanical chime');
  const rings = chime.intended === 'series' || chime.intended === 'shunt';
  const ratedVolts = chime.ratedVolts ?? null;
  if (rings && ratedVolts === null) refuse('chime.ratedVolts', 'is needed where the chime can ring');
  return {
    mains,
    source,
    runs: { toChime: runOf('toChime', runs.toChime), toDoor: runOf('toDoor', runs.toDoor) },
    chime: { kind: chime.kind, ratedVolts, intended: chime.intended },
    device: {
      watts: state.watts,
      wattsPercent: state.wattsPercent ?? USUAL.wattsPercent,
      powerFactor: state.powerFactor,
      displacementFactor: state.displacementFactor ?? 1,
      doorMinVolts: device.doorMinVolts,
      doorFullVolts: device.doorFullVolts,
    },
    symptom: asked.symptom,
    wifi: wifi
      ? { dbm: wifi.dbm, dbmPlusMinus: wifi.dbmPlusMinus ?? USUAL.dbmPlusMinus, needsDbm: wifi.needsDbm }
      : null,
    meter: {
      percent: meter?.percent ?? METER.percent,
      counts: meter?.counts ?? METER.counts,
      resolutionVolts: meter?.resolutionVolts ?? METER.resolutionVolts,
    },
  };
}

/** What a test came to, held against what it can show. */
function foundBy(path: string, test: BellTestKind, { outcome, value }: DiagnoseRequest['done'][number]): Found {
  const { figure, words } = testShape(test);
  if (value === undefined) {
    if (outcome === FIGURE) refuse(`${path}.value`, 'is needed for a figure');
    if (!words.includes(outcome ?? '')) refuse(`${path}.outcome`, `is not what ${test} shows`);
    return { word: outcome ?? '' };
  }
  if (figure === null) refuse(`${path}.value`, `is not what ${test} shows`);
  if (figure !== 'dbm' && value < 0) refuse(`${path}.value`, 'is below 0');
  return { value };
}

function doneOf({ done, faults, tests }: DiagnoseRequest, bell: TroubledBell): readonly BellDone[] {
  const listed = new Set(faults.map(({ kind }) => kind));
  const taken = new Set<BellTestKind>();
  return done.map((one, i): BellDone => {
    const path = `done[${i}]`;
    if (i > 0 && done[i - 1]?.fixed === true) refuse(path, 'goes on after it was fixed');
    const { test, repair } = one;
    if (repair !== undefined) {
      if (!listed.has(repair)) refuse(`${path}.repair`, 'is not one of the faults');
      return { repair, fixed: one.fixed ?? false };
    }
    if (test === undefined) return refuse(path, 'is neither a test nor a repair');
    if (!tests.some(({ kind }) => kind === test)) refuse(`${path}.test`, 'is not one of the tests');
    if (!testFits(test, bell)) refuse(`${path}.test`, 'can’t be taken at this bell');
    if (taken.has(test)) refuse(`${path}.test`, 'was done before');
    taken.add(test);
    return { test, found: foundBy(path, test, one) };
  });
}

function eachOnce(place: string, kinds: readonly string[]): void {
  kinds.forEach((kind, i) => {
    if (kinds.indexOf(kind) < i) refuse(`${place}[${i}].kind`, 'stands there twice');
  });
}

/** Houses of the bells that were asked about last: who looks for a fault asks again and again. */
const STOCKS = new Map<string, HouseStock>();
const MOST_STOCKS = 2;

function stockOf(bell: TroubledBell): HouseStock {
  const key = JSON.stringify(bell);
  const stock = STOCKS.get(key) ?? new HouseStock(bell);
  // The one that was asked for last stands last
  STOCKS.delete(key);
  STOCKS.set(key, stock);
  if (STOCKS.size > MOST_STOCKS) STOCKS.delete(STOCKS.keys().next().value ?? '');
  return stock;
}

/** Answers a parsed request. @throws ProblemError 422 where it contradicts itself, or no fault explains what was done */
export function answerDiagnose(asked: DiagnoseRequest): Diagnosis {
  const { faults, tests, walks, at } = asked;
  const bell = bellOf(asked);
  eachOnce(
    'faults',
    faults.map(({ kind }) => kind),
  );
  eachOnce(
    'tests',
    tests.map(({ kind }) => kind),
  );
  if (faults.every(({ probability }) => probability === 0)) refuse('faults', 'have no probability');
  if (!Number.isFinite(faults.reduce((sum, { probability }) => sum + probability, 0)))
    refuse('faults', 'have probabilities that are too large');
  faults.forEach(({ kind }, i) => {
    if (!faultFits(kind, bell)) refuse(`faults[${i}].kind`, 'can’t be at this bell');
  });
  tests.forEach(({ kind, ohms }, i) => {
    if (!testFits(kind, bell)) refuse(`tests[${i}].kind`, 'can’t be taken at this bell');
    if (kind === 'loadVolts' && ohms === undefined) refuse(`tests[${i}].ohms`, 'is needed for loadVolts');
  });
  if (asked.symptom === 'noChime' && !testFits('pressLeads', bell)) refuse('symptom', 'needs a chime that can ring');
  const done = doneOf(asked, bell);
  const answer = diagnose({ bell, faults, tests, walks, at, done }, stockOf(bell));
  if (answer) return answer;
  return done.length > 0
    ? refuse('done', 'is explained by no fault')
    : refuse('faults', 'none of them makes a bell that worked show this');
}
