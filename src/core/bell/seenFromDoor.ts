import { copperWarmth, fundamentalVars, upperRootVolts } from '../circuit';
import type { BellCase, CaseState } from './bellCase';
import { pathImpedance } from './chimePath';
import { spliceOhms, type Change, type Conditions } from './conditions';
import type { Houses } from './houses';
import { newSourceOf } from './housePrior';

/** What stands behind the door's two leads, house by house: volts with nothing connected, behind R + jX. */
export interface SeenFromDoor {
  readonly emf: Float64Array;
  readonly ohms: Float64Array;
  readonly reactanceOhms: Float64Array;
}

/** Every house with a change made to it, on a day. Joined pairs divide a whole run, a hidden splice included. */
export function seenFromDoor(bell: BellCase, houses: Houses, change: Change, day: Conditions): SeenFromDoor {
  const { transformer, pairFactor, tap } = change;
  const { voltsFactor = 1, ohmsFactor = 1 } = tap ?? {};
  const { re, im } = pathImpedance(bell.chime.kind, change.treatment);
  const chimeWarmth = copperWarmth(day.toChimeCelsius);
  const doorWarmth = copperWarmth(day.toDoorCelsius);
  const fitted = transformer && newSourceOf(transformer);
  const { count } = houses;
  const seen = {
    emf: new Float64Array(count),
    ohms: new Float64Array(count),
    reactanceOhms: new Float64Array(count),
  };
  for (let i = 0; i < count; i++) {
    let open = (houses.openVolts[i] ?? 0) * voltsFactor;
    let inside = (houses.sourceOhms[i] ?? 0) * ohmsFactor;
    if (fitted) {
      const source = fitted(houses.newRegulation[i] ?? 0);
      open = source.openVolts;
      inside = source.ohms;
    }
    seen.emf[i] = open * day.mains;
    seen.ohms[i] =
      inside * day.winding +
      ((houses.toChimeOhms[i] ?? 0) * chimeWarmth + spliceOhms(change, 'toChime', houses.toChimeSpliceOhms[i] ?? 0)) /
        pairFactor.toChime +
      ((houses.toDoorOhms[i] ?? 0) * doorWarmth + spliceOhms(change, 'toDoor', houses.toDoorSpliceOhms[i] ?? 0)) /
        pairFactor.toDoor +
      re(houses, i);
    seen.reactanceOhms[i] = im(houses, i);
  }
  return seen;
}

/** Door volts of house `i` in a state; 0 where the supply collapses. */
export function doorVoltsAt(seen: SeenFromDoor, houses: Houses, state: CaseState, i: number): number {
  const watts = state.watts * (houses.watts[i] ?? 1);
  const volts = upperRootVolts(
    seen.emf[i] ?? 0,
    seen.ohms[i] ?? 0,
    seen.reactanceOhms[i] ?? 0,
    watts,
    fundamentalVars(watts, state.displacementFactor),
    watts / state.powerFactor,
  );
  return Number.isNaN(volts) ? 0 : volts;
}

/** Door volts of every house in a state. */
export function doorVoltsOf(seen: SeenFromDoor, houses: Houses, state: CaseState): Float64Array {
  const out = new Float64Array(houses.count);
  for (let i = 0; i < out.length; i++) out[i] = doorVoltsAt(seen, houses, state, i);
  return out;
}

/**
 * Takes out of `holds` every house whose door stands under some volts in a state. Asks the equation of
 * {@link upperRootVolts} which side its root lies on, without a root: this is done some million times for a choice.
 */
export function dropUnder(
  holds: Uint8Array,
  seen: SeenFromDoor,
  houses: Houses,
  state: CaseState,
  leastVolts: number,
): void {
  const square = leastVolts * leastVolts;
  const slope = fundamentalVars(1, state.displacementFactor);
  for (let i = 0; i < holds.length; i++) {
    if (holds[i] === 0) continue;
    const watts = state.watts * (houses.watts[i] ?? 1);
    const emf = seen.emf[i] ?? 0;
    const ohms = seen.ohms[i] ?? 0;
    const reactance = seen.reactanceOhms[i] ?? 0;
    const voltAmps = watts / state.powerFactor;
    const half = (emf * emf) / 2 - (ohms + reactance * slope) * watts;
    const room = half * half - (ohms * ohms + reactance * reactance) * voltAmps * voltAmps;
    const short = square - half;
    if (half <= 0 || room < 0 || (short > 0 && room < short * short)) holds[i] = 0;
  }
}
