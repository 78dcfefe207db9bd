import { upperRootSquare } from './upperRoot';

/**
 * A network seen from its loads of constant power, flat, so that a spread can use one again and again: volts at each with
 * no load on, what an ampere at one takes from each (`[k · count + j]`, Ω), what each draws, and the currents that come
 * out, four numbers each: fundamental and distortion, real and imaginary, A rms.
 */
export interface PortSystem {
  readonly count: number;
  readonly emfRe: Float64Array;
  readonly emfIm: Float64Array;
  readonly ohms: Float64Array;
  readonly reactanceOhms: Float64Array;
  readonly watts: Float64Array;
  readonly vars: Float64Array;
  readonly voltAmps: Float64Array;
  readonly amps: Float64Array;
}

/** Room for so many loads. */
export const emptyPorts = (count: number): PortSystem => ({
  count,
  emfRe: new Float64Array(count),
  emfIm: new Float64Array(count),
  ohms: new Float64Array(count * count),
  reactanceOhms: new Float64Array(count * count),
  watts: new Float64Array(count),
  vars: new Float64Array(count),
  voltAmps: new Float64Array(count),
  amps: new Float64Array(4 * count),
});

const MOST_ROUNDS = 400;

/**
 * Settles the currents of a system in place. Each load in turn is solved in closed form behind what the others leave it,
 * from no load downwards, until nothing moves: so the upper solution is met. What of a load's current is not in its
 * watts and vars (distortion) stands across the volts that drive it.
 * @param still share of the largest current that may still move
 * @returns whether the loads can be fed at all
 */
export function settleCurrents(system: PortSystem, still: number): boolean {
  const { count, emfRe, emfIm, ohms, reactanceOhms, watts, vars, voltAmps, amps } = system;
  amps.fill(0);
  const still2 = still * still;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    let moved2 = 0;
    let most2 = 0;
    for (let k = 0; k < count; k++) {
      const need = watts[k] ?? 0;
      if (need === 0) continue;
      let a = emfRe[k] ?? 0;
      let b = emfIm[k] ?? 0;
      let c = 0;
      let d = 0;
      for (let j = 0; j < count; j++) {
        if (j === k) continue;
        const re = ohms[k * count + j] ?? 0;
        const im = reactanceOhms[k * count + j] ?? 0;
        const fr = amps[4 * j] ?? 0;
        const fi = amps[4 * j + 1] ?? 0;
        const hr = amps[4 * j + 2] ?? 0;
        const hi = amps[4 * j + 3] ?? 0;
        a -= re * fr - im * fi;
        b -= re * fi + im * fr;
        c -= re * hr - im * hi;
        d -= re * hi + im * hr;
      }
      const own = ohms[k * count + k] ?? 0;
      const ownReactance = reactanceOhms[k * count + k] ?? 0;
      const apparent = voltAmps[k] ?? 0;
      const square = a * a + b * b + c * c + d * d;
      const volts2 = upperRootSquare(square, own, ownReactance, need, vars[k] ?? 0, apparent);
      if (Number.isNaN(volts2)) return false;
      const size2 = (apparent * apparent) / volts2;
      // E·I* = P + jQ + Z·|I|²: the part of I along E; the rest stands across E
      const along = (need + own * size2) / square;
      const lag = ((vars[k] ?? 0) + ownReactance * size2) / square;
      const rest = Math.sqrt(Math.max(0, size2 / square - along * along - lag * lag));
      // conj(along + j lag) · E, and rest times (−conj(Eh), conj(E1))
      const fr = along * a + lag * b - rest * c;
      const fi = along * b - lag * a + rest * d;
      const hr = along * c + lag * d + rest * a;
      const hi = along * d - lag * c - rest * b;
      const at = 4 * k;
      // No list is made here: it would be a million of them for one table
      const dfr = fr - (amps[at] ?? 0);
      const dfi = fi - (amps[at + 1] ?? 0);
      const dhr = hr - (amps[at + 2] ?? 0);
      const dhi = hi - (amps[at + 3] ?? 0);
      const step2 = dfr * dfr + dfi * dfi + dhr * dhr + dhi * dhi;
      if (step2 > moved2) moved2 = step2;
      amps[at] = fr;
      amps[at + 1] = fi;
      amps[at + 2] = hr;
      amps[at + 3] = hi;
      if (size2 > most2) most2 = size2;
    }
    if (moved2 <= still2 * most2 || count === 1) return true;
  }
  return false;
}

/** Volts of load `k` once its currents are settled; NaN where it draws nothing. */
export function loadVolts({ amps, voltAmps }: PortSystem, k: number): number {
  const at = 4 * k;
  const fr = amps[at] ?? 0;
  const fi = amps[at + 1] ?? 0;
  const hr = amps[at + 2] ?? 0;
  const hi = amps[at + 3] ?? 0;
  // Not Math.hypot: it guards against overflow and is many times as slow
  return (voltAmps[k] ?? 0) / Math.sqrt(fr * fr + fi * fi + hr * hr + hi * hi);
}
