import { rectifierCycle, type RectifierCircuit, type RectifierState } from './rectifierCycle';
import type { ChimePath, Figures, Source } from './operatingPoint';

/** A bridge with a capacitor and a converter behind it that draws constant power. */
export interface RectifierLoad {
  readonly watts: number;
  readonly capacitanceF: number;
  /** Of the conducting pair of diodes in all. */
  readonly dropVolts: number;
}

/** The loop with a rectifier at the door; reactances are given at `frequencyHz`. */
export interface RectifierLoop {
  readonly frequencyHz: number;
  readonly source: Source;
  readonly toChimeOhms: number;
  readonly toDoorOhms: number;
  readonly chime: ChimePath;
  readonly load: RectifierLoad;
}

/** Periodic steady state of a rectifier in the loop. Rms of each waveform, watts as means over a cycle. */
export interface RectifierFigures extends Figures {
  readonly capMinVolts: number;
  readonly capMeanVolts: number;
  /** Mean power into the bridge over rms volts and amps; null where nothing flows. */
  readonly powerFactor: number | null;
}

/** Under this share of the open-circuit peak the capacitor has run dry: collapse. */
const DRY_SHARE = 0.3;
/** Steps of a cycle while it settles, and while it is measured. */
const STEPS = { settling: 160, measuring: 480 } as const;
const MOST_CYCLES = 4000;
/** Change from one cycle to the next, over the open-circuit peak, that counts as standing still. */
const STILL = { quick: 2e-5, settling: 1e-6, measuring: 1e-8 } as const;
/**
 * How far a slow, even approach is cut short: share of what is left, how even it must be, after how many cycles, and at
 * most so much of the open-circuit peak. More would overshoot.
 */
const LEAP = { share: 0.8, evenness: 0.1, after: 6, most: 0.02 } as const;

function circuitFrom(loop: RectifierLoop): RectifierCircuit {
  const { source, chime, frequencyHz } = loop;
  const henries = (reactanceOhms: number | undefined): number => (reactanceOhms ?? 0) / (2 * Math.PI * frequencyHz);
  const bare = {
    frequencyHz,
    peakVolts: Math.SQRT2 * source.openCircuitVolts,
    sourceOhms: source.seriesOhms,
    sourceHenries: henries(source.seriesReactanceOhms),
    wireOhms: loop.toChimeOhms + loop.toDoorOhms,
    chimeOhms: 0,
    chimeHenries: 0,
    besideOhms: 0,
    besideHenries: 0,
    shuntOhms: 0,
    ...loop.load,
  };
  switch (chime.treatment) {
    case 'series':
      return { ...bare, chimeOhms: chime.ohms, chimeHenries: henries(chime.reactanceOhms) };
    case 'shunt': {
      const coil = henries(chime.reactanceOhms);
      if (chime.shuntOhms === 0 || (chime.ohms === 0 && coil === 0)) return bare;
      // Without inductance the pair is one resistor
      if (coil === 0) return { ...bare, chimeOhms: (chime.ohms * chime.shuntOhms) / (chime.ohms + chime.shuntOhms) };
      return { ...bare, besideOhms: chime.ohms, besideHenries: coil, shuntOhms: chime.shuntOhms };
    }
    case 'link':
      return { ...bare, chimeOhms: chime.linkOhms };
    case 'none':
      return bare;
  }
}

/** Runs cycle after cycle until the capacitor stands where it stood; null where it falls under `dry` volts. */
function settle(circuit: RectifierCircuit, from: RectifierState, steps: number, still: number, dry: number) {
  let state = from;
  let lastChange = 0;
  let lastRatio = 0;
  let walked = 0;
  for (let cycle = 0; cycle < MOST_CYCLES; cycle++) {
    const after = rectifierCycle(circuit, state, steps, null);
    if (after === null || after.lowestCapVolts < dry) return null;
    const change = after.capVolts - state.capVolts;
    const moved = Math.max(
      Math.abs(change),
      Math.abs(after.amps - state.amps) * (circuit.sourceOhms + circuit.wireOhms + circuit.chimeOhms),
    );
    if (moved < still * circuit.peakVolts) return after;
    const ratio = lastChange === 0 ? 0 : change / lastChange;
    walked++;
    const even =
      walked > LEAP.after && ratio > 0.5 && ratio < 1 && Math.abs(ratio - lastRatio) < LEAP.evenness * (1 - ratio);
    // The rest of a geometric series, with some of it left to be walked
    const most = LEAP.most * circuit.peakVolts;
    const leap = even ? Math.max(-most, Math.min(most, (ratio / (1 - ratio)) * LEAP.share * change)) : 0;
    if (leap !== 0) walked = 0;
    lastChange = change;
    lastRatio = ratio;
    state = { amps: after.amps, coilAmps: after.coilAmps, capVolts: after.capVolts + leap };
  }
  return null;
}

/**
 * Solves a rectifier in the loop in the time domain to the periodic steady state that it reaches from a zero crossing
 * of the source, rising, with no currents and the capacitor charged to the open-circuit peak.
 * The bridge is ideal but for its drop; a shunted coil stays a coil beside a resistor. Watts over 0.
 * @returns null where the capacitor runs dry (under 0.3 of the open-circuit peak): collapse
 */
export function rectifierPoint(loop: RectifierLoop): RectifierFigures | null {
  const circuit = circuitFrom(loop);
  const start = { amps: 0, coilAmps: 0, capVolts: circuit.peakVolts };
  const dry = DRY_SHARE * circuit.peakVolts;
  const near = settle(circuit, start, STEPS.settling, STILL.settling, dry);
  const settled = near && settle(circuit, near, STEPS.measuring, STILL.measuring, dry);
  if (!settled) return null;
  const sums = new Float64Array(7);
  const last = rectifierCycle(circuit, settled, STEPS.measuring, sums);
  if (!last) return null;
  const [door2 = 0, amps2 = 0, chime2 = 0, screws2 = 0, bridgeWatts = 0, givenWatts = 0, capMeanVolts = 0] = sums;
  const doorVolts = Math.sqrt(door2);
  const amps = Math.sqrt(amps2);
  const sourceVolts = Math.sqrt(screws2);
  const { ratedVolts, ratedVa } = loop.source;
  return {
    doorVolts,
    amps,
    chimeVolts: Math.sqrt(chime2),
    sourceVolts,
    sourceVa: sourceVolts * amps,
    sourceWatts: givenWatts - circuit.sourceOhms * amps2,
    utilisation: ratedVolts && ratedVa ? (amps * ratedVolts) / ratedVa : null,
    wireWatts: circuit.wireOhms * amps2,
    capMinVolts: last.lowestCapVolts,
    capMeanVolts,
    powerFactor: bridgeWatts / (doorVolts * amps),
  };
}

/**
 * Lowest volts of the capacitor in the steady state, quicker than {@link rectifierPoint} and good to a few hundredths of
 * a volt.
 * @param lockOutVolts where it does not matter any more how far it falls
 * @returns 0 where it runs dry or falls under the lock-out
 */
export function lowestCapVolts(loop: RectifierLoop, lockOutVolts = 0): number {
  const circuit = circuitFrom(loop);
  const start = { amps: 0, coilAmps: 0, capVolts: circuit.peakVolts };
  const dry = Math.max(lockOutVolts, DRY_SHARE * circuit.peakVolts);
  return settle(circuit, start, STEPS.settling, STILL.quick, dry)?.lowestCapVolts ?? 0;
}
