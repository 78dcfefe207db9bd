import type { BellCase, Houses, SeenFromDoor } from '../bell';
import { lowestCapVolts } from '../circuit';

/** A device's capacitor and the volts at which its converter gives up. */
export interface DryDevice {
  readonly capacitanceF: number;
  readonly dropVolts: number;
  readonly lockOutVolts: number;
}

/** The most watts that a rectifier can draw behind some volts and impedance with its capacitor over the lock-out. */
export interface DryLimit {
  readonly mostWatts: (emf: number, ohms: number, reactanceOhms: number) => number;
}

/** Spacing of the table, in logarithms of volts and of ohms, and of the ratio of reactance to resistance. */
const STEP = { emf: 0.06, ohms: 0.15, ratio: 0.2 } as const;
const HALVINGS = 9;
const LEAST_OHMS = 0.05;
/** The closed form's collapse at power factor 1: no waveform can draw more. */
const ceiling = (emf: number, ohms: number): number => (emf * emf) / (4 * ohms);

/**
 * The time domain for thousands of houses: the most watts are found by halving at the knots of a table as they are asked
 * for, and between the knots they are read off (in parts of the ceiling, linear in the logarithms).
 */
export function dryLimit(device: DryDevice, frequencyHz: number): DryLimit {
  const knots = new Map<string, number>();
  const holds = (emf: number, ohms: number, ratio: number, watts: number): boolean =>
    lowestCapVolts(
      {
        frequencyHz,
        source: { openCircuitVolts: emf, seriesOhms: ohms, seriesReactanceOhms: ohms * ratio },
        toChimeOhms: 0,
        toDoorOhms: 0,
        chime: { treatment: 'none' },
        load: { watts, capacitanceF: device.capacitanceF, dropVolts: device.dropVolts },
      },
      device.lockOutVolts,
    ) > device.lockOutVolts;
  /** Share of the ceiling at a knot. */
  const knot = (e: number, r: number, x: number): number => {
    const key = `${e},${r},${x}`;
    const known = knots.get(key);
    if (known !== undefined) return known;
    const emf = Math.exp(e * STEP.emf);
    const ohms = Math.exp(r * STEP.ohms);
    const most = ceiling(emf, ohms);
    let low = 0;
    let high = 1;
    for (let i = 0; i < HALVINGS; i++) {
      const middle = (low + high) / 2;
      if (holds(emf, ohms, x * STEP.ratio, middle * most)) low = middle;
      else high = middle;
    }
    const share = (low + high) / 2;
    knots.set(key, share);
    return share;
  };
  return {
    mostWatts: (emf, ohms, reactanceOhms) => {
      const r0 = Math.max(LEAST_OHMS, ohms);
      const e = Math.log(emf) / STEP.emf;
      const r = Math.log(r0) / STEP.ohms;
      const x = reactanceOhms / r0 / STEP.ratio;
      const [e0, r1, x0] = [Math.floor(e), Math.floor(r), Math.floor(x)];
      let share = 0;
      for (const [de, we] of [
        [0, e0 + 1 - e],
        [1, e - e0],
      ] as const)
        for (const [dr, wr] of [
          [0, r1 + 1 - r],
          [1, r - r1],
        ] as const)
          for (const [dx, wx] of [
            [0, x0 + 1 - x],
            [1, x - x0],
          ] as const)
            if (we * wr * wx > 1e-9) share += we * wr * wx * knot(e0 + de, r1 + dr, x0 + dx);
      return share * ceiling(emf, r0);
    },
  };
}

/** Takes out of `holds` every house in which the capacitor runs down to the lock-out in some state. */
export function dropDry(
  holds: Uint8Array,
  seen: SeenFromDoor,
  houses: Houses,
  { device }: BellCase,
  limit: DryLimit,
): void {
  const hungriest = Math.max(...device.states.map(({ watts }) => watts));
  for (let i = 0; i < holds.length; i++) {
    if (holds[i] === 0) continue;
    const most = limit.mostWatts(seen.emf[i] ?? 0, seen.ohms[i] ?? 0, seen.reactanceOhms[i] ?? 0);
    if (hungriest * (houses.watts[i] ?? 1) > most) holds[i] = 0;
  }
}
