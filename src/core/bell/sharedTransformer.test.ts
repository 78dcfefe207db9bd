import { describe, expect, it } from '@jest/globals';
import { deviceById } from '../catalogue';
import { northAmerica120 } from '../region/northAmerica120';
import { fallingVolts, estimate, predictedDoorVolts } from './assess';
import { asFound } from './asFound';
import type { Change } from './conditions';
import { worstSwings } from './conditions';
import { judge } from './judge';
import { likelyHouses } from './posterior';
import { doorVoltsOf } from './seenFromDoor';
import { doorsOf } from './sharedTransformer';
import { UNKNOWN_RUN, type BellSurvey, type SharedSurvey } from './survey';
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
const rear = (runM: number | null = null) => withOthers({ secondChime: false, rear: { device, runM } });
const houses = likelyHouses(caseOf(alone), 300);
const shunted: Change = { ...asFound(alone), treatment: { path: 'shunt', shuntOhms: 1 } };

const onStrong: Change = { ...shunted, transformer: { id: 'x', ratedVolts: 24, ratedVa: 40 } };

describe('a transformer that feeds more than one door', () => {
  it('is the loop again where nothing else draws', () => {
    const bell = caseOf(withOthers({ secondChime: false, rear: null }));
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
    expect(one.rear).toBeNull();
    const far = judge(rear(30), houses, onStrong).rear;
    expect(far?.low.likely).toBeLessThan(two.rear?.low.likely ?? NaN);
    // Both doorbells’ current flows through the winding
    expect(two.states[2]?.utilisation).toBeGreaterThan(1.8 * (one.states[2]?.utilisation ?? NaN));
  });
  it('says so where the rear doorbell is what fails: its coil stays in series', () => {
    const judged = judge(rear(), houses, shunted);
    expect(judged.rear?.belief).toBeLessThan(0.5);
    expect(judged.reason).toContain('rear doorbell');
    // 24 V 40 VA carries both
    const carried = judge(rear(), houses, onStrong);
    expect(carried.rear?.belief).toBe(1);
    expect(carried.belief).toBe(1);
  });
  it('feeds the rear doorbell past the coil where the chime is out of the loop, as the plan wires it', () => {
    const by = (coilOut: boolean) =>
      judge(rear(), houses, {
        ...onStrong,
        treatment: { path: 'link', linkOhms: 0.3, ...(coilOut ? { coilOut } : {}) },
      }).rear?.low.likely ?? NaN;
    // 7 VA through a coil of about 10 Ω
    expect(by(true)).toBeGreaterThan(by(false) + 1);
  });
  it('tells falling volts that end where the judgement does', () => {
    const known = estimate(rear(), 300);
    const { states } = judge(known.survey, known.houses, shunted);
    const falling = fallingVolts(known, shunted, 'liveNight').map(({ band }) => band.likely);
    expect(falling.at(-1)).toBeCloseTo(states[2]?.low.likely ?? NaN, 6);
    for (let i = 1; i < falling.length; i++) expect(falling[i]).toBeLessThanOrEqual(falling[i - 1] ?? 0);
    expect(predictedDoorVolts(known, shunted, 'liveNight', 120).likely).toBeGreaterThan(falling.at(-1) ?? 99);
  });
  it('lets a second chime beside the first take half of what the coil drops', () => {
    const series = asFound(alone);
    const one = judge(alone, houses, series).states[0]?.low.likely ?? NaN;
    const two = judge(withOthers({ secondChime: true, rear: null }), houses, series).states[0]?.low.likely ?? NaN;
    expect(two).toBeGreaterThan(one);
  });
});
