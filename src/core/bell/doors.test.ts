import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { deviceById } from '../catalogue';
import { northAmerica120 } from '../region/northAmerica120';
import { fallingVolts, estimate, predictedVolts } from './assess';
import { asFound } from './asFound';
import type { Change } from './conditions';
import { worstSwings } from './conditions';
import { copperWarmth, solveNetwork, voltsBetween } from '../circuit';
import { OLD_DEVICE, ORDINARY_BELL, bellNetwork, foundBell } from '../wiring';
import type { BellCase } from './bellCase';
import { circuitOf } from './conditions';
import { houseAt, type Houses } from './houses';
import { judge } from './judge';
import { likelyHouses } from './posterior';
import { doorVoltsOf } from './seenFromDoor';
import { doorsOf, othersAlone } from './doors';
import { UNKNOWN_RUN, type BellSurvey, type OtherDoor, type SharedSurvey } from './survey';
import { caseOf } from './surveyedCase';

const device = deviceById('constant-power');
if (!device) throw new Error('no device');
const alone: BellSurvey = {
  region: northAmerica120,
  nameplate: { volts: 16, va: 20 },
  runs: {
    toChime: { ...UNKNOWN_RUN, lengthM: { low: 8, high: 8 }, gauge: { awg: 20 } },
    toDoor: { ...UNKNOWN_RUN, lengthM: { low: 6, high: 6 }, gauge: { awg: 20 } },
  },
  chime: { kind: 'mechanical', rating: null, ratedVolts: 16 },
  present: { path: 'series' },
  device,
  readings: [],
};
const withOthers = (shared: SharedSurvey): BellSurvey => ({ ...alone, shared });
const REAR: OtherDoor = {
  id: 'rear',
  name: 'the rear doorbell',
  joins: 'chime',
  chimeId: 'c',
  path: 'coil',
  device,
  runM: null,
  chimeRunM: null,
};
const rear = (runM: number | null = null) => withOthers({ secondChime: false, others: [{ ...REAR, runM }] });
const houses = likelyHouses(caseOf(alone), 300);
const shunted: Change = { ...asFound(alone), treatment: { path: 'shunt', shuntOhms: 1 } };

const onStrong: Change = { ...shunted, transformer: { id: 'x', ratedVolts: 24, ratedVa: 40 } };

describe('a transformer that feeds more than one door', () => {
  it('is the loop again where nothing else draws', () => {
    const bell = caseOf(withOthers({ secondChime: false, others: [] }));
    const { low } = worstSwings(bell);
    const [state] = bell.device.states;
    if (!state) throw new Error('no state');
    const network = doorVoltsOf(doorsOf(bell, houses, shunted, low).front(state), houses, state);
    const closed = doorVoltsOf(doorsOf(caseOf(alone), houses, shunted, low).front(state), houses, state);
    network.forEach((volts, i) => expect(volts).toBeCloseTo(closed[i] ?? NaN, 8));
  });
  it('gives each door less, and the farther one least', () => {
    const one = judge(alone, houses, onStrong);
    const two = judge(rear(), houses, onStrong);
    expect(two.governingVolts).toBeLessThan(one.governingVolts - 0.5);
    expect(one.others).toEqual([]);
    const far = judge(rear(30), houses, onStrong).others[0];
    expect(far?.low.likely).toBeLessThan(two.others[0]?.low.likely ?? NaN);
    // Both doorbells’ current flows through the winding
    expect(two.states[2]?.utilisation).toBeGreaterThan(1.8 * (one.states[2]?.utilisation ?? NaN));
  });
  it('says so where the rear doorbell is what fails: its coil stays in series', () => {
    const judged = judge(rear(), houses, shunted);
    expect(judged.others[0]?.belief).toBeLessThan(0.5);
    expect(say(judged.reason)).toContain('rear doorbell');
    // 24 V 40 VA carries both
    const carried = judge(rear(), houses, onStrong);
    expect(carried.others[0]?.belief).toBe(1);
    expect(carried.belief).toBe(1);
  });
  it('feeds the rear doorbell past the coil where the chime is out of the loop, as the plan wires it', () => {
    const by = (coilOut: boolean) =>
      judge(rear(), houses, {
        ...onStrong,
        treatment: { path: 'link', linkOhms: 0.3, ...(coilOut ? { coilOut } : {}) },
      }).others[0]?.low.likely ?? NaN;
    // 7 VA through a coil of about 10 Ω
    expect(by(true)).toBeGreaterThan(by(false) + 1);
  });
  it('tells falling volts that end where the judgement does', () => {
    const known = estimate(rear(), 300);
    const { states } = judge(known.survey, known.houses, shunted);
    const falling = fallingVolts(known, shunted, 'liveNight').map(({ band }) => band.likely);
    expect(falling.at(-1)).toBeCloseTo(states[2]?.low.likely ?? NaN, 6);
    for (let i = 1; i < falling.length; i++) expect(falling[i]).toBeLessThanOrEqual(falling[i - 1] ?? 0);
    expect(predictedVolts(known, shunted, 'liveNight', 120).likely).toBeGreaterThan(falling.at(-1) ?? 99);
  });
  it('lets a second chime beside the first take half of what the coil drops', () => {
    const series = asFound(alone);
    const one = judge(alone, houses, series).states[0]?.low.likely ?? NaN;
    const two = judge(withOthers({ secondChime: true, others: [] }), houses, series).states[0]?.low.likely ?? NaN;
    expect(two).toBeGreaterThan(one);
  });
});

describe('doors that share a supply', () => {
  const bell = (others: readonly OtherDoor[], change: Partial<BellSurvey> = {}) =>
    caseOf({ ...alone, ...change, shared: { secondChime: false, others } });
  const { low } = worstSwings(caseOf(alone));
  const [state] = caseOf(alone).device.states.slice(2);
  if (!state) throw new Error('no state');
  const alike = (joins: OtherDoor['joins']): OtherDoor => ({ ...REAR, joins, path: 'asHere' });
  const at = (others: readonly OtherDoor[], change: Change = onStrong) => {
    const doors = doorsOf(bell(others), houses, change, low);
    return { here: doorVoltsOf(doors.front(state), houses, state), others: doors.volts(state).others };
  };

  it('give two alike doors at their own screws the same volts', () => {
    const { here, others } = at([alike('chime')]);
    // The winding’s and the runs’ good splices stand in this door’s run alone: some 0.03 Ω
    here.forEach((volts, i) =>
      expect(Math.abs(volts - (others[0]?.[i] ?? 0))).toBeLessThan(0.6 * (houses.toDoorSpliceOhms[i] ?? 0) + 1e-6),
    );
  });
  it('are hand-worked: 24 V behind 2 Ω, 1 Ω to the chime, 3 Ω and 1 Ω more to each door, 12 VA each', () => {
    // One door alone: V² − 24 V + 12 · 7 = 0 at pf 1 → 19.746 V. Both: the common 3 Ω carry twice the current:
    // V = 24 − (2 · 3 + 4) · 12 / V → V² − 24 V + 120 = 0 → 16.899 V
    const one: Houses = { ...houses, count: 1 };
    const fixed: Readonly<Record<string, number>> = {
      openVolts: 24,
      sourceOhms: 2,
      toChimeOhms: 1,
      toDoorOhms: 3,
      toChimeSpliceOhms: 0,
      toDoorSpliceOhms: 0,
      coilOhms: 0,
      coilReactanceOhms: 0,
      watts: 1,
    };
    const columns = Object.fromEntries(Object.entries(fixed).map(([name, value]) => [name, Float64Array.of(value)]));
    const house = { ...one, ...columns };
    const day = { mains: 1, winding: 1, toChimeCelsius: 20, toDoorCelsius: 20 };
    const change: Change = { ...asFound(alone), treatment: { path: 'link', linkOhms: 1 } };
    const plain = { name: 'x', watts: 12, powerFactor: 1, displacementFactor: 1 };
    const shared = bell([alike('chime')]);
    const both: BellCase = {
      ...shared,
      shared: shared.shared && {
        ...shared.shared,
        others: shared.shared.others.map((other) => ({ ...other, states: [plain], runShare: 1 })),
      },
    };
    const doors = doorsOf(both, house, change, day);
    expect(doorVoltsOf(doors.front(plain), house, plain)[0]).toBeCloseTo(12 + Math.sqrt(24), 4);
    expect(doors.volts(plain).others[0]?.[0]).toBeCloseTo(12 + Math.sqrt(24), 4);
    const lone = doorsOf({ ...both, shared: null }, house, change, day);
    expect(doorVoltsOf(lone.front(plain), house, plain)[0]).toBeCloseTo(12 + Math.sqrt(60), 6);
    expect(othersAlone(both, house, change, day)[0]?.[0]).toBeCloseTo(12 + Math.sqrt(60), 6);
  });
  it('are each alone where the transformer is stiff and nothing but it is shared', () => {
    const stiff = (columns: Houses): Houses => ({ ...columns, sourceOhms: new Float64Array(columns.count).fill(1e-9) });
    const firm = stiff(houses);
    const found: Change = { ...shunted, transformer: null };
    const two = doorsOf(bell([alike('supply')]), firm, found, low);
    const one = doorsOf(caseOf(alone), firm, found, low);
    const [here, lone] = [two, one].map((doors) => doorVoltsOf(doors.front(state), firm, state));
    here?.forEach((volts, i) => expect(volts).toBeCloseTo(lone?.[i] ?? NaN, 5));
    const [own] = othersAlone(bell([alike('supply')]), firm, found, low);
    expect(own).toHaveLength(firm.count);
  });
  it('give less the more they share, and never more with another door than without', () => {
    const volts = (['supply', 'chime', 'terminal'] as const).map((joins) => at([alike(joins)]).here);
    const lone = doorVoltsOf(doorsOf(caseOf(alone), houses, onStrong, low).front(state), houses, state);
    for (let i = 0; i < houses.count; i++) {
      const [supply = NaN, chime = NaN, terminal = NaN] = volts.map((column) => column[i]);
      expect(lone[i]).toBeGreaterThan(supply);
      expect(supply).toBeGreaterThanOrEqual(chime);
      expect(chime).toBeGreaterThanOrEqual(terminal);
    }
    const three = at([alike('chime'), { ...alike('chime'), id: 'side' }]);
    three.here.forEach((one, i) => {
      // Where three can’t be fed the others give up
      const fed = (three.others[0]?.[i] ?? 0) > 0;
      if (fed) expect(one).toBeLessThan(volts[1]?.[i] ?? NaN);
      else expect(one).toBeCloseTo(lone[i] ?? NaN, 9);
    });
    expect(three.others[0]?.some((one) => one > 0)).toBe(true);
  });
  it('see one another alike, whichever of them is looked from', () => {
    const far: OtherDoor = { ...alike('chime'), runM: 18 };
    const fromHere = at([far]);
    const runs = { ...alone.runs, toDoor: { ...alone.runs.toDoor, lengthM: { low: 18, high: 18 } } };
    const there = bell([{ ...alike('chime'), runM: 6 }], { runs });
    // The same houses with the longer run as this door’s
    const long: Houses = {
      ...houses,
      toDoorOhms: houses.toDoorOhms.map((ohms) => 3 * ohms),
      toDoorSpliceOhms: new Float64Array(houses.count),
    };
    const plain: Houses = { ...houses, toDoorSpliceOhms: new Float64Array(houses.count) };
    const doors = doorsOf(bell([far]), plain, onStrong, low);
    const turned = doorsOf(there, long, onStrong, low);
    const here = doorVoltsOf(doors.front(state), plain, state);
    turned.volts(state).others[0]?.forEach((volts, i) => expect(volts).toBeCloseTo(here[i] ?? NaN, 3));
    expect(fromHere.others[0]?.[0]).toBeLessThan(fromHere.here[0] ?? NaN);
  });
  it('are the network that follows from the wiring', () => {
    // Independent: nodal analysis of the found wiring with a rear doorbell, its coil in series, a shunt at the front
    const doors = doorsOf(bell([REAR]), houses, shunted, low);
    const found = foundBell({ ...ORDINARY_BELL, present: shunted.treatment, rear: 'device', door: OLD_DEVICE });
    const house = houseAt(houses, 7);
    const circuit = circuitOf(house, shunted, low);
    const runs: Readonly<Record<string, number>> = {
      toChime: circuit.toChimeOhms / 2,
      toDoor: circuit.toDoorOhms / 2,
      toRear: (house.toDoorOhms * copperWarmth(low.toDoorCelsius)) / 2,
    };
    const load = { watts: state.watts * house.watts * 0.4, powerFactor: state.powerFactor, displacementFactor: 1 };
    const { network, nodeOf } = bellNetwork(found, {
      source: { volts: circuit.emf, ohms: circuit.sourceOhms },
      leadOhms: ({ run }) => runs[run ?? ''] ?? 0,
      coil: () => ({ re: house.coilOhms, im: house.coilReactanceOhms }),
      load: ({ kind }) => (kind === 'load' ? load : null),
    });
    const solution = solveNetwork(network);
    const light = { ...state, watts: state.watts * 0.4 };
    const both = bell([REAR]);
    const lighter: BellCase = {
      ...both,
      shared: both.shared && {
        ...both.shared,
        others: both.shared.others.map((other) => ({ ...other, states: [light] })),
      },
    };
    const solved = doorsOf(lighter, houses, shunted, low);
    if (solution.status !== 'ok') throw new Error('collapses');
    const volts = (part: string) => voltsBetween(solution, nodeOf(`${part}.D1`) ?? 0, nodeOf(`${part}.D2`) ?? 0);
    expect(doorVoltsOf(solved.front(light), houses, light)[7]).toBeCloseTo(volts('oldDevice'), 3);
    expect(solved.volts(light).others[0]?.[7]).toBeCloseTo(volts('rear'), 3);
    expect(doors.volts(state).others).toHaveLength(1);
  });
});
