import { inWords } from '@/words';
import { sayBritish as say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { supplyRoute, type SupplyRoute } from './supplyRoute';

const route = (more: Partial<SupplyRoute> = {}): SupplyRoute => ({
  from: 'adapter',
  people: 2,
  mm2: 0.75,
  segments: [
    { way: 'surface', lengthM: 4, holes: 0 },
    { way: 'throughWall', lengthM: 0.3, holes: 1 },
  ],
  ...more,
});

describe('a new supply and its route', () => {
  it('adds minutes and ohms by hand', () => {
    const sum = supplyRoute(route());
    // 10 at the source, 4 m · 2.5, 0.3 m · 20 and a hole of 14
    expect(sum.minutes).toBeCloseTo(10 + 10 + 6 + 14, 9);
    // 2 · 4.3 m · 0.017241 / 0.75
    expect(sum.ohms).toBeCloseTo((2 * 4.3 * 0.017241) / 0.75, 9);
    expect(sum).toMatchObject({ holes: 1, mainsWork: false });
    expect(inWords(sum.parts, say)).toEqual(expect.arrayContaining(['16 cable clips', '5 m bell cable, 2 × 0.75 mm²']));
  });
  it('takes longer alone where a cable is fished', () => {
    const fished = (people: 1 | 2) =>
      supplyRoute(route({ people, segments: [{ way: 'inWall', lengthM: 3, holes: 2 }] })).minutes;
    expect(fished(2)).toBeCloseTo(10 + 21 + 20, 9);
    expect(fished(1)).toBeCloseTo(10 + 21 * 1.7 + 20, 9);
  });
  it('tells mains work and its cautions, and lays nothing for a battery', () => {
    expect(supplyRoute(route({ from: 'board' }))).toMatchObject({ mainsWork: true });
    const battery = supplyRoute(route({ from: 'battery' }));
    expect(battery).toMatchObject({ ohms: null, lengthM: 0, minutes: 5 });
    expect(supplyRoute(route()).cautions.map(say).join(' ')).toMatch(/asbestos/);
  });
});
