import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { add, complex, magnitude, multiply, type Complex } from './complex';
import { rms, type DistortedPhasor } from './distortedPhasor';
import { solveNetwork, voltsBetween, type Network, type NetworkSolution } from './network';
import { collapseWatts, operatingPoint } from './operatingPoint';

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const solved = (network: Network): NetworkSolution => {
  const solution = solveNetwork(network);
  if (solution.status !== 'ok') throw new Error('collapse');
  return solution;
};

/** Source 0→1, run 1→2, coil 2→3, run 3→4, load 4→0. */
const loop = (volts: number, inside: Complex, run: number, coil: Complex, more: Partial<Network> = {}): Network => ({
  nodes: 5,
  sources: [{ from: 0, to: 1, volts, ohms: inside.re, reactanceOhms: inside.im }],
  branches: [
    { from: 1, to: 2, ohms: run },
    { from: 2, to: 3, ohms: coil.re, reactanceOhms: coil.im },
    { from: 3, to: 4, ohms: run },
  ],
  loads: [],
  ...more,
});

describe('a network without constant power', () => {
  it('divides volts by hand-worked resistances, bare links included', () => {
    // 12 V behind 1 Ω, a bare link, then 2 Ω beside 6 Ω (1.5 Ω): 12 / 2.5 = 4.8 A
    const { nodeVolts, branchAmps, sourceAmps } = solved({
      nodes: 3,
      sources: [{ from: 0, to: 1, volts: 12, ohms: 1 }],
      branches: [
        { from: 1, to: 2, ohms: 0 },
        { from: 2, to: 0, ohms: 2 },
        { from: 2, to: 0, ohms: 6 },
      ],
      loads: [],
    });
    expect(nodeVolts[2]?.fundamental.re).toBeCloseTo(7.2, 12);
    expect(branchAmps.map((amps) => amps.fundamental.re)).toEqual([
      expect.closeTo(4.8, 12),
      expect.closeTo(3.6, 12),
      expect.closeTo(1.2, 12),
    ]);
    expect(sourceAmps[0]?.fundamental.re).toBeCloseTo(4.8, 12);
  });
  it('turns the phase in a coil: 3 + j4 Ω under 10 V is 2 A, 53° late', () => {
    const { branchAmps } = solved({
      nodes: 2,
      sources: [{ from: 0, to: 1, volts: 10, ohms: 0 }],
      branches: [{ from: 1, to: 0, ohms: 3, reactanceOhms: 4 }],
      loads: [],
    });
    expect(branchAmps[0]?.fundamental.re).toBeCloseTo(1.2, 12);
    expect(branchAmps[0]?.fundamental.im).toBeCloseTo(-1.6, 12);
  });
  it('leaves what hangs on nothing at 0 V, and two links side by side without a quarrel', () => {
    const { nodeVolts } = solved({
      nodes: 5,
      sources: [{ from: 0, to: 1, volts: 16, ohms: 2 }],
      branches: [
        { from: 1, to: 2, ohms: 0 },
        { from: 1, to: 2, ohms: 0 },
        { from: 3, to: 4, ohms: 5 },
      ],
      loads: [],
    });
    expect(nodeVolts.map((volts) => volts.fundamental.re)).toEqual([0, 16, 16, 0, 0]);
  });
});

describe('one load of constant power', () => {
  it('is the closed form of the loop, to a billionth', () => {
    fc.assert(
      fc.property(
        positive(6, 34),
        positive(0.01, 12),
        positive(0, 3),
        positive(0, 4),
        positive(0.01, 12),
        positive(0, 14),
        positive(0.5, 1),
        positive(0, 1),
        positive(0.01, 0.98),
        (emf, ohms, reactance, run, coil, coilReactance, powerFactor, towards, share) => {
          const displacementFactor = powerFactor + (1 - powerFactor) * towards;
          const whole = complex(ohms + 2 * run + coil, reactance + coilReactance);
          const watts = share * (collapseWatts(emf, whole, powerFactor, displacementFactor) ?? 0);
          const load = { watts, powerFactor, displacementFactor };
          const point = operatingPoint({
            source: { openCircuitVolts: emf, seriesOhms: ohms, seriesReactanceOhms: reactance },
            toChimeOhms: run,
            toDoorOhms: run,
            chime: { treatment: 'series', ohms: coil, reactanceOhms: coilReactance },
            load: { kind: 'power', ...load },
          });
          if (point.status !== 'ok') throw new Error('collapse under its own limit');
          const network = loop(emf, complex(ohms, reactance), run, complex(coil, coilReactance), {
            loads: [{ from: 4, to: 0, ...load }],
          });
          const solution = solved(network);
          const near = (a: number, b: number): void => {
            expect(Math.abs(a - b)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(b)));
          };
          near(voltsBetween(solution, 4, 0), point.doorVolts);
          near(voltsBetween(solution, 2, 3), point.chimeVolts);
          near(voltsBetween(solution, 1, 0), point.sourceVolts);
          near(solution.loadAmps[0] ? rms(solution.loadAmps[0]) : NaN, point.amps);
          const more = solveNetwork({ ...network, loads: [{ from: 4, to: 0, ...load, watts: watts / share + 1e-3 }] });
          expect(more.status).toBe('collapse');
        },
      ),
      { seed: 21, numRuns: 300 },
    );
  });
});

const part = (of: DistortedPhasor, which: 'fundamental' | 'distortion') => of[which];

describe('several loads', () => {
  const front = positive(0.2, 6);
  const rear = positive(0.2, 6);
  const two = (volts: number, ohms: number, run: number, coil: number, a: number, b: number): Network => ({
    // Source 0→1, run 1→2 (Trans), coil to Front 3, coil to Rear 4, runs to the doors 5 and 6
    nodes: 7,
    sources: [{ from: 0, to: 1, volts, ohms }],
    branches: [
      { from: 1, to: 2, ohms: run },
      { from: 2, to: 3, ohms: coil, reactanceOhms: 1.3 * coil },
      { from: 2, to: 4, ohms: coil, reactanceOhms: 1.1 * coil },
      { from: 3, to: 5, ohms: run },
      { from: 4, to: 6, ohms: 2 * run },
    ],
    loads: [
      { from: 5, to: 0, watts: a, powerFactor: 0.75, displacementFactor: 1 },
      { from: 6, to: 0, watts: b, powerFactor: 0.7, displacementFactor: 0.95 },
    ],
  });
  it('keep the laws of Kirchhoff at every node and Tellegen’s over the whole', () => {
    let fed = 0;
    fc.assert(
      fc.property(positive(14, 30), positive(0.5, 6), positive(0.05, 2), positive(0.1, 3), front, rear, (...args) => {
        const network = two(...args);
        const solution = solveNetwork(network);
        if (solution.status === 'collapse') return;
        fed++;
        for (const which of ['fundamental', 'distortion'] as const) {
          const out = Array.from({ length: network.nodes }, () => complex(0));
          let power = complex(0);
          const flow = (from: number, to: number, amps: DistortedPhasor, lift: number): void => {
            const i = part(amps, which);
            out[from] = add(out[from] ?? complex(0), i);
            out[to] = add(out[to] ?? complex(0), complex(-i.re, -i.im));
            const a = solution.nodeVolts[from];
            const b = solution.nodeVolts[to];
            if (!a || !b) throw new Error('no such node');
            const across = complex(part(a, which).re - part(b, which).re + lift, part(a, which).im - part(b, which).im);
            power = add(power, multiply(across, complex(i.re, -i.im)));
            if (lift !== 0 && which === 'fundamental') power = add(power, complex(-lift * i.re, lift * i.im));
          };
          network.sources.forEach(({ from, to }, i) => {
            const amps = solution.sourceAmps[i];
            if (amps) flow(from, to, amps, 0);
          });
          network.branches.forEach(({ from, to }, i) => {
            const amps = solution.branchAmps[i];
            if (amps) flow(from, to, amps, 0);
          });
          network.loads.forEach(({ from, to }, i) => {
            const amps = solution.loadAmps[i];
            if (amps) flow(from, to, amps, 0);
          });
          for (const node of out) expect(magnitude(node)).toBeLessThan(1e-9);
          expect(magnitude(power)).toBeLessThan(1e-8);
        }
        // Each load gets its watts, and draws its volt-amperes
        network.loads.forEach(({ from, to, watts, powerFactor }, i) => {
          const amps = solution.loadAmps[i];
          if (!amps) throw new Error('no amps');
          expect(voltsBetween(solution, from, to) * rms(amps)).toBeCloseTo(watts / powerFactor, 7);
          const a = solution.nodeVolts[from];
          if (!a) throw new Error('no volts');
          const given = (['fundamental', 'distortion'] as const).reduce(
            (sum, which) => sum + part(a, which).re * part(amps, which).re + part(a, which).im * part(amps, which).im,
            0,
          );
          expect(given).toBeCloseTo(watts, 7);
        });
      }),
      { seed: 22, numRuns: 400 },
    );
    expect(fed).toBeGreaterThan(100);
  });
  it('take volts from each other, and collapse together where either alone is fed', () => {
    const alone = solved({ ...two(18, 6, 0.5, 0.5, 4, 0) });
    const together = solved(two(18, 6, 0.5, 0.5, 4, 3));
    expect(voltsBetween(together, 5, 0)).toBeLessThan(voltsBetween(alone, 5, 0) - 0.5);
    expect(solveNetwork(two(18, 6, 0.5, 0.5, 6, 0)).status).toBe('ok');
    expect(solveNetwork(two(18, 6, 0.5, 0.5, 0, 5)).status).toBe('ok');
    expect(solveNetwork(two(18, 6, 0.5, 0.5, 6, 5)).status).toBe('collapse');
  });
});
