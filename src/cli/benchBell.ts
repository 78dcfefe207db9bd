import {
  chooseAmong,
  holdWays,
  nextReadings,
  optionsFor,
  ORDINARY_PREMISES,
  proposer,
  type Option,
} from '@/core/advice';
import {
  METER,
  UNKNOWN_RUN,
  caseOf,
  doorVoltsOf,
  likelyHouses,
  seenFromDoor,
  worstSwings,
  type BellSurvey,
  type OtherDoor,
} from '@/core/bell';
import { DEVICES } from '@/core/catalogue';
import {
  operatingPoint,
  rectifierPoint,
  solveNetwork,
  upperRootVolts,
  type Loop,
  type Network,
  type RectifierLoop,
} from '@/core/circuit';
import { regionPack } from '@/core/region';
import { line, ms, share, timesOf } from './measured';

// Speed figures of Measure and Choose, beside plain versions in the same run. Nothing here is asserted.

const COUNT = 100_000;
const p50 = (runs: number, work: () => void): number => share(timesOf(runs, work), 0.5);

function benchPoints(): void {
  const emf = Float64Array.from({ length: COUNT }, (_, i) => 16 + (i % 80) / 10);
  const ohms = Float64Array.from({ length: COUNT }, (_, i) => 2 + (i % 50) / 10);
  const out = new Float64Array(COUNT);
  const scalars = p50(9, () => {
    for (let i = 0; i < COUNT; i++) out[i] = upperRootVolts(emf[i] ?? 0, ohms[i] ?? 0, 0.1, 5.2, 0, 6.93);
  });
  const loop = (i: number): Loop => ({
    source: { openCircuitVolts: emf[i] ?? 0, seriesOhms: ohms[i] ?? 0 },
    toChimeOhms: 0,
    toDoorOhms: 0,
    chime: { treatment: 'link', linkOhms: 0.1 },
    load: { kind: 'power', watts: 5.2, powerFactor: 0.75 },
  });
  const objects = p50(5, () => {
    for (let i = 0; i < COUNT; i++) out[i] = operatingPoint(loop(i)).doorVolts ?? 0;
  });
  line('closed-form operating points, scalars', `${(COUNT / scalars / 1000).toFixed(1)} million/s`);
  line(
    '  the same with an object for each loop and answer',
    `${(COUNT / objects / 1000).toFixed(1)} million/s, ${(objects / scalars).toFixed(1)} times as slow`,
  );
}

function benchNetwork(): void {
  const network = (loads: Network['loads']): Network => ({
    nodes: 8,
    sources: [{ from: 0, to: 1, volts: 18, ohms: 3 }],
    branches: [
      { from: 1, to: 2, ohms: 0.5 },
      { from: 2, to: 3, ohms: 6, reactanceOhms: 8 },
      { from: 2, to: 3, ohms: 1 },
      { from: 2, to: 4, ohms: 5, reactanceOhms: 6 },
      { from: 3, to: 5, ohms: 0.5 },
      { from: 4, to: 6, ohms: 1 },
      { from: 6, to: 7, ohms: 0.3 },
    ],
    loads,
  });
  const each = (loads: Network['loads']): string => {
    const RUNS = 2000;
    const time = p50(9, () => {
      for (let i = 0; i < RUNS; i++) solveNetwork(network(loads));
    });
    return `${((1000 * time) / RUNS).toFixed(1)} µs`;
  };
  line('nodal solve of 8 nodes, built, solved, all phasors told', each([]));
  line('  with one load of constant power', each([{ from: 5, to: 0, watts: 4, powerFactor: 0.75 }]));
  line(
    '  with two that share the source',
    each([
      { from: 5, to: 0, watts: 4, powerFactor: 0.75 },
      { from: 7, to: 0, watts: 2, powerFactor: 0.75 },
    ]),
  );
  const rectifier = (watts: number): RectifierLoop => ({
    frequencyHz: 60,
    source: { openCircuitVolts: 19.4, seriesOhms: 3.1 },
    toChimeOhms: 0.56,
    toDoorOhms: 0.12,
    chime: { treatment: 'shunt', ohms: 6, reactanceOhms: 8, shuntOhms: 1 },
    load: { watts, capacitanceF: 0.00022, dropVolts: 1.4 },
  });
  const times = timesOf(40, (i) => rectifierPoint(rectifier(3 + (i % 10) / 4)));
  line('rectifier to its periodic steady state', `p50 ${ms(share(times, 0.5))}, p95 ${ms(share(times, 0.95))}`);
}

const PREMISES = { ...ORDINARY_PREMISES, spare: { toChime: 0, toDoor: 2 } };
const SURVEY: BellSurvey = {
  region: regionPack('na-120'),
  nameplate: { volts: 16, va: 20 },
  runs: {
    toChime: { ...UNKNOWN_RUN, lengthM: { low: 9, high: 9 }, gauge: { awg: 20 } },
    toDoor: { ...UNKNOWN_RUN, lengthM: { low: 7, high: 7 }, gauge: { awg: 22 } },
  },
  chime: { kind: 'mechanical', rating: null, ratedVolts: 16 },
  present: { path: 'series' },
  device: DEVICES[0] as BellSurvey['device'],
  readings: [
    { id: 'o', what: 'volts', at: 'transformer', state: 'open', value: { low: 19.6, high: 19.6 } },
    { id: 'm', what: 'mainsVolts', value: { low: 119, high: 119 } },
  ],
};

function benchChoice(): void {
  const bell = caseOf(SURVEY);
  const draws = 2000;
  const houses = likelyHouses(bell, draws);
  const [option] = optionsFor(SURVEY, PREMISES);
  if (!option) throw new Error('no option');
  const states = [...bell.device.states, ...bell.device.states].slice(0, 5);
  const remedy = timesOf(20, () => {
    const seen = seenFromDoor(bell, houses, option.change, worstSwings(bell).low);
    for (const state of states) doorVoltsOf(seen, houses, state);
  });
  line(`${draws} draws × 5 states of one remedy`, `p50 ${ms(share(remedy, 0.5))}, p95 ${ms(share(remedy, 0.95))}`);
  // Shelf sizes that no two ways share, so that nothing is solved once for several
  const few = optionsFor(SURVEY, PREMISES);
  const table = [0, 1, 2].flatMap((k) =>
    few.map((one): Option => ({
      ...one,
      id: `${one.id}-${k}`,
      change: { ...one.change, pairFactor: { toChime: one.change.pairFactor.toChime + k / 100, toDoor: 1 + k / 50 } },
    })),
  );
  const thousand = likelyHouses(bell, 1000);
  const whole = timesOf(3, () => chooseAmong(SURVEY, thousand, table, 'soundest'));
  line(`remedy table of ${table.length} ways, 1000 draws each`, `p50 ${ms(share(whole, 0.5))}`);
  const early = few.filter(({ wire, instead }) => wire === 'keep' && !instead);
  const first = timesOf(5, () => chooseAmong(SURVEY, likelyHouses(bell, 300), early, 'soundest'));
  line(`  first rows: ${early.length} ways, 300 draws, estimate included`, `p50 ${ms(share(first, 0.5))}`);
  const held = holdWays(bell, thousand, few);
  const propose = proposer(few, 'soundest', 16);
  const instrument = METER;
  const takeable = [15, 22, 33, 47].flatMap((ohms) => [
    {
      id: `r${ohms}`,
      minutes: 4,
      readable: { what: 'volts', at: 'transformer', under: { kind: 'resistor', ohms }, instrument },
    } as const,
    { id: `d${ohms}`, minutes: 6, readable: { what: 'loopOhms', run: 'toDoor' } } as const,
  ]);
  const next = timesOf(10, () => nextReadings(bell, thousand, held, propose, takeable));
  line(
    `which of ${takeable.length} readings next, ${few.length} ways`,
    `p50 ${ms(share(next, 0.5))}, p95 ${ms(share(next, 0.95))}`,
  );
}

/** The table of a supply with two doors, beside the same ways for one door. */
function benchShared(): void {
  const other: OtherDoor = {
    id: 'back',
    name: 'Back door',
    joins: 'chime',
    chimeId: 'c',
    path: 'asHere',
    device: SURVEY.device,
    runM: 9,
    chimeRunM: null,
  };
  const survey: BellSurvey = { ...SURVEY, shared: { secondChime: true, others: [other] } };
  const options = optionsFor(survey, PREMISES).filter(({ instead }) => !instead);
  const ways = Array.from({ length: 72 }, (_, k): Option => {
    const one = options[k % options.length] ?? options[0];
    if (!one) throw new Error('no option');
    // No two ways alike, so that nothing is solved once for several
    const pairFactor = { toChime: one.change.pairFactor.toChime + k / 1000, toDoor: one.change.pairFactor.toDoor };
    return { ...one, id: `${one.id}-${k}`, change: { ...one.change, pairFactor } };
  });
  const draws = 4000;
  const houses = likelyHouses(caseOf(survey), draws);
  const whole = timesOf(3, () => chooseAmong(survey, houses, ways, 'soundest'));
  const alone = timesOf(3, () => chooseAmong(SURVEY, houses, ways, 'soundest'));
  const [table, one] = [share(whole, 0.5), share(alone, 0.5)];
  line(`a shared supply’s table: ${ways.length} ways × ${draws} draws, two doors`, `p50 ${ms(table)}`);
  line('  the same ways for one door alone', `${ms(one)}, ${(table / one).toFixed(1)} times as fast`);
}

benchPoints();
benchNetwork();
benchChoice();
benchShared();
