import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { add, complex, divide, magnitude, multiply, parallel, subtract } from './complex';
import { awgToMm2, runOhms } from './conductor';
import { chimeImpedance, collapseWatts, operatingPoint, type ChimePath, type Loop } from './operatingPoint';
import { ORDINARY_METER, sourceFit } from './sourceFit';
import { fundamentalVars } from './upperRoot';

const power = (watts: number, powerFactor = 0.75, displacementFactor = 1) =>
  ({ kind: 'power', watts, powerFactor, displacementFactor }) as const;

/** The request printed in the contract. */
const printed = (chime: ChimePath, load: Loop['load']): Loop => ({
  source: { openCircuitVolts: 19.4, seriesOhms: 3.1, ratedVolts: 16, ratedVa: 20 },
  toChimeOhms: runOhms({ lengthM: 8.5, mm2: awgToMm2(20), pairs: 1, celsius: 20 }),
  toDoorOhms: runOhms({ lengthM: 6, mm2: 0.75, pairs: 2, celsius: -10 }),
  chime,
  load,
});
const shunt: ChimePath = { treatment: 'shunt', ohms: 6, reactanceOhms: 8, shuntOhms: 1 };
const series: ChimePath = { treatment: 'series', ohms: 6, reactanceOhms: 8 };

describe('conductors', () => {
  it('knows the table of American gauges', () => {
    expect(awgToMm2(18)).toBeCloseTo(0.823, 3);
    expect(awgToMm2(24)).toBeCloseTo(0.2047, 4);
  });
  it('takes length there and back, pairs, warmth, material and single conductors into account', () => {
    const run = { lengthM: 10, mm2: 1, pairs: 1, celsius: 20 };
    expect(runOhms(run)).toBeCloseTo(0.34482, 5);
    expect(runOhms({ ...run, pairs: 2 })).toBeCloseTo(0.17241, 5);
    expect(runOhms({ ...run, celsius: 50 })).toBeCloseTo(0.34482 * 1.1179, 5);
    expect(runOhms({ ...run, material: 'copperClad' })).toBeCloseTo(0.34482 * 1.55, 5);
    expect(runOhms({ ...run, conductors: 1 })).toBeCloseTo(0.17241, 5);
  });
});

describe('operating point: worked examples', () => {
  it('solves the printed request', () => {
    const point = operatingPoint(printed(shunt, power(5.5)));
    expect(point).toMatchObject({ status: 'ok' });
    expect(point.doorVolts).toBeCloseTo(17.9061, 4);
    expect(point.amps).toBeCloseTo(0.409544, 6);
    expect(point.chimeVolts).toBeCloseTo(0.385267, 6);
    expect(point.sourceVolts).toBeCloseTo(18.4108, 4);
    expect(point.sourceVa).toBeCloseTo(7.54004, 5);
    expect(point.sourceWatts).toBeCloseTo(5.77271, 5);
    expect(point.utilisation).toBeCloseTo(0.327635, 6);
    expect(point.wireWatts).toBeCloseTo(0.115378, 6);
    expect(point.maxWatts).toBeCloseTo(17.064, 3);
  });
  it('solves it with the coil in series, and collapses beyond the limit', () => {
    const point = operatingPoint(printed(series, power(5.5)));
    expect(point.doorVolts).toBeCloseTo(15.2179, 4);
    expect(point.amps).toBeCloseTo(0.481889, 6);
    expect(point.chimeVolts).toBeCloseTo(4.81889, 5);
    expect(point.maxWatts).toBeCloseTo(7.06302, 5);
    expect(operatingPoint(printed(series, power(8)))).toMatchObject({ status: 'collapse', doorVolts: null });
  });
  it('takes the displacement factor apart from the power factor', () => {
    const point = operatingPoint(printed(shunt, power(5.5, 0.62, 0.97)));
    expect(point.doorVolts).toBeCloseTo(17.8511, 4);
    expect(point.amps).toBeCloseTo(0.496942, 6);
    expect(point.maxWatts).toBeCloseTo(15.2163, 4);
  });
  it('divides volts over a resistor and leaves an open door at the open volts', () => {
    const point = operatingPoint({
      source: { openCircuitVolts: 20, seriesOhms: 4 },
      toChimeOhms: 0.5,
      toDoorOhms: 0.5,
      chime: { treatment: 'none' },
      load: { kind: 'resistor', ohms: 15 },
    });
    expect(point.doorVolts).toBeCloseTo(15, 12);
    expect(point.sourceVolts).toBeCloseTo(16, 12);
    expect(point.utilisation).toBeNull();
    expect(operatingPoint(printed(shunt, { kind: 'open' }))).toMatchObject({
      doorVolts: 19.4,
      amps: 0,
      maxWatts: null,
    });
  });
  it('makes 0 of a parallel branch of 0 Ω', () => {
    expect(parallel(complex(0), complex(0))).toEqual({ re: 0, im: 0 });
    expect(chimeImpedance({ treatment: 'shunt', ohms: 6, shuntOhms: 0 })).toEqual({ re: 0, im: 0 });
  });
});

const aLoop = fc.record({
  emf: fc.double({ min: 6, max: 34, noNaN: true }),
  ohms: fc.double({ min: 0.1, max: 12, noNaN: true }),
  reactance: fc.double({ min: 0, max: 3, noNaN: true }),
  coil: fc.double({ min: 0.5, max: 12, noNaN: true }),
  coilReactance: fc.double({ min: 0, max: 14, noNaN: true }),
  wire: fc.double({ min: 0.05, max: 4, noNaN: true }),
  pf: fc.double({ min: 0.5, max: 1, noNaN: true }),
  share: fc.double({ min: 0.01, max: 0.99, noNaN: true }),
});

const build = (a: {
  emf: number;
  ohms: number;
  reactance: number;
  coil: number;
  coilReactance: number;
  wire: number;
}) =>
  ({
    source: { openCircuitVolts: a.emf, seriesOhms: a.ohms, seriesReactanceOhms: a.reactance },
    toChimeOhms: a.wire,
    toDoorOhms: a.wire,
    chime: { treatment: 'series', ohms: a.coil, reactanceOhms: a.coilReactance },
  }) as const;

const wholeImpedance = (loop: Omit<Loop, 'load'>) =>
  add(
    complex(loop.source.seriesOhms + loop.toChimeOhms + loop.toDoorOhms, loop.source.seriesReactanceOhms ?? 0),
    chimeImpedance(loop.chime),
  );

describe('operating point: invariants', () => {
  it('closes the phasors round the loop when the displacement factor is the power factor', () => {
    fc.assert(
      fc.property(aLoop, (a) => {
        const loop = build(a);
        const z = wholeImpedance(loop);
        const watts = a.share * (collapseWatts(a.emf, z, a.pf, a.pf) ?? 0);
        const point = operatingPoint({ ...loop, load: power(watts, a.pf, a.pf) });
        if (point.status !== 'ok') throw new Error('collapse under its own limit');
        // I = conj(S / V) with V on the real axis
        const amps = complex(watts / point.doorVolts, -fundamentalVars(watts, a.pf) / point.doorVolts);
        const emf = add(complex(point.doorVolts), multiply(amps, z));
        expect(Math.abs(magnitude(emf) - a.emf)).toBeLessThan(1e-9 * a.emf);
      }),
      { seed: 11, numRuns: 300 },
    );
  });
  it('returns the upper root: the other root of the same equation lies under it', () => {
    fc.assert(
      fc.property(aLoop, (a) => {
        const loop = build(a);
        const z = wholeImpedance(loop);
        const watts = a.share * (collapseWatts(a.emf, z, a.pf, 1) ?? 0);
        const point = operatingPoint({ ...loop, load: power(watts, a.pf, 1) });
        if (point.status !== 'ok') throw new Error('collapse under its own limit');
        const product = magnitude(z) * (watts / a.pf); // V_upper · V_lower by Vieta
        expect(point.doorVolts).toBeGreaterThanOrEqual((product / point.doorVolts) * (1 - 1e-6));
        const v2 = point.doorVolts ** 2;
        const residual = v2 * v2 + v2 * (2 * z.re * watts - a.emf ** 2) + product ** 2;
        expect(Math.abs(residual) / a.emf ** 4).toBeLessThan(1e-9);
      }),
      { seed: 12, numRuns: 300 },
    );
  });
  it('collapses exactly beyond the limit', () => {
    fc.assert(
      fc.property(aLoop, (a) => {
        const loop = build(a);
        const limit = collapseWatts(a.emf, wholeImpedance(loop), a.pf, 1) ?? 0;
        expect(operatingPoint({ ...loop, load: power(limit * 0.9999, a.pf) }).status).toBe('ok');
        expect(operatingPoint({ ...loop, load: power(limit * 1.0001, a.pf) }).status).toBe('collapse');
      }),
      { seed: 13, numRuns: 300 },
    );
  });
  it('loses door volts with length and gains them with copper', () => {
    fc.assert(
      fc.property(aLoop, fc.double({ min: 1.01, max: 4, noNaN: true }), (a, more) => {
        const loop = build(a);
        const z = wholeImpedance({ ...loop, toDoorOhms: a.wire * more });
        const watts = a.share * 0.9 * (collapseWatts(a.emf, z, a.pf, 1) ?? 0);
        const near = operatingPoint({ ...loop, load: power(watts, a.pf) });
        const far = operatingPoint({ ...loop, toDoorOhms: a.wire * more, load: power(watts, a.pf) });
        if (near.status !== 'ok' || far.status !== 'ok') throw new Error('collapse');
        expect(far.doorVolts).toBeLessThan(near.doorVolts);
        const run = { lengthM: 10, mm2: 0.5, pairs: 1, celsius: 20 };
        expect(runOhms({ ...run, mm2: 0.5 * more })).toBeLessThan(runOhms(run));
      }),
      { seed: 14, numRuns: 300 },
    );
  });
  it('balances energy: what leaves the screws is burnt in runs, chime and device', () => {
    const point = operatingPoint(printed(series, power(5.5)));
    if (point.status !== 'ok') throw new Error('collapse');
    expect(point.sourceWatts).toBeCloseTo(5.5 + point.wireWatts + point.amps ** 2 * 6, 10);
  });
});

describe('complex arithmetic', () => {
  it('divides what it multiplied', () => {
    const a = complex(3, -4);
    const b = complex(-1.5, 2);
    const back = subtract(divide(multiply(a, b), b), a);
    expect(magnitude(back)).toBeLessThan(1e-12);
  });
});

describe('source fit', () => {
  const open = { ratedVolts: 16, ratedVa: 10, openCircuitVolts: 20.9, meter: ORDINARY_METER };
  it('fits one load', () => {
    const fit = sourceFit({ ...open, loads: [{ ohms: 22, volts: 15.6 }] });
    if ('problem' in fit) throw new Error(fit.problem);
    expect(fit.seriesOhms).toBeCloseTo(7.47436, 5);
    expect(fit.seriesOhmsLow).toBeCloseTo(5.93984, 5);
    expect(fit.seriesOhmsHigh).toBeCloseTo(9.10129, 5);
    expect(fit.voltsAtRated).toBeCloseTo(16.2285, 4);
    expect(fit.sagVa).toBeCloseTo(10.4892, 4);
    expect(fit.sagVaLow).toBeCloseTo(9.21701, 5);
    expect(fit.sagVaHigh).toBeCloseTo(11.8279, 4);
  });
  it('fits two loads by their weights', () => {
    const fit = sourceFit({
      ...open,
      loads: [
        { ohms: 22, volts: 15.6 },
        { ohms: 47, volts: 18.1 },
      ],
    });
    if ('problem' in fit) throw new Error(fit.problem);
    expect(fit.seriesOhms).toBeCloseTo(7.4761, 4);
    expect(fit.seriesOhmsLow).toBeCloseTo(5.89856, 5);
    expect(fit.sagVa).toBeCloseTo(10.544, 3);
    expect(fit.sagVaHigh).toBeCloseTo(12.2975, 4);
  });
  it('narrows when one meter took all readings, and never below the nominal value', () => {
    const loads = [{ ohms: 22, volts: 15.6 }];
    const apart = sourceFit({ ...open, loads });
    const same = sourceFit({ ...open, loads, meter: { ...ORDINARY_METER, sameMeter: true } });
    if ('problem' in apart || 'problem' in same) throw new Error('no fit');
    expect(same.seriesOhmsHigh - same.seriesOhmsLow).toBeLessThan(apart.seriesOhmsHigh - apart.seriesOhmsLow);
    expect(same.seriesOhmsLow).toBeLessThan(same.seriesOhms);
  });
  it('leaves the high end open when the meter cannot tell a droop', () => {
    const fit = sourceFit({ ...open, loads: [{ ohms: 100, volts: 20.7 }] });
    expect(fit).toMatchObject({ seriesOhmsLow: 0, sagVaHigh: null });
  });
  it('says when there is no droop or no accuracy', () => {
    expect(sourceFit({ ...open, loads: [{ ohms: 22, volts: 21 }] })).toEqual({ problem: 'noDroop' });
    const exact = { percent: 0, counts: 0, resolutionVolts: 0.1 };
    const loads = [
      { ohms: 22, volts: 15.6 },
      { ohms: 47, volts: 18.1 },
    ];
    expect(sourceFit({ ...open, loads, meter: exact })).toEqual({ problem: 'noAccuracy' });
    expect(sourceFit({ ...open, loads: loads.slice(0, 1), meter: exact })).toMatchObject({
      sagVaLow: expect.any(Number),
    });
  });
});
