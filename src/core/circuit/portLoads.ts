import { complex, type Complex } from './complex';
import type { DistortedPhasor } from './distortedPhasor';
import { emptyPorts, settleCurrents } from './settleCurrents';
import { fundamentalVars } from './upperRoot';

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

const STILL = 1e-13;

/**
 * Currents of constant-power loads that share a network ({@link settleCurrents}).
 * @returns null where the loads can't be fed at any volts
 */
export function settlePorts({ loads, emf, impedance }: Ports): readonly DistortedPhasor[] | null {
  const system = emptyPorts(loads.length);
  loads.forEach(({ watts, powerFactor, displacementFactor = 1 }, k) => {
    system.emfRe[k] = emf[k]?.re ?? 0;
    system.emfIm[k] = emf[k]?.im ?? 0;
    system.watts[k] = watts;
    system.vars[k] = fundamentalVars(watts, displacementFactor);
    system.voltAmps[k] = watts / powerFactor;
    loads.forEach((_, j) => {
      system.ohms[k * loads.length + j] = impedance[k]?.[j]?.re ?? 0;
      system.reactanceOhms[k * loads.length + j] = impedance[k]?.[j]?.im ?? 0;
    });
  });
  if (!settleCurrents(system, STILL)) return null;
  const { amps } = system;
  return loads.map((_, k) => ({
    fundamental: complex(amps[4 * k] ?? 0, amps[4 * k + 1] ?? 0),
    distortion: complex(amps[4 * k + 2] ?? 0, amps[4 * k + 3] ?? 0),
  }));
}
