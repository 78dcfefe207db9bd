import { awgToMm2 } from '@/core/circuit';
import {
  answerAt,
  BELL_FAULTS,
  diagnose,
  hiddenHouse,
  HouseStock,
  nextTest,
  testShape,
  type BellDone,
  type BellFault,
  type BellTest,
  type BellTrouble,
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

/** A hidden house with what was spent on it. */
class Visit {
  at = 'door';
  minutes = 0;
  inVain = 0;
  readonly done: BellDone[] = [];

  constructor(
    readonly hidden: NonNullable<ReturnType<typeof hiddenHouse>>,
    private readonly random: Random,
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
function byFinder(visit: Visit, stock: HouseStock): { readonly said: number; readonly took: readonly number[] } {
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

const mean = (of: readonly number[]): number => of.reduce((sum, one) => sum + one, 0) / of.length;

function benchHidden(houses: number): void {
  const random = seeded(4);
  const stock = new HouseStock(BELL);
  const minutes = { finder: [] as number[], checklist: [] as number[], habit: [] as number[], truth: [] as number[] };
  const [said, took, inVain]: [number[], number[], number[]] = [[], [], []];
  for (let i = 0; i < houses; i++) {
    const hidden = hiddenHouse(BELL, FAULTS, random);
    if (!hidden) continue;
    const visit = (): Visit => new Visit(hidden, seeded(i));
    const finder = visit();
    const told = byFinder(finder, stock);
    const [checklist, habit, truth] = [visit(), visit(), visit()];
    byChecklist(checklist, stock);
    byHabit(habit);
    const fault = FAULTS.find(({ kind }) => hidden.faults.includes(kind));
    if (fault) truth.repair(fault);
    minutes.finder.push(finder.minutes);
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
  line('  four tests always, then by what is likely', mean(minutes.checklist).toFixed(1));
  line('  swapping by habit', mean(minutes.habit).toFixed(1));
  line('  knowing the fault', mean(minutes.truth).toFixed(1));
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
