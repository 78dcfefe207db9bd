import { describe, expect, it } from 'vitest';
import { DEVICES } from '../catalogue';
import { normalShare, normals, seeded, Z95 } from '../random';
import { britain230 } from '../region/britain230';
import { northAmerica120 } from '../region/northAmerica120';
import { emptyHouses, houseAt, type House } from './houses';
import { housePrior, sourceFromNameplate } from './housePrior';
import { bandOf } from './percentiles';
import { likelyHouses as housesOf } from './posterior';
import { UNKNOWN_RUN, type BellSurvey } from './survey';
import { caseOf } from './surveyedCase';

const [device] = DEVICES;
if (!device) throw new Error('no device');
const survey = (more: Partial<BellSurvey> = {}): BellSurvey => ({
  region: northAmerica120,
  nameplate: { volts: 16, va: 10 },
  runs: { toChime: UNKNOWN_RUN, toDoor: UNKNOWN_RUN },
  chime: { kind: 'mechanical', rating: null, ratedVolts: null },
  present: { path: 'series' },
  device,
  readings: [],
  ...more,
});
const DRAWS = 8000;
const likelyHouses = (of: BellSurvey, draws: number): readonly House[] => {
  const houses = housesOf(caseOf(of), draws);
  return Array.from({ length: houses.count }, (_, i) => houseAt(houses, i));
};

describe('normal numbers', () => {
  it('have mean 0 and variance 1, and are the same for the same seed', () => {
    const numbers = normals(20_000, seeded(3));
    const mean = numbers.reduce((sum, z) => sum + z, 0) / numbers.length;
    const variance = numbers.reduce((sum, z) => sum + (z - mean) ** 2, 0) / numbers.length;
    expect(Math.abs(mean)).toBeLessThan(0.03);
    expect(Math.abs(variance - 1)).toBeLessThan(0.05);
    expect(normals(10, seeded(3))).toEqual(numbers.slice(0, 10));
    expect(normals(10, seeded(4))).not.toEqual(numbers.slice(0, 10));
  });
  it('lie below z as the tables say', () => {
    expect(normalShare(0)).toBeCloseTo(0.5, 6);
    expect(normalShare(Z95)).toBeCloseTo(0.95, 5);
    expect(normalShare(-1.96)).toBeCloseTo(0.025, 4);
    expect(normalShare(-9)).toBe(0);
    expect(normalShare(9)).toBe(1);
  });
});

describe('a source from its nameplate', () => {
  it('stands over its nameplate by the regulation, and sags to it at the rated current', () => {
    // Up to 12 VA: regulation 0.20, 0.33, 0.60 at the 5, 50 and 95 % points
    for (const [z, regulation] of [
      [0, 0.33],
      [-Z95, 0.2],
      [Z95, 0.6],
    ] as const) {
      const { openVolts, ohms } = sourceFromNameplate(16, 10, z);
      expect(openVolts).toBeCloseTo(16 * (1 + regulation), 9);
      expect(openVolts - (ohms * 10) / 16).toBeCloseTo(16, 9);
    }
  });
  it('sags less the larger it is', () => {
    const sags = [5, 10, 20, 30, 40].map((va) => sourceFromNameplate(16, va, 0).ohms);
    expect([...sags].sort((a, b) => b - a)).toEqual(sags);
  });
  it('goes no farther out than 2.5 σ', () => {
    expect(sourceFromNameplate(16, 10, 9)).toEqual(sourceFromNameplate(16, 10, 2.5));
  });
});

describe('houses before anything is read', () => {
  const houses = likelyHouses(survey(), DRAWS);
  it('are possible ones: nothing is negative, cold or upside down', () => {
    for (const house of houses) {
      for (const ohms of [house.sourceOhms, house.toChimeOhms, house.toDoorOhms, house.coilOhms])
        expect(ohms).toBeGreaterThan(0);
      expect(house.openVolts).toBeGreaterThan(5);
      expect(house.winding).toBeGreaterThanOrEqual(1);
      expect(house.winding).toBeLessThanOrEqual(1.25);
      expect(house.mains).toBeGreaterThanOrEqual(1 + northAmerica120.mains.lowPercent / 100 - 1e-9);
      expect(house.mains).toBeLessThanOrEqual(1 + northAmerica120.mains.highPercent / 100 + 1e-9);
    }
  });
  it('centre on the nameplate’s likely source', () => {
    const { likely } = bandOf(houses.map((house) => house.openVolts));
    expect(Math.abs(likely - 16 * 1.33)).toBeLessThan(0.35);
  });
  it('hide a corroded splice in about three runs of a hundred', () => {
    const bad = houses.filter((house) => house.toDoorSpliceOhms >= 0.5).length / houses.length;
    expect(bad).toBeGreaterThan(0.015);
    expect(bad).toBeLessThan(0.045);
  });
  it('spread a paced length by a fifth at the 5 and 95 % points', () => {
    const known = survey({
      runs: { toChime: UNKNOWN_RUN, toDoor: { ...UNKNOWN_RUN, lengthM: { low: 10, high: 10 }, gauge: { mm2: 1 } } },
    });
    const ohms = bandOf(likelyHouses(known, DRAWS).map((house) => house.toDoorOhms));
    // 2 · 10 m · 0.017241 / 1 mm² = 0.345 Ω; some six lengths of a hundred are farther off
    expect(ohms.likely).toBeCloseTo(0.345, 2);
    expect(ohms.low).toBeGreaterThan(0.345 * 0.76);
    expect(ohms.low).toBeLessThan(0.345 * 0.83);
    expect(ohms.high).toBeGreaterThan(0.345 * 1.17);
    expect(ohms.high).toBeLessThan(0.345 * 1.3);
  });
  it('take the other region’s coil and secondary', () => {
    const abroad = likelyHouses(survey({ region: britain230, nameplate: { volts: null, va: null } }), DRAWS);
    const coil = bandOf(abroad.map((house) => house.coilOhms));
    expect(Math.abs(coil.likely - 4)).toBeLessThan(0.2);
    const eight = abroad.filter((house) => house.openVolts < 14).length / abroad.length;
    expect(eight).toBeGreaterThan(0.6);
  });
  it('are the middle ones at a draw of zeros', () => {
    const read = survey({ readings: [{ id: 'm', what: 'mainsVolts', value: { low: 120, high: 120 } }] });
    const prior = housePrior(caseOf(read));
    const table = emptyHouses(1, 1);
    prior.write(new Float64Array(prior.unknowns), 0, table, 0);
    const middle = houseAt(table, 0);
    expect(middle.openVolts).toBeCloseTo(16 * 1.33, 6);
    expect(middle.coilOhms).toBeCloseTo(6, 6);
    expect(middle.watts).toBe(1);
    expect(table.gains[0]?.[0]).toBeCloseTo(1, 6);
  });
});

describe('houses after readings', () => {
  it('lie nearer to a reading the sharper it is, and keep what it does not touch', () => {
    const read = survey({ readings: [{ id: 'a', what: 'coilOhms', value: { low: 9, high: 9 } }] });
    const before = bandOf(likelyHouses(survey(), DRAWS).map((house) => house.openVolts));
    const houses = likelyHouses(read, DRAWS);
    const coil = bandOf(houses.map((house) => house.coilOhms));
    expect(Math.abs(coil.likely - 9)).toBeLessThan(0.25);
    expect(coil.high - coil.low).toBeLessThan(1.2);
    const after = bandOf(houses.map((house) => house.openVolts));
    expect(Math.abs(after.likely - before.likely)).toBeLessThan(0.3);
  });
  it('widen with a range instead of a figure', () => {
    const width = (low: number, high: number) => {
      const read = survey({
        readings: [{ id: 'a', what: 'volts', at: 'transformer', state: 'open', value: { low, high } }],
      });
      const band = bandOf(likelyHouses(read, DRAWS).map((house) => house.openVolts * house.mains));
      return band.high - band.low;
    };
    expect(width(20, 22)).toBeGreaterThan(1.5 * width(21, 21));
  });
});
