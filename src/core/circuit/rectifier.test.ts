import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { awgToMm2, runOhms } from './conductor';
import { operatingPoint, type ChimePath } from './operatingPoint';
import { lowestCapVolts, rectifierPoint, type RectifierLoop } from './rectifierPoint';

const printed = (chime: ChimePath, watts: number): RectifierLoop => ({
  frequencyHz: 60,
  source: { openCircuitVolts: 19.4, seriesOhms: 3.1, ratedVolts: 16, ratedVa: 20 },
  toChimeOhms: runOhms({ lengthM: 8.5, mm2: awgToMm2(20), pairs: 1, celsius: 20 }),
  toDoorOhms: runOhms({ lengthM: 6, mm2: 0.75, pairs: 2, celsius: -10 }),
  chime,
  load: { watts, capacitanceF: 0.00022, dropVolts: 1.4 },
});
const shunt: ChimePath = { treatment: 'shunt', ohms: 6, reactanceOhms: 8, shuntOhms: 1 };
const series: ChimePath = { treatment: 'series', ohms: 6, reactanceOhms: 8 };
const link: ChimePath = { treatment: 'link', linkOhms: 0.15 };
const solved = (loop: RectifierLoop) => {
  const figures = rectifierPoint(loop);
  if (!figures) throw new Error('collapse');
  return figures;
};
/** Within half a per cent. */
const near = (value: number, wanted: number): void => expect(Math.abs(value / wanted - 1)).toBeLessThan(0.005);

describe('a rectifier in the loop', () => {
  it('comes out at the printed answer', () => {
    const point = solved(printed(shunt, 5.5));
    near(point.doorVolts, 17.78);
    near(point.amps, 0.46938);
    near(point.capMinVolts, 17.086);
    near(point.capMeanVolts, 20.499);
    near(point.powerFactor ?? 0, 0.7045);
    expect(point.utilisation).toBeCloseTo((point.amps * 16) / 20, 9);
  });

  const resistive = fc.record({
    emf: fc.double({ min: 12, max: 30, noNaN: true }),
    ohms: fc.double({ min: 0.3, max: 8, noNaN: true }),
    share: fc.double({ min: 0.05, max: 0.5, noNaN: true }),
    farads: fc.double({ min: 1e-4, max: 2e-3, noNaN: true }),
    hertz: fc.constantFrom(50, 60),
  });
  it('keeps the rms identity of a resistive loop, whatever the waveform', () => {
    let fed = 0;
    fc.assert(
      fc.property(resistive, ({ emf, ohms, share, farads, hertz }) => {
        const watts = (share * emf * emf) / (4 * ohms);
        const point = rectifierPoint({
          frequencyHz: hertz,
          source: { openCircuitVolts: emf, seriesOhms: ohms / 2 },
          toChimeOhms: ohms / 4,
          toDoorOhms: ohms / 4,
          chime: { treatment: 'none' },
          load: { watts, capacitanceF: farads, dropVolts: 1.4 },
        });
        if (!point) return;
        fed++;
        const given = (point.powerFactor ?? 0) * point.doorVolts * point.amps;
        const door = operatingPoint({
          source: { openCircuitVolts: emf, seriesOhms: ohms / 2 },
          toChimeOhms: ohms / 4,
          toDoorOhms: ohms / 4,
          chime: { treatment: 'none' },
          load: { kind: 'power', watts: given, powerFactor: point.powerFactor ?? 1 },
        }).doorVolts;
        expect(Math.abs((door ?? 0) - point.doorVolts)).toBeLessThan(0.1);
        // What leaves the screws is burnt in the wires and goes into the bridge
        expect(point.sourceWatts).toBeCloseTo(given + point.wireWatts, 2);
        expect(given).toBeGreaterThan(watts);
      }),
      { seed: 31, numRuns: 60 },
    );
    expect(fed).toBeGreaterThan(30);
  });

  it('tells what the closed form can’t: the capacitor runs dry in a stiff loop with volts on the door', () => {
    const stiff = (watts: number, capacitanceF: number): RectifierLoop => ({
      ...printed(link, watts),
      source: { openCircuitVolts: 16 * 1.24 * 0.9, seriesOhms: (0.24 * 256 * 1.25) / 20 },
      load: { watts, capacitanceF, dropVolts: 1.4 },
    });
    expect(solved(stiff(6, 2.2e-4)).capMinVolts).toBeGreaterThan(12);
    expect(rectifierPoint(stiff(6, 1e-4))).toBeNull();
    const closed = operatingPoint({ ...stiff(6, 1e-4), load: { kind: 'power', watts: 6, powerFactor: 0.75 } });
    expect(closed.doorVolts).toBeGreaterThan(14);
  });
  it('ends near 4 W on low mains with the coil in series, and carries 6 W once it is treated', () => {
    const lowMains = (chime: ChimePath, watts: number): RectifierLoop => ({
      ...printed(chime, watts),
      source: { openCircuitVolts: 16 * 1.24 * 0.9, seriesOhms: (0.24 * 256 * 1.25) / 20 },
    });
    const most = (chime: ChimePath): number =>
      Array.from({ length: 40 }, (_, i) => 2 + i / 4).findLast((watts) => lowestCapVolts(lowMains(chime, watts)) > 8) ??
      0;
    expect(most(series)).toBeGreaterThan(3.5);
    expect(most(series)).toBeLessThan(5.6);
    expect(most(shunt)).toBeGreaterThan(6);
  });
  it('stands higher the less it draws, and lower the more ohms lie before it', () => {
    const volts = [1, 2, 4, 6].map((watts) => solved(printed(shunt, watts)).capMinVolts);
    expect([...volts].sort((a, b) => b - a)).toEqual(volts);
    expect(solved({ ...printed(shunt, 4), toDoorOhms: 2 }).doorVolts).toBeLessThan(solved(printed(shunt, 4)).doorVolts);
  });
  it('settles a farad as it settles a microfarad too little: by an answer, not by waiting', () => {
    const with1F = { ...printed(link, 5), load: { watts: 5, capacitanceF: 1, dropVolts: 1.4 } };
    expect(solved(with1F).capMinVolts).toBeGreaterThan(15);
    expect(rectifierPoint({ ...with1F, load: { ...with1F.load, capacitanceF: 1e-6 } })).toBeNull();
  });
  it('bears a source without any resistance', () => {
    const ideal: RectifierLoop = {
      ...printed({ treatment: 'none' }, 5),
      source: { openCircuitVolts: 16, seriesOhms: 0 },
      toChimeOhms: 0,
      toDoorOhms: 0,
    };
    expect(solved(ideal).doorVolts).toBeCloseTo(16, 3);
  });
  it('keeps a shunted coil a coil: with inductance more stands over it than over two resistors', () => {
    const coil = solved(printed(shunt, 5));
    const plain = solved(printed({ treatment: 'shunt', ohms: 6, shuntOhms: 1 }, 5));
    expect(coil.chimeVolts).toBeGreaterThan(plain.chimeVolts * 1.02);
  });
});

describe('the quick answer', () => {
  it('agrees with the whole one to a few hundredths of a volt', () => {
    for (const watts of [2, 4, 5.5])
      for (const chime of [shunt, link, series]) {
        const whole = rectifierPoint(printed(chime, watts));
        expect(Math.abs(lowestCapVolts(printed(chime, watts)) - (whole?.capMinVolts ?? 0))).toBeLessThan(0.05);
      }
  });
});
