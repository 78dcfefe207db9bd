import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { halfWaveVolts, wattsPastDiode, type DiodeLoop } from './halfWaves';

const LOOP: DiodeLoop = {
  openCircuitVolts: 16,
  seriesOhms: 0,
  chimeOhms: 25.6,
  diodeDropVolts: 0,
  bridgeDropVolts: 1.4,
};
const LOCK_OUT = 8;

/** The same loop walked through time in small steps: volts over the chime, and whether a capacitor lives on `watts`. */
function walked(loop: DiodeLoop, watts: number, capacitanceF = 470e-6) {
  const ohms = loop.seriesOhms + loop.chimeOhms;
  const steps = 400;
  const step = 1 / 60 / steps;
  let cap = 12;
  let square = 0;
  let cycles = 0;
  for (; cycles < 900 && cap > LOCK_OUT; cycles++) {
    square = 0;
    for (let k = 0; k < steps; k++) {
      const volts = Math.SQRT2 * loop.openCircuitVolts * Math.sin((2 * Math.PI * (k + 0.5)) / steps);
      const past = Math.max(0, volts - loop.diodeDropVolts) / ohms;
      const into = Math.max(0, -volts - loop.bridgeDropVolts - cap) / ohms;
      cap += ((into - watts / cap) / capacitanceF) * step;
      square += (past * loop.chimeOhms) ** 2 / steps;
    }
  }
  return { chimeVolts: Math.sqrt(square), lives: cap > LOCK_OUT };
}

describe('an electronic chime, a diode and a device together', () => {
  it('give the playing chime the volts of a half wave', () => {
    // 16/√2: an ideal diode
    expect(halfWaveVolts(LOOP)).toBeCloseTo(11.314, 3);
    // Beside as many ohms of wire and winding a half of it
    expect(halfWaveVolts({ ...LOOP, seriesOhms: 25.6 })).toBeCloseTo(5.657, 3);
    expect(halfWaveVolts({ ...LOOP, openCircuitVolts: 0.4, diodeDropVolts: 0.8 })).toBe(0);
  });

  it.each([0, 0.8, 5])('give it as many as the loop walked through time, with a drop of %d V', (diodeDropVolts) => {
    const loop = { ...LOOP, seriesOhms: 3, diodeDropVolts };
    expect(halfWaveVolts(loop)).toBeCloseTo(walked(loop, 0).chimeVolts, 2);
  });

  it.each([
    [200, 16],
    [500, 16],
    [500, 24],
    [1000, 24],
  ])('let an idle chime of %d Ω at %d V feed a device, and no more than that', (chimeOhms, openCircuitVolts) => {
    const loop = { ...LOOP, chimeOhms, openCircuitVolts, diodeDropVolts: 0.8 };
    const watts = wattsPastDiode(loop, LOCK_OUT, 1.5);
    expect(watts).toBeGreaterThan(0.01);
    expect(walked(loop, 0.9 * watts).lives).toBe(true);
    expect(walked(loop, 1.1 * watts).lives).toBe(false);
  });

  it('let less through a higher chime and a lower supply, and never more than is asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 2000, noNaN: true }),
        fc.double({ min: 6, max: 28, noNaN: true }),
        (chimeOhms, openCircuitVolts) => {
          const loop = { ...LOOP, chimeOhms, openCircuitVolts };
          const watts = wattsPastDiode(loop, LOCK_OUT, 1.5);
          expect(watts).toBeGreaterThanOrEqual(0);
          expect(watts).toBeLessThanOrEqual(1.5);
          expect(wattsPastDiode({ ...loop, chimeOhms: chimeOhms * 1.3 }, LOCK_OUT, 1.5)).toBeLessThanOrEqual(watts);
          expect(
            wattsPastDiode({ ...loop, openCircuitVolts: openCircuitVolts * 1.1 }, LOCK_OUT, 1.5),
          ).toBeGreaterThanOrEqual(watts);
        },
      ),
      { seed: 41 },
    );
  });
});
