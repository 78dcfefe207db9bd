/** A chime in series with a device across whose terminals a diode lies; all of it resistive. */
export interface DiodeLoop {
  readonly openCircuitVolts: number;
  /** Winding and wires. */
  readonly seriesOhms: number;
  readonly chimeOhms: number;
  /** Of the diode across the terminals while it conducts, V. */
  readonly diodeDropVolts: number;
  /** Of the conducting pair of the device’s bridge, V. */
  readonly bridgeDropVolts: number;
}

const peakOf = ({ openCircuitVolts }: DiodeLoop): number => Math.SQRT2 * openCircuitVolts;

/**
 * Volts over a chime that the diode feeds on one half wave, past the device, rms over a whole cycle. A device that lives from its
 * battery meanwhile adds nothing on the other one.
 */
export function halfWaveVolts(loop: DiodeLoop): number {
  const { seriesOhms, chimeOhms, diodeDropVolts: drop } = loop;
  const peak = peakOf(loop);
  if (drop >= peak) return 0;
  // (1/2π)·∫(Ê·sin φ − d)² dφ, from where the diode opens to where it closes
  const from = Math.asin(drop / peak);
  const open = Math.PI - 2 * from;
  const square =
    peak * peak * (open / 2 + Math.sin(2 * from) / 2) - 4 * peak * drop * Math.cos(from) + drop * drop * open;
  return (Math.sqrt(square / (2 * Math.PI)) * chimeOhms) / (seriesOhms + chimeOhms);
}

/** Watts into a capacitor that a charger holds at `cap` volts, on the half waves that the diode blocks. */
function wattsAt(cap: number, loop: DiodeLoop): number {
  const peak = peakOf(loop);
  const level = cap + loop.bridgeDropVolts;
  if (level >= peak) return 0;
  const from = Math.asin(level / peak);
  const meanVolts = (2 * peak * Math.cos(from) - level * (Math.PI - 2 * from)) / (2 * Math.PI);
  return (cap * meanVolts) / (loop.seriesOhms + loop.chimeOhms);
}

/** Shares of the golden section, and so many of them: to a ten-thousandth of the volts. */
const GOLDEN = (Math.sqrt(5) - 1) / 2;
const SECTIONS = 24;

/**
 * The most power that a device can draw there, at most `most`, W: its charger holds the capacitor where it gets most, at
 * `lockOutVolts` or above. The ripple of the capacitor is left out.
 */
export function wattsPastDiode(loop: DiodeLoop, lockOutVolts: number, most: number): number {
  let low = lockOutVolts;
  let high = Math.max(lockOutVolts, peakOf(loop) - loop.bridgeDropVolts);
  for (let i = 0; i < SECTIONS; i++) {
    const span = GOLDEN * (high - low);
    if (wattsAt(high - span, loop) >= wattsAt(low + span, loop)) high = low + span;
    else low = high - span;
  }
  return Math.min(most, wattsAt((low + high) / 2, loop));
}
