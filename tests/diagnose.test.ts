import { describe, expect, it } from 'vitest';
import { answerDiagnose, diagnoseRequest } from '@/contract/diagnose';
import { parse } from '@/contract/parse';
import { ProblemError } from '@/contract/problem';
import { chimeImpedance, operatingPoint, type ChimePath } from '@/core/circuit';
import { answerAt, hiddenHouse, type BellTest, type TroubledBell } from '@/core/faults';
import { houseDraws } from '@/core/faults/bell/drawnHouse';
import { deviceFares, faultyHouse, idleVolts } from '@/core/faults/bell/faultyHouse';
import { chanceShown, drawShown, shareBelow } from '@/core/faults/diagnosis/shownFigure';
import { seeded } from '@/core/random';

const faults = (...rows: (readonly [string, number, number])[]) =>
  rows.map(([kind, probability, repairMinutes]) => ({ kind, probability, repairMinutes }));
const tests = (...rows: (readonly [string, number])[]) => rows.map(([kind, minutes]) => ({ kind, minutes }));
const walks = (...rows: (readonly [string, string, number])[]) =>
  rows.map(([from, to, minutes]) => ({ from, to, minutes }));

const PRINTED = {
  mains: { nominalVolts: 120, lowPercent: -10, highPercent: 5, frequencyHz: 60 },
  source: { ratedVolts: 16, ratedVa: 15 },
  runs: {
    toChime: { lengthM: 12, lengthPercent: 20, awg: 20, pairs: 1, celsiusLow: 15, celsiusHigh: 30 },
    toDoor: { lengthM: 9, lengthPercent: 20, awg: 20, pairs: 1, celsiusLow: -10, celsiusHigh: 40 },
  },
  chime: { kind: 'mechanical', ratedVolts: 16 as number | null, intended: 'shunt' },
  device: {
    states: [
      { name: 'standby', watts: 2.5, wattsPercent: 15, powerFactor: 0.75, displacementFactor: 1 },
      { name: 'liveNight', watts: 5, wattsPercent: 15, powerFactor: 0.75, displacementFactor: 1 },
    ],
    doorMinVolts: 13,
    doorFullVolts: 14.5,
  },
  state: 'liveNight',
  symptom: 'offline',
  wifi: { dbm: -62, dbmPlusMinus: 6, needsDbm: -75 } as object | null,
  meter: { percent: 1, counts: 3, resolutionVolts: 0.1 },
  faults: faults(
    ['feedOff', 0.2, 4],
    ['transformerTired', 0.14, 45],
    ['noModule', 0.16, 15],
    ['badJointToDoor', 0.2, 25],
    ['shortToDoor', 0.1, 40],
    ['deviceDead', 0.12, 35],
    ['wifiWeak', 0.08, 30],
  ),
  tests: tests(
    ['doorVoltsOpen', 7],
    ['doorVoltsRunning', 5],
    ['openVolts', 6],
    ['runningVolts', 3],
    ['bridge', 5],
    ['loopToDoor', 11],
    ['pressLeads', 6],
    ['goodDevice', 14],
    ['dbm', 3],
  ),
  walks: walks(['door', 'hall', 1], ['hall', 'chime', 1], ['hall', 'board', 3], ['board', 'transformer', 2]),
  at: 'door' as string | null,
  done: [] as object[],
};
const ask = (more: object = {}) => answerDiagnose(parse(diagnoseRequest, { ...PRINTED, ...more }));
const DROPS = { test: 'doorVoltsRunning', outcome: 'dropsOut' };
const OPEN = { test: 'openVolts', value: 19.1 };

/** The printed bell as the core has it. */
const BELL: TroubledBell = {
  mains: PRINTED.mains,
  source: PRINTED.source,
  runs: {
    toChime: { ...PRINTED.runs.toChime, mm2: 0.518 },
    toDoor: { ...PRINTED.runs.toDoor, mm2: 0.518 },
  },
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
  meter: PRINTED.meter,
};

describe('the printed bell', () => {
  it('is asked at the door first, and each test shows what the circuit gives under each fault', () => {
    const answer = ask();
    expect(answer.next).toEqual({ test: 'doorVoltsRunning' });
    expect(Math.abs(answer.expectedMinutes - 40)).toBeLessThan(2);
    answer.faults.forEach(({ probability }, i) =>
      expect(probability).toBeCloseTo(PRINTED.faults[i]?.probability ?? NaN, 9),
    );
    const of = (test: string, kind: string) =>
      answer.predictions.find((one) => one.test === test)?.faults.find((one) => one.kind === kind);
    const spreads = [
      ['doorVoltsOpen', 'noModule', 17.2, 18.6, 20.8],
      ['doorVoltsOpen', 'transformerTired', 16.8, 18.9, 22.3],
      ['doorVoltsOpen', 'deviceDead', 17.6, 19.6, 22.8],
      ['doorVoltsOpen', 'shortToDoor', 0.1, 1, 4.2],
      ['runningVolts', 'shortToDoor', 5.3, 7.4, 10],
      ['runningVolts', 'wifiWeak', 16.5, 18.2, 20.7],
    ] as const;
    for (const [test, kind, ...figures] of spreads) {
      const told = of(test, kind);
      [told?.low, told?.likely, told?.high].forEach((figure, i) =>
        expect([test, kind, i, Math.abs((figure ?? NaN) - (figures[i] ?? NaN)) <= 0.2]).toEqual([test, kind, i, true]),
      );
    }
    const chances = [
      ['runningVolts', 'noModule', 'dropsOut', 0.98],
      ['pressLeads', 'transformerTired', 'rings', 0.17],
      ['pressLeads', 'transformerTired', 'weak', 0.78],
      ['pressLeads', 'badJointToDoor', 'weak', 0.47],
      ['pressLeads', 'badJointToDoor', 'silent', 0.49],
      ['goodDevice', 'noModule', 'on', 0.32],
    ] as const;
    for (const [test, kind, word, chance] of chances)
      expect([test, kind, word, Math.abs((of(test, kind)?.chances[word] ?? NaN) - chance) <= 0.02]).toEqual([
        test,
        kind,
        word,
        true,
      ]);
    const joint = of('loopToDoor', 'badJointToDoor');
    [8.3, 18.6, 37.5].forEach((ohms, i) =>
      expect(Math.abs(([joint?.low, joint?.likely, joint?.high][i] ?? NaN) / ohms - 1)).toBeLessThan(0.05),
    );
    const weak = of('dbm', 'wifiWeak');
    [-89, -81, -75].forEach((dbm, i) =>
      expect(Math.abs(([weak?.low, weak?.likely, weak?.high][i] ?? NaN) - dbm)).toBeLessThanOrEqual(1),
    );
  });
  it('is three faults after two readings, and two once the module was put in in vain', () => {
    const two = ask({ at: 'transformer', done: [DROPS, OPEN] });
    const shares = (of: typeof two) =>
      Object.fromEntries(of.faults.map(({ kind, probability }) => [kind, probability]));
    const after = shares(two);
    for (const [kind, share] of [
      ['badJointToDoor', 0.43],
      ['noModule', 0.34],
      ['transformerTired', 0.23],
    ] as const)
      expect(Math.abs((after[kind] ?? NaN) - share)).toBeLessThan(0.025);
    expect(after.feedOff).toBe(0);
    expect(two.next).toEqual({ test: 'bridge' });
    const three = shares(ask({ at: 'chime', done: [DROPS, OPEN, { repair: 'noModule', fixed: false }] }));
    expect(three.noModule).toBe(0);
    expect(Math.abs((three.badJointToDoor ?? NaN) - 0.65)).toBeLessThan(0.025);
    const fixed = ask({ done: [DROPS, { repair: 'noModule', fixed: true }] });
    expect(fixed).toMatchObject({ next: null, expectedMinutes: 0 });
    expect(shares(fixed).noModule).toBe(1);
    expect(fixed.predictions.map(({ faults: of }) => of.map(({ kind }) => kind))).toEqual(
      PRINTED.tests.slice(1).map(() => ['noModule']),
    );
  });
  it('is the same in whatever order it was found', () => {
    const [one, other] = [ask({ done: [DROPS, OPEN] }), ask({ done: [OPEN, DROPS] })];
    one.faults.forEach(({ probability }, i) =>
      expect(probability).toBeCloseTo(other.faults[i]?.probability ?? NaN, 12),
    );
    expect(one.next).toEqual(other.next);
  });
});

describe('what a bell shows', () => {
  it('is what the circuit of the verdicts gives, fault by fault', () => {
    const random = seeded(5);
    const draw = houseDraws(BELL, random);
    const kinds = ['noModule', 'badJointToDoor', 'transformerTired', 'mainsLow', 'coilOpen', 'wifiWeak'] as const;
    let ran = 0;
    for (let i = 0; i < 600; i++) {
      const kind = kinds[i % kinds.length] ?? 'noModule';
      const faulty = faultyHouse(BELL, draw(), [kind], random);
      const fares = deviceFares(BELL, faulty, 1);
      const { coilOhms: ohms, coilReactance: reactanceOhms } = faulty.house;
      const chime: ChimePath =
        kind === 'noModule'
          ? { treatment: 'series', ohms, reactanceOhms }
          : kind === 'coilOpen'
            ? { treatment: 'link', linkOhms: 1 }
            : { treatment: 'shunt', ohms, reactanceOhms, shuntOhms: 1 };
      const point = operatingPoint({
        source: {
          openCircuitVolts: faulty.openVolts * faulty.mains,
          seriesOhms: faulty.sourceOhms * faulty.house.warm,
        },
        toChimeOhms: faulty.toChime,
        toDoorOhms: faulty.toDoor,
        chime,
        load: { kind: 'power', watts: faulty.house.watts, powerFactor: 0.75, displacementFactor: 1 },
      });
      expect(faulty.path.ohms).toBeCloseTo(chimeImpedance(chime).re, 9);
      if (faulty.openVolts * faulty.mains < 13) continue;
      if (point.status === 'collapse' || point.doorVolts < 13) {
        expect(fares.state).toBe('dropsOut');
        continue;
      }
      ran++;
      expect(fares.volts.door).toBeCloseTo(point.doorVolts, 6);
      expect(fares.volts.screws).toBeCloseTo(point.sourceVolts, 6);
    }
    expect(ran).toBeGreaterThan(100);
  });
  it('is nothing behind a break, and a divider before a short', () => {
    const random = seeded(9);
    const house = houseDraws(BELL, random)();
    const volts = house.openVolts * house.mains;
    expect(idleVolts(faultyHouse(BELL, house, ['openToDoor'], random), 1)).toEqual({
      screws: volts,
      chime: volts,
      front: volts,
      across: 0,
      door: 0,
    });
    expect(idleVolts(faultyHouse(BELL, house, ['openToChime'], random), 1)).toEqual({
      screws: volts,
      chime: 0,
      front: 0,
      across: 0,
      door: 0,
    });
    const short = idleVolts(faultyHouse(BELL, house, ['shortToDoor'], random), 1);
    expect(short.screws).toBeLessThan(volts);
    expect(short.chime).toBeLessThan(short.screws);
    expect(short.door).toBeLessThan(short.chime);
    expect(deviceFares(BELL, faultyHouse(BELL, house, ['feedOff'], random), 1).volts.screws).toBe(0);
  });
  it('comes off a meter as often as it is said to', () => {
    const figure = { mean: 18.23, sigma: 0.055, half: 0.25, step: 0.1 };
    const random = seeded(3);
    const drawn = Array.from({ length: 20_000 }, () => drawShown('volts', figure, random));
    for (const value of [17.9, 18, 18.2, 18.4, 18.6]) {
      const often = drawn.filter((one) => Math.abs(one - value) < 0.01).length / drawn.length;
      expect(Math.abs(often - chanceShown('volts', figure, value))).toBeLessThan(0.01);
    }
    const all = Array.from({ length: 21 }, (_, i) => chanceShown('volts', figure, 17.2 + i / 10));
    expect(all.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 3);
    expect(shareBelow(figure, 18.23)).toBeCloseTo(0.5, 6);
    // A meter on nothing shows no sign
    expect(drawShown('volts', { mean: 0, sigma: 0, half: 0.25, step: 0.1 }, () => 0.01)).toBeGreaterThanOrEqual(0);
  });
});

describe('what comes next', () => {
  it('is never a test that shows the same under every fault', () => {
    const two = faults(['wifiWeak', 0.5, 30], ['deviceDead', 0.5, 35]);
    // Wi-Fi tells nothing of a feed, the mains nothing of either
    for (const one of ['mainsVolts', 'mainsPresent', 'coilOhms', 'loopToChime', 'branch'])
      expect(ask({ faults: two, tests: tests([one, 0.1]) }).next).toHaveProperty('repair');
    expect(ask({ faults: two, tests: tests(['mainsVolts', 0.1], ['dbm', 3]) }).next).toEqual({ test: 'dbm' });
  });
  it('is a test less, never more, the longer it takes', () => {
    const wanted = [1, 5, 11, 25, 60].map((minutes) => {
      const { next } = ask({
        tests: PRINTED.tests.map((test) => (test.kind === 'doorVoltsRunning' ? { ...test, minutes } : test)),
      });
      return next && 'test' in next && next.test === 'doorVoltsRunning';
    });
    expect(wanted[0]).toBe(true);
    expect(wanted.at(-1)).toBe(false);
    expect(wanted).toEqual(wanted.toSorted((a, b) => Number(b) - Number(a)));
  });
  it('leads to the fault in hidden houses, in the minutes that it says', () => {
    const random = seeded(11);
    const bellFaults = parse(diagnoseRequest, PRINTED).faults;
    let [spent, said, shares, hits] = [0, 0, 0, 0];
    const houses = 16;
    for (let i = 0; i < houses; i++) {
      const hidden = hiddenHouse(BELL, bellFaults, random);
      if (!hidden?.faults[0]) throw new Error('no such house');
      const done: object[] = [];
      let at: string | null = 'door';
      for (let step = 0; ; step++) {
        const answer = ask({ at, done });
        const { next } = answer;
        if (step === 0) said += answer.expectedMinutes;
        // What it holds for likely is so as often as it says
        if (step === 1) {
          const top = answer.faults.toSorted((a, b) => b.probability - a.probability)[0];
          shares += top?.probability ?? 0;
          hits += Number(top?.kind === hidden.faults[0]);
        }
        if (!next || step > 20) throw new Error('never found');
        const place = 'test' in next ? PLACES[next.test] : PLACES[next.repair];
        if (place) {
          spent += walkBetween(at, place);
          at = place;
        }
        if ('repair' in next) {
          spent += PRINTED.faults.find(({ kind }) => kind === next.repair)?.repairMinutes ?? 0;
          if (next.repair === hidden.faults[0]) break;
          done.push({ repair: next.repair, fixed: false });
          continue;
        }
        const test = PRINTED.tests.find(({ kind }) => kind === next.test);
        spent += test?.minutes ?? 0;
        const found = answerAt(BELL, hidden, test as BellTest, random);
        done.push({ test: next.test, ...('word' in found ? { outcome: found.word } : { value: found.value }) });
      }
    }
    expect(Math.abs(spent / said - 1)).toBeLessThan(0.3);
    expect(Math.abs(hits - shares) / houses).toBeLessThan(0.2);
  });
});

const PLACES: Readonly<Record<string, string | null>> = {
  feedOff: 'board',
  transformerTired: 'transformer',
  noModule: 'chime',
  badJointToDoor: 'door',
  shortToDoor: 'door',
  deviceDead: 'door',
  wifiWeak: null,
  doorVoltsOpen: 'door',
  doorVoltsRunning: 'door',
  openVolts: 'transformer',
  runningVolts: 'transformer',
  bridge: 'chime',
  loopToDoor: 'chime',
  pressLeads: 'door',
  goodDevice: 'door',
  dbm: 'door',
};
const FROM_HALL: Readonly<Record<string, number>> = { door: 1, chime: 1, board: 3, transformer: 5, hall: 0 };
/** All ways lead through the hall, but that between board and transformer. */
const walkBetween = (from: string | null, to: string): number => {
  if (from === null || from === to) return 0;
  if ([from, to].every((one) => one === 'board' || one === 'transformer')) return 2;
  return (FROM_HALL[from] ?? 0) + (FROM_HALL[to] ?? 0);
};

describe('a bell that makes no sense', () => {
  it.each([
    ['state', { state: 'asleep' }],
    ['chime.intended', { chime: { kind: 'electronic', ratedVolts: 16, intended: 'shunt' } }],
    ['chime.ratedVolts', { chime: { kind: 'mechanical', ratedVolts: null, intended: 'shunt' } }],
    ['faults[0].kind', { faults: faults(['fuseOpen', 1, 5]) }],
    ['faults[0].kind', { wifi: null, tests: [], faults: faults(['wifiWeak', 1, 5]) }],
    ['faults[1].kind', { faults: faults(['feedOff', 1, 5], ['feedOff', 1, 5]) }],
    ['faults', { faults: faults(['feedOff', 0, 5]) }],
    ['tests[0].kind', { tests: tests(['link', 3]) }],
    ['tests[0].ohms', { tests: tests(['loadVolts', 3]) }],
    ['done[0].value', { done: [{ test: 'bridge', value: 3 }] }],
    ['done[0].value', { done: [{ test: 'openVolts', value: -3 }] }],
    ['done[0].outcome', { done: [{ test: 'bridge', outcome: 'dropsOut' }] }],
    ['done[1].test', { done: [DROPS, DROPS] }],
    ['done[1]', { done: [{ repair: 'feedOff', fixed: true }, DROPS] }],
    ['done', { done: [{ test: 'loopToDoor', outcome: 'open' }] }],
    ['done', { done: PRINTED.faults.map(({ kind }) => ({ repair: kind, fixed: false })) }],
    ['done', { done: [{ test: 'openVolts', value: 400 }] }],
    [
      'symptom',
      {
        symptom: 'noChime',
        tests: [],
        faults: faults(['deviceDead', 1, 5]),
        chime: { kind: 'none', ratedVolts: null, intended: 'none' },
      },
    ],
    ['faults', { symptom: 'weak', faults: faults(['feedOff', 1, 5]) }],
  ])('is refused at %s', (where, more) => {
    let told: unknown;
    try {
      ask(more);
    } catch (error) {
      told = error;
    }
    expect(told).toBeInstanceOf(ProblemError);
    expect([(told as ProblemError).status, (told as ProblemError).errors[0]?.path]).toEqual([422, where]);
  });
});

describe('many readings of one house', () => {
  it('are explained, however few of the houses that were drawn lie near all of them', () => {
    const random = seeded(21);
    const all = tests(
      ['mainsVolts', 3],
      ['openVolts', 6],
      ['doorVoltsOpen', 7],
      ['doorVoltsRunning', 5],
      ['runningVolts', 3],
      ['chimeVolts', 4],
      ['loopToChime', 10],
      ['loopToDoor', 11],
      ['coilOhms', 8],
      ['dbm', 3],
    );
    let sure = 0;
    for (let i = 0; i < 6; i++) {
      const hidden = hiddenHouse(BELL, parse(diagnoseRequest, PRINTED).faults, random);
      if (!hidden) throw new Error('no such house');
      const done = all.map((test) => {
        const found = answerAt(BELL, hidden, test as BellTest, random);
        return { test: test.kind, ...('word' in found ? { outcome: found.word } : { value: found.value }) };
      });
      const top = ask({ tests: all, done }).faults.toSorted((a, b) => b.probability - a.probability)[0];
      sure += Number(top?.kind === hidden.faults[0]);
    }
    expect(sure).toBeGreaterThanOrEqual(5);
  });
});
