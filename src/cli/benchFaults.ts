import { awgToMm2 } from '@/core/circuit';
import {
  answerAt,
  BELL_FAULTS,
  diagnose,
  hiddenHouse,
  HouseStock,
  answerKinds,
  hypothesesOf,
  ranked,
  nextTest,
  testShape,
  type BellDone,
  type BellFault,
  type BellTest,
  type BellTrouble,
  type DoorTest,
  type DoorTrouble,
  type FaultyHouse,
  type Troubleshooting,
  type TroubledBell,
} from '@/core/faults';
import { seeded, type Random } from '@/core/random';
import { line, ms, share, timesOf } from './measured';

// The fault finder on hidden houses: minutes to repaired, beside one who goes by habit and one who knows. `npm run bench -- faults 100`
const run = (lengthM: number, celsiusLow: number, celsiusHigh: number) => ({
  lengthM,
  lengthPercent: 20,
  mm2: awgToMm2(20),
  pairs: 1,
  celsiusLow,
  celsiusHigh,
});
const BELL: TroubledBell = {
  mains: { nominalVolts: 120, lowPercent: -10, highPercent: 5, frequencyHz: 60 },
  source: { ratedVolts: 16, ratedVa: 15 },
  runs: { toChime: run(12, 15, 30), toDoor: run(9, -10, 40) },
  chime: { kind: 'mechanical', ratedVolts: 16, intended: 'shunt' },
  device: {
    watts: 5,
    wattsPercent: 15,
    powerFactor: 0.75,
    displacementFactor: 1,
    doorMinVolts: 13,
    doorFullVolts: 14.5,
  },
  symptom: 'offline',
  wifi: { dbm: -62, dbmPlusMinus: 6, needsDbm: -75 },
  meter: { percent: 1, counts: 3, resolutionVolts: 0.1 },
};
const FAULTS: readonly BellFault[] = [
  { kind: 'feedOff', probability: 0.14, repairMinutes: 4 },
  { kind: 'switchedFeed', probability: 0.05, repairMinutes: 40 },
  { kind: 'transformerDead', probability: 0.06, repairMinutes: 45 },
  { kind: 'transformerTired', probability: 0.1, repairMinutes: 45 },
  { kind: 'noModule', probability: 0.12, repairMinutes: 15 },
  { kind: 'openToChime', probability: 0.05, repairMinutes: 30 },
  { kind: 'openToDoor', probability: 0.06, repairMinutes: 25 },
  { kind: 'badJointToDoor', probability: 0.12, repairMinutes: 25 },
  { kind: 'shortToDoor', probability: 0.06, repairMinutes: 40 },
  { kind: 'deviceDead', probability: 0.12, repairMinutes: 35 },
  { kind: 'firstCharge', probability: 0.06, repairMinutes: 30 },
  { kind: 'wifiWeak', probability: 0.06, repairMinutes: 30 },
];
const TESTS: readonly BellTest[] = [
  { kind: 'doorVoltsOpen', minutes: 7 },
  { kind: 'doorVoltsRunning', minutes: 5 },
  { kind: 'openVolts', minutes: 6 },
  { kind: 'runningVolts', minutes: 3 },
  { kind: 'mainsPresent', minutes: 4 },
  { kind: 'bridge', minutes: 5 },
  { kind: 'loopToChime', minutes: 10 },
  { kind: 'loopToDoor', minutes: 11 },
  { kind: 'pressLeads', minutes: 6 },
  { kind: 'goodDevice', minutes: 14 },
  { kind: 'lightSwitch', minutes: 2 },
  { kind: 'dbm', minutes: 3 },
];
const WALKS = [
  { from: 'door', to: 'hall', minutes: 1 },
  { from: 'hall', to: 'chime', minutes: 1 },
  { from: 'hall', to: 'board', minutes: 3 },
  { from: 'board', to: 'transformer', minutes: 2 },
];
/** Minutes from the hall, through which all ways lead but that between board and transformer. */
const FROM_HALL: Readonly<Record<string, number>> = { door: 1, chime: 1, board: 3, transformer: 5, hall: 0 };
function walked(from: string, to: string): number {
  if (from === to) return 0;
  if ([from, to].every((one) => one === 'board' || one === 'transformer')) return 2;
  return (FROM_HALL[from] ?? 0) + (FROM_HALL[to] ?? 0);
}

type Hidden = NonNullable<ReturnType<typeof hiddenHouse>>;
type Answer = NonNullable<ReturnType<typeof diagnose>>;

/** A hidden house with what was spent on it. */
class Visit {
  at = 'door';
  minutes = 0;
  inVain = 0;
  readonly done: BellDone[] = [];

  constructor(
    readonly hidden: Hidden,
    readonly random: Random,
  ) {}

  private go(place: string | null): void {
    if (place === null) return;
    this.minutes += walked(this.at, place);
    this.at = place;
  }

  test(test: BellTest): void {
    this.go(testShape(test.kind).place);
    this.minutes += test.minutes;
    this.done.push({ test: test.kind, found: answerAt(BELL, this.hidden, test, this.random) });
  }

  /** @returns whether it works now */
  repair({ kind, repairMinutes }: BellFault): boolean {
    this.go(BELL_FAULTS[kind]);
    this.minutes += repairMinutes;
    if (this.hidden.faults.includes(kind)) return true;
    this.inVain++;
    this.done.push({ repair: kind, fixed: false });
    return false;
  }
}

/** The fault finder, to the end. @returns what it said at the beginning, minutes, and what each question took, ms */
function byFinder(
  visit: Visit,
  stock: HouseStock,
  believed: Believed,
): { readonly said: number; readonly took: readonly number[] } {
  const took: number[] = [];
  let said = NaN;
  for (;;) {
    const trouble: BellTrouble = {
      bell: BELL,
      faults: FAULTS,
      tests: TESTS,
      walks: WALKS,
      at: visit.at,
      done: visit.done,
    };
    const start = performance.now();
    const answer = diagnose(trouble, stock);
    took.push(performance.now() - start);
    if (!answer?.next) throw new Error('nothing explains what was found');
    if (took.length === 1) said = answer.expectedMinutes;
    believed.told(answer, visit.hidden, visit.random);
    const { next } = answer;
    if ('test' in next) {
      const test = TESTS.find(({ kind }) => kind === next.test);
      if (test) visit.test(test);
    } else {
      const fault = FAULTS.find(({ kind }) => kind === next.repair);
      if (fault && visit.repair(fault)) return { said, took };
    }
  }
}

/** Swapping one part after the other, the likeliest for its minutes first. */
function byHabit(visit: Visit): void {
  const order = FAULTS.toSorted((a, b) => b.probability / b.repairMinutes - a.probability / a.repairMinutes);
  for (const fault of order) if (visit.repair(fault)) return;
}

/** All tests in the order of the list, then the repairs by what is left likely. */
function byChecklist(visit: Visit, stock: HouseStock): void {
  for (const test of TESTS.slice(0, 4)) visit.test(test);
  for (;;) {
    const answer = diagnose(
      { bell: BELL, faults: FAULTS, tests: TESTS, walks: WALKS, at: visit.at, done: visit.done },
      stock,
    );
    const top = answer?.faults.toSorted((a, b) => b.probability - a.probability)[0];
    const fault = FAULTS.find(({ kind }) => kind === top?.kind);
    if (!fault) throw new Error('nothing explains what was found');
    if (visit.repair(fault)) return;
  }
}

/** The test that tells most, whatever its minutes; a repair once one fault is likely enough, or no test tells anything. */
function byEntropy(visit: Visit, stock: HouseStock): void {
  const SURE = 0.8;
  const TELLS = 0.02;
  for (;;) {
    const trouble: BellTrouble = {
      bell: BELL,
      faults: FAULTS,
      tests: TESTS,
      walks: WALKS,
      at: visit.at,
      done: visit.done,
    };
    const ranking = ranked<FaultyHouse, DoorTrouble, DoorTest>(stock, trouble);
    if (!ranking) throw new Error('nothing explains what was found');
    const kinds = FAULTS.map(({ kind }) => kind);
    const { houses, faultOf, weights } = hypothesesOf(stock, kinds, ranking.possible, ranking.shares);
    const entropy = (of: readonly number[]): number => {
      const sums = new Map<number, number>();
      of.forEach((weight, i) => sums.set(faultOf[i] ?? 0, (sums.get(faultOf[i] ?? 0) ?? 0) + weight));
      const total = [...sums.values()].reduce((sum, one) => sum + one, 0);
      return total <= 0
        ? 0
        : [...sums.values()].reduce((sum, one) => (one > 0 ? sum - one * Math.log(one / total) : sum), 0);
    };
    const now = entropy(weights);
    const tells = ranking.left.map((test) => {
      const shown = houses.map((house) => stock.showing(house, test));
      const after = answerKinds(stock.shapeOf(test.kind), shown, weights).reduce(
        (sum, { chances }) => sum + entropy(weights.map((weight, i) => weight * (chances[i] ?? 0))),
        0,
      );
      return { test, told: now - after };
    });
    const best = tells.toSorted((a, b) => b.told - a.told)[0];
    const top = ranking.possible
      .map(({ kind }, i) => ({ kind, share: ranking.shares[i] ?? 0 }))
      .toSorted((a, b) => b.share - a.share)[0];
    const test = TESTS.find(({ kind }) => kind === best?.test.kind);
    if (top && top.share < SURE && test && (best?.told ?? 0) > TELLS) visit.test(test);
    else {
      const fault = FAULTS.find(({ kind }) => kind === top?.kind);
      if (!fault || visit.repair(fault)) return;
    }
  }
}

const WIDE = 1;

/** What was believed beside what was so: of faults by tenths of belief, of figures by their bands. */
class Believed {
  private readonly faults: { readonly belief: number; readonly held: boolean }[] = [];
  private readonly bands: boolean[] = [];

  /** What was said before an act, held against the house and against what each test would have come to there. */
  told({ faults, predictions }: Answer, hidden: Hidden, random: Random): void {
    const isSo = (kind: string): boolean => hidden.faults.some((one) => one === kind);
    for (const { kind, probability } of faults)
      if (probability > 0) this.faults.push({ belief: probability, held: isSo(kind) });
    for (const { test, faults: under } of predictions) {
      const { low = null, high = null } = under.find(({ kind }) => isSo(kind)) ?? {};
      const asked = TESTS.find(({ kind }) => kind === test);
      // A band no wider than the meter’s own steps holds by itself
      if (!asked || low === null || high === null || high - low < WIDE) continue;
      const found = answerAt(BELL, hidden, asked, random);
      if ('value' in found) this.bands.push(found.value >= low && found.value <= high);
    }
  }

  line(): string {
    let off = 0;
    for (let tenth = 0; tenth < 10; tenth++) {
      const here = this.faults.filter(({ belief }) => Math.min(9, Math.floor(10 * belief)) === tenth);
      if (here.length === 0) continue;
      const share = here.filter(({ held }) => held).length / here.length;
      off += (here.length / this.faults.length) * Math.abs(share - mean(here.map(({ belief }) => belief)));
    }
    const held = this.bands.filter(Boolean).length / Math.max(1, this.bands.length);
    return `beliefs off by ${off.toFixed(3)}, 90 % bands hold in ${(100 * held).toFixed(0)} % of ${this.bands.length}`;
  }
}

const mean = (of: readonly number[]): number => of.reduce((sum, one) => sum + one, 0) / of.length;

function benchHidden(houses: number): void {
  const random = seeded(4);
  const stock = new HouseStock(BELL);
  const minutes = {
    finder: [] as number[],
    entropy: [] as number[],
    checklist: [] as number[],
    habit: [] as number[],
    truth: [] as number[],
  };
  const believed = new Believed();
  const [said, took, inVain]: [number[], number[], number[]] = [[], [], []];
  for (let i = 0; i < houses; i++) {
    const hidden = hiddenHouse(BELL, FAULTS, random);
    if (!hidden) continue;
    const visit = (): Visit => new Visit(hidden, seeded(i));
    const finder = visit();
    const told = byFinder(finder, stock, believed);
    const [entropy, checklist, habit, truth] = [visit(), visit(), visit(), visit()];
    byEntropy(entropy, stock);
    byChecklist(checklist, stock);
    byHabit(habit);
    const fault = FAULTS.find(({ kind }) => hidden.faults.includes(kind));
    if (fault) truth.repair(fault);
    minutes.finder.push(finder.minutes);
    minutes.entropy.push(entropy.minutes);
    minutes.checklist.push(checklist.minutes);
    minutes.habit.push(habit.minutes);
    minutes.truth.push(truth.minutes);
    inVain.push(finder.inVain);
    said.push(told.said);
    took.push(...told.took);
  }
  took.sort((a, b) => a - b);
  line(
    `minutes to repaired, ${houses} hidden houses`,
    `${mean(minutes.finder).toFixed(1)}, said ${mean(said).toFixed(1)}`,
  );
  line('  the test that tells most, blind to minutes', mean(minutes.entropy).toFixed(1));
  line('  four tests always, then by what is likely', mean(minutes.checklist).toFixed(1));
  line('  swapping by habit', mean(minutes.habit).toFixed(1));
  line('  knowing the fault', mean(minutes.truth).toFixed(1));
  line('  of the finder', believed.line());
  line('  repairs in vain a house', mean(inVain).toFixed(2));
  line('  a question', `p50 ${ms(share(took, 0.5))}, p95 ${ms(share(took, 0.95))}`);
}

/** A made-up trouble with given tables. */
function madeUp(random: Random, faults: number, tests: number): Troubleshooting {
  const places = ['board', 'chime', 'door', 'transformer'];
  const place = (): string => places[Math.floor(random() * places.length)] ?? 'door';
  const row = (): number[] => {
    const raw = [random() ** 3, random() ** 3, random() ** 3];
    const sum = raw.reduce((total, one) => total + one, 0);
    return raw.map((one) => one / sum);
  };
  const ids = Array.from({ length: faults }, (_, i) => `f${i}`);
  return {
    faults: ids.map((id) => ({ id, probability: random(), place: place(), repairMinutes: 4 + 40 * random() })),
    tests: Array.from({ length: tests }, (_, i) => ({
      id: `t${i}`,
      place: place(),
      minutes: 2 + 10 * random(),
      outcomes: ['a', 'b', 'c'],
      likelihood: Object.fromEntries(ids.map((id) => [id, row()])),
    })),
    walks: WALKS,
    at: 'door',
    done: [],
  };
}

function benchTables(): void {
  for (const [faults, tests] of [
    [6, 6],
    [12, 12],
    [25, 25],
  ] as const) {
    const random = seeded(faults);
    const troubles = Array.from({ length: 12 }, () => madeUp(random, faults, tests));
    let i = 0;
    const times = timesOf(12, () => nextTest(troubles[i++ % troubles.length] ?? madeUp(random, faults, tests)));
    line(
      `next test, ${faults} faults and ${tests} tests`,
      `p50 ${ms(share(times, 0.5))}, p95 ${ms(share(times, 0.95))}`,
    );
  }
}

benchTables();
benchHidden(Number(process.argv[2] ?? 60));
