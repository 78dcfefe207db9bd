// Over 300 lines: the houses, their meter and the fitters stand apart from the core on purpose, in one file to be read whole.
import { answerAdvice } from '@/contract/advice';
import { adviceRequest, type AdviceRequest } from '@/contract/adviceRequest';
import { parse } from '@/contract/parse';
import { awgToMm2, operatingPoint, runOhms, type ChimePath } from '@/core/circuit';
import { normalAt, seeded, Z95, type Random } from '@/core/random';
import { line, ms, share } from './measured';

// A tournament of fitters on made-up houses: who proposes what holds, with how few readings, at what cost?
// The houses are drawn and solved here, by code of their own: the closed form of a loop is all that is shared.

/** What is fixed in a house, and the day of the visit. */
interface TrueHouse {
  readonly openVolts: number;
  readonly sourceOhms: number;
  readonly runs: Readonly<Record<'toChime' | 'toDoor', { copper: number; splice: number; celsius: number }>>;
  readonly coil: { ohms: number; reactance: number };
  readonly watts: number;
  readonly mains: number;
  readonly warm: number;
  readonly gain: number;
  /** One deviation for each transformer of the shelf. */
  readonly shelf: readonly number[];
}

interface Town {
  readonly name: string;
  /** Factor on what the priors say of odd transformers, lengths and splices. */
  readonly odd: number;
  readonly regulation: number;
}

const SHELF = [
  { id: 't16-30', ratedVolts: 16, ratedVa: 30, minutes: 45, cost: 32, licensed: false },
  { id: 't24-40', ratedVolts: 24, ratedVa: 40, minutes: 45, cost: 38, licensed: false },
] as const;
const TREATMENTS = [
  { id: 'module', treatment: 'shunt' as const, shuntOhms: 1, minutes: 10, cost: 0, silent: false },
  { id: 'bypass', treatment: 'link' as const, linkOhms: 0.3, minutes: 8, cost: 0, silent: true },
] as const;
const REGULATION: readonly (readonly [number, number, number, number])[] = [
  [8, 0.3, 0.45, 0.8],
  [12, 0.2, 0.33, 0.6],
  [24, 0.14, 0.24, 0.45],
  [35, 0.1, 0.2, 0.36],
  [50, 0.08, 0.16, 0.3],
  [Infinity, 0.05, 0.1, 0.18],
];

/** A standard normal, nothing beyond 2.5 σ. */
function normal(random: Random): number {
  for (;;) {
    const z = normalAt(Math.min(1 - 1e-9, Math.max(1e-9, random())));
    if (Math.abs(z) <= 2.5) return z;
  }
}
const skewed = (low: number, likely: number, high: number, z: number): number =>
  likely * Math.exp((z / Z95) * (z < 0 ? Math.log(likely / low) : Math.log(high / likely)));
const regulation = (va: number, z: number): number => {
  const [, low, likely, high] = REGULATION.find(([upTo]) => va <= upTo) ?? [0, 0.05, 0.1, 0.18];
  return skewed(low, likely, high, z);
};
const pick = <T>(list: readonly T[], random: Random): T => {
  const one = list[Math.floor(random() * list.length)];
  if (one === undefined) throw new Error('nothing to pick from');
  return one;
};
function triangular(low: number, high: number, random: Random): number {
  const u = random();
  const left = -low / (high - low);
  return u < left ? low + Math.sqrt(u * (high - low) * -low) : high - Math.sqrt((1 - u) * (high - low) * high);
}

/** A request without readings, as an installer would fill it in, and the house behind it. */
function aHouse(random: Random, town: Town): { request: AdviceRequest; house: TrueHouse } {
  const ratedVolts = pick([16, 16, 16, 16, 10, 24, 18], random);
  const ratedVa = pick([10, 10, 15, 20, 20, 30, 5], random);
  const known = random() < 0.85;
  const lengths = { toChime: 3 + 15 * random(), toDoor: 2 + 14 * random() };
  const gauge = { toChime: pick([18, 20, 20, 22], random), toDoor: pick([18, 20, 22, 24], random) };
  const state = (name: string, watts: number) => ({
    name,
    watts,
    wattsPercent: 15,
    powerFactor: 0.75,
    displacementFactor: 1,
  });
  const device = pick(
    [
      [2.2, 3.8, 5.2, 4.5],
      [2.8, 4.6, 6.4, 5.2],
    ],
    random,
  );
  const run = (name: 'toChime' | 'toDoor', low: number, high: number) => ({
    lengthM: lengths[name],
    lengthPercent: 20,
    awg: gauge[name],
    pairs: 1,
    celsiusLow: low,
    celsiusHigh: high,
  });
  const request: AdviceRequest = {
    mains: { nominalVolts: 120, lowPercent: -10, highPercent: 5, frequencyHz: 60 },
    source: known ? { ratedVolts, ratedVa } : null,
    runs: { toChime: run('toChime', 15, 30), toDoor: run('toDoor', -20, 50) },
    chime: { kind: 'mechanical', ratedVolts: 16, present: 'series' },
    device: {
      states: ['standby', 'liveDay', 'liveNight', 'boot'].map((name, i) => state(name, device[i] ?? 0)),
      doorMinVolts: 13,
      doorFullVolts: 14.5,
      doorMaxVolts: 36,
      treatments: ['shunt', 'link'],
    },
    readings: [],
    canTake: [
      { id: 'open', what: 'volts', at: 'transformer', state: 'open', minutes: 3 },
      { id: 'load', what: 'volts', at: 'transformer', state: 'resistor', ohms: 15, minutes: 4 },
      { id: 'mains', what: 'mainsVolts', minutes: 2 },
      { id: 'doorLoad', what: 'volts', at: 'door', state: 'resistor', ohms: 22, minutes: 6 },
      { id: 'loopDoor', what: 'loopOhms', run: 'toDoor', minutes: 6 },
      { id: 'loopChime', what: 'loopOhms', run: 'toChime', minutes: 6 },
      { id: 'coil', what: 'coilOhms', minutes: 4 },
      { id: 'live', what: 'volts', at: 'door', state: 'liveDay', minutes: 8 },
    ],
    remedies: {
      transformers: [...SHELF],
      treatments: [...TREATMENTS],
      wires: [{ id: 'join', run: 'toDoor', pairs: 2, minutes: 15, cost: 2 }],
    },
    policy: 'soundest',
  };
  let volts = known ? ratedVolts : random() < 0.76 ? 16 : pick([10, 24], random);
  let va = known ? ratedVa : skewed(8, 10, 30, normal(random));
  const z = normal(random) + town.regulation;
  let open = 1;
  let ohms = 1;
  let more = 1;
  const odd = random() / town.odd;
  if (odd < 0.08) {
    open = 1 - 0.07 * random();
    ohms = 1 + 1.2 * random();
  } else if (odd < 0.13) va = pick([5, 8, 10, 15, 20, 30, 40], random);
  else if (odd < 0.17) volts = pick([8, 10, 12, 16, 18, 24], random);
  else if (odd < 0.2) more = 1.3 + 0.7 * random();
  const reg = more * regulation(va, z);
  const trueRun = (name: 'toChime' | 'toDoor', low: number, high: number) => {
    const far = random() < 0.06 * town.odd;
    const factor = far ? 0.5 * 4 ** random() : 1 + (0.2 * normal(random)) / Z95;
    return {
      copper: runOhms({ lengthM: lengths[name] * factor, mm2: awgToMm2(gauge[name]), pairs: 1, celsius: 20 }),
      splice: random() < 0.03 * town.odd ? 0.5 * 10 ** random() : 0.03 * random(),
      celsius: low + (high - low) * random(),
    };
  };
  const coil = skewed(3.9, 6, 9, normal(random));
  return {
    request,
    house: {
      openVolts: open * volts * (1 + reg),
      sourceOhms: (ohms * reg * volts * volts) / va,
      runs: { toChime: trueRun('toChime', 15, 30), toDoor: trueRun('toDoor', -20, 50) },
      coil: { ohms: coil, reactance: coil * (8 / 6) * skewed(0.7, 1, 1.4, normal(random)) },
      watts: 1 + (0.15 * normal(random)) / Z95,
      mains: 1 + triangular(-10, 5, random) / 100,
      warm: 1 + 0.25 * random(),
      gain: 1 + 0.01 * (2 * random() - 1),
      shelf: SHELF.map(() => normal(random)),
    },
  };
}

const warmth = (celsius: number): number => 1 + 0.00393 * (celsius - 20);

/** Truth of an option in a house, by the operating point at the worst corners. */
function holds(house: TrueHouse, request: AdviceRequest, option: Option): boolean {
  const fitted = SHELF.findIndex(({ id }) => id === option.transformer);
  const plate = SHELF[fitted];
  const reg = plate ? regulation(plate.ratedVa, house.shelf[fitted] ?? 0) : 0;
  const open = plate ? plate.ratedVolts * (1 + reg) : house.openVolts;
  const inside = plate ? (reg * plate.ratedVolts ** 2) / plate.ratedVa : house.sourceOhms;
  const coil = { ohms: house.coil.ohms, reactanceOhms: house.coil.reactance };
  const chime: ChimePath =
    option.treatment === 'module'
      ? { treatment: 'shunt', ...coil, shuntOhms: 1 }
      : { treatment: 'link', linkOhms: 0.3 };
  const pairs = option.wires.includes('join') ? 2 : 1;
  const door = (mains: number, warm: number, chimeC: number, doorC: number, watts: number): number =>
    operatingPoint({
      source: { openCircuitVolts: open * mains, seriesOhms: inside * warm },
      toChimeOhms: house.runs.toChime.copper * warmth(chimeC) + house.runs.toChime.splice,
      toDoorOhms: (house.runs.toDoor.copper * warmth(doorC) + house.runs.toDoor.splice) / pairs,
      chime,
      load: { kind: 'power', watts: watts * house.watts, powerFactor: 0.75 },
    }).doorVolts ?? 0;
  return request.device.states.every(
    ({ watts }) => door(0.9, 1.25, 30, 50, watts) >= 13 && door(1.05, 1, 15, -20, watts) <= 36,
  );
}

type Taken = NonNullable<AdviceRequest['readings']>[number];
type Takeable = NonNullable<AdviceRequest['canTake']>[number];
type Option = {
  id: string;
  transformer: string;
  treatment: string;
  wires: readonly string[];
  minutes: number;
  cost: number;
  silent: boolean;
  belief: number;
};

/** What the meter shows. */
function read(house: TrueHouse, request: AdviceRequest, take: Takeable, random: Random): Taken {
  const { id: _id, minutes: _minutes, ...what } = take;
  const run = (name: 'toChime' | 'toDoor') =>
    house.runs[name].copper * warmth(house.runs[name].celsius) + house.runs[name].splice;
  const ohms = (truth: number): Taken => {
    const half = 0.02 * truth + 0.2;
    const middle = truth + half * (2 * random() - 1);
    return { ...what, low: Math.max(0, middle - half), high: middle + half };
  };
  if (take.what === 'loopOhms') return ohms(run(take.run ?? 'toDoor'));
  if (take.what === 'coilOhms') return ohms(house.coil.ohms);
  const mains = house.mains * (1 + 0.003 * normal(random));
  const shown = (volts: number): Taken => ({
    ...what,
    value: Math.max(0, Math.round((volts * house.gain + 0.3 * (2 * random() - 1)) * 10) / 10),
  });
  if (take.what === 'mainsVolts') return shown(120 * mains);
  const emf = house.openVolts * mains;
  if (take.state === 'open') return shown(emf);
  const point = operatingPoint({
    source: { openCircuitVolts: emf, seriesOhms: house.sourceOhms * (take.state === 'resistor' ? 1 : house.warm) },
    toChimeOhms: take.at === 'transformer' ? 0 : run('toChime'),
    toDoorOhms: take.at === 'transformer' ? 0 : run('toDoor'),
    chime:
      take.at === 'transformer'
        ? { treatment: 'none' }
        : { treatment: 'series', ohms: house.coil.ohms, reactanceOhms: house.coil.reactance },
    load:
      take.state === 'resistor'
        ? { kind: 'resistor', ohms: take.ohms ?? 1 }
        : {
            kind: 'power',
            watts: (request.device.states.find(({ name }) => name === take.state)?.watts ?? 0) * house.watts,
            powerFactor: 0.75,
          },
  });
  return shown(point.doorVolts ?? 0);
}

/** How a fitter went about one house. */
interface Visit {
  readonly proposed: Option | null;
  readonly readings: number;
  readonly minutes: number;
  readonly told: readonly Option[];
  /** What is believed of the source at the end, as bands from 5 to 95 %. */
  readonly bands: Readonly<Record<'openVolts' | 'sourceOhms', { low: number; high: number }>> | null;
}

function byAdvice(
  request: AdviceRequest,
  house: TrueHouse,
  random: Random,
  everything: boolean,
  times: number[],
): Visit {
  let canTake = request.canTake ?? [];
  let readings: readonly Taken[] = [];
  let minutes = 0;
  const take = (one: Takeable): void => {
    readings = [...readings, read(house, request, one, random)];
    canTake = canTake.filter(({ id }) => id !== one.id);
    minutes += one.minutes;
  };
  if (everything) for (const one of canTake) take(one);
  for (;;) {
    const asked = parse(adviceRequest, { ...request, readings, canTake });
    const start = performance.now();
    const advice = answerAdvice(asked);
    times.push(performance.now() - start);
    const best = advice.enough ? undefined : canTake.find(({ id }) => id === advice.next[0]?.id);
    if (!best) {
      const proposed = advice.options.find(({ id }) => id === advice.proposed) ?? null;
      const { openCircuitVolts, seriesOhms } = advice.estimate;
      const bands = { openVolts: openCircuitVolts, sourceOhms: seriesOhms };
      return { proposed, readings: readings.length, minutes, told: advice.options, bands };
    }
    take(best);
  }
}

/** Open volts inside the window and 16 VA or more: keep it with the module; else the usual 16 V 30 VA. */
function byRuleOfThumb(request: AdviceRequest, house: TrueHouse, random: Random): Visit {
  const open = (request.canTake ?? []).find(({ id }) => id === 'open');
  const volts = open ? Number(read(house, request, open, random).value) : 0;
  const will = volts >= 16 && volts <= 30 && (request.source?.ratedVa ?? 0) >= 16;
  const option = (transformer: string, minutes: number, cost: number): Option => ({
    id: `${transformer}+module`,
    transformer,
    treatment: 'module',
    wires: [],
    minutes,
    cost,
    silent: false,
    belief: 1,
  });
  return {
    proposed: will ? option('keep', 10, 0) : option('t16-30', 55, 32),
    readings: 1,
    minutes: 3,
    told: [],
    bands: null,
  };
}

interface Score {
  wrong: number;
  undecided: number;
  excess: number[];
  readings: number[];
  told: { belief: number; held: boolean }[];
  /** Whether what is true lies in its band. */
  covered: boolean[];
}

const effort = (option: { minutes: number; cost: number }): number => option.minutes + option.cost;

function score(visit: Visit, house: TrueHouse, request: AdviceRequest, all: readonly Option[], into: Score): void {
  into.readings.push(visit.readings);
  const { bands } = visit;
  if (bands)
    for (const name of ['openVolts', 'sourceOhms'] as const)
      into.covered.push(house[name] >= bands[name].low && house[name] <= bands[name].high);
  for (const option of visit.told) into.told.push({ belief: option.belief, held: holds(house, request, option) });
  if (!visit.proposed) {
    into.undecided++;
    return;
  }
  if (!holds(house, request, visit.proposed)) {
    into.wrong++;
    return;
  }
  const good = all.filter((option) => holds(house, request, option));
  into.excess.push(effort(visit.proposed) - Math.min(...good.map(effort)));
}

/** Mean distance of belief from what came true, over tenths of belief, by how many fall into each. */
function calibrationError(told: Score['told']): number {
  let sum = 0;
  for (let tenth = 0; tenth < 10; tenth++) {
    const here = told.filter(({ belief }) => Math.min(9, Math.floor(belief * 10)) === tenth);
    if (here.length === 0) continue;
    const believed = here.reduce((all, { belief }) => all + belief, 0) / here.length;
    const held = here.filter(({ held: one }) => one).length / here.length;
    sum += (Math.abs(believed - held) * here.length) / told.length;
  }
  return sum;
}

function report(name: string, into: Score, count: number, times: number[]): void {
  const sorted = (values: readonly number[]): number[] => [...values].sort((a, b) => a - b);
  const mean = into.excess.reduce((sum, one) => sum + one, 0) / Math.max(1, into.excess.length);
  const readings = into.readings.reduce((sum, one) => sum + one, 0) / count;
  const parts = [
    `wrong ${((100 * into.wrong) / count).toFixed(2)} %`,
    `undecided ${((100 * into.undecided) / count).toFixed(2)} %`,
    `readings median ${share(sorted(into.readings), 0.5)}, mean ${readings.toFixed(2)}`,
    `excess ${mean.toFixed(1)}`,
    ...(into.told.length > 0 ? [`calibration ${calibrationError(into.told).toFixed(4)}`] : []),
    ...(into.covered.length > 0
      ? [`coverage ${((100 * into.covered.filter(Boolean).length) / into.covered.length).toFixed(1)} %`]
      : []),
    ...(times.length > 0 ? [`p50 ${ms(share(sorted(times), 0.5))}, p95 ${ms(share(sorted(times), 0.95))}`] : []),
  ];
  line(`  ${name}`, parts.join(' · '));
}

const TOWNS: readonly Town[] = [
  { name: 'houses as the priors have them', odd: 1, regulation: 0 },
  { name: 'more tired and odd ones', odd: 2, regulation: 0 },
  { name: 'softer transformers', odd: 1, regulation: 0.7 },
];

const count = Number(process.argv[2] ?? 300);
const empty = (): Score => ({ wrong: 0, undecided: 0, excess: [], readings: [], told: [], covered: [] });
for (const [t, town] of TOWNS.entries()) {
  line(`${count} ${town.name}`, '');
  const fitters = { ours: empty(), everything: empty(), thumb: empty() };
  const times: number[] = [];
  const allTimes: number[] = [];
  for (let i = 0; i < count; i++) {
    const seed = 1000 * (t + 1) + i;
    const { request, house } = aHouse(seeded(seed), town);
    const ours = byAdvice(request, house, seeded(seed + 7e6), false, times);
    score(ours, house, request, ours.told, fitters.ours);
    score(byAdvice(request, house, seeded(seed + 8e6), true, allTimes), house, request, ours.told, fitters.everything);
    score(byRuleOfThumb(request, house, seeded(seed + 9e6)), house, request, ours.told, fitters.thumb);
  }
  report('the reading that tells most, until enough', fitters.ours, count, times);
  report('every reading', fitters.everything, count, allTimes);
  report('rule of thumb', fitters.thumb, count, []);
}
