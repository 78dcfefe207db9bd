import { complex, type Complex } from './complex';
import type { DistortedPhasor } from './distortedPhasor';
import { fundamentalVars, upperRootVolts } from './upperRoot';

/** A load of constant power: `watts`, P/S, and the cosine of its fundamental’s angle. */
export interface PortLoad {
  readonly watts: number;
  readonly powerFactor: number;
  readonly displacementFactor?: number;
}

/** A network seen from its loads: volts at each with no load on, and what an ampere at one takes from each. */
export interface Ports {
  readonly loads: readonly PortLoad[];
  readonly emf: readonly Complex[];
  /** `impedance[k][j]`, Ω. */
  readonly impedance: readonly (readonly Complex[])[];
}

const MOST_ROUNDS = 400;
const STILL = 1e-13;

/**
 * Currents of constant-power loads that share a network. Each load in turn is solved in closed form behind what the
 * others leave it, from no load downwards, until nothing moves: so the upper solution is met. What of a load's current
 * is not in its watts and vars (distortion) stands across the volts that drive it.
 * @returns null where the loads can't be fed at any volts
 */
export function settlePorts({ loads, emf, impedance }: Ports): readonly DistortedPhasor[] | null {
  const count = loads.length;
  const amps = new Float64Array(4 * count);
  const needs = loads.map(({ watts, powerFactor, displacementFactor = 1 }) => ({
    watts,
    vars: fundamentalVars(watts, displacementFactor),
    voltAmps: watts / powerFactor,
  }));
  for (let round = 0; round < MOST_ROUNDS; round++) {
    let moved = 0;
    let most = 0;
    for (let k = 0; k < count; k++) {
      const need = needs[k];
      const own = impedance[k]?.[k];
      if (!need || !own || need.watts === 0) continue;
      let a = emf[k]?.re ?? 0;
      let b = emf[k]?.im ?? 0;
      let c = 0;
      let d = 0;
      for (let j = 0; j < count; j++) {
        const z = impedance[k]?.[j];
        if (j === k || !z) continue;
        const [fr = 0, fi = 0, hr = 0, hi = 0] = amps.subarray(4 * j, 4 * j + 4);
        a -= z.re * fr - z.im * fi;
        b -= z.re * fi + z.im * fr;
        c -= z.re * hr - z.im * hi;
        d -= z.re * hi + z.im * hr;
      }
      const square = a * a + b * b + c * c + d * d;
      const volts = upperRootVolts(Math.sqrt(square), own.re, own.im, need.watts, need.vars, need.voltAmps);
      if (Number.isNaN(volts)) return null;
      const size2 = (need.voltAmps / volts) ** 2;
      // E·I* = P + jQ + Z·|I|²: the part of I along E; the rest stands across E
      const along = (need.watts + own.re * size2) / square;
      const lag = (need.vars + own.im * size2) / square;
      const rest = Math.sqrt(Math.max(0, size2 / square - along * along - lag * lag));
      // conj(along + j lag) · E, and rest times (−conj(Eh), conj(E1))
      const next = [
        along * a + lag * b - rest * c,
        along * b - lag * a + rest * d,
        along * c + lag * d + rest * a,
        along * d - lag * c - rest * b,
      ];
      for (let i = 0; i < 4; i++) {
        moved = Math.max(moved, Math.abs((next[i] ?? 0) - (amps[4 * k + i] ?? 0)));
        amps[4 * k + i] = next[i] ?? 0;
      }
      most = Math.max(most, size2);
    }
    if (moved <= STILL * Math.sqrt(most) || count === 1)
      return loads.map((_, k) => ({
        fundamental: complex(amps[4 * k] ?? 0, amps[4 * k + 1] ?? 0),
        distortion: complex(amps[4 * k + 2] ?? 0, amps[4 * k + 3] ?? 0),
      }));
  }
  return null;
}
