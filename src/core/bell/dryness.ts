import { lowestCapVolts } from '../circuit';
import type { CaseState } from './bellCase';
import type { Houses } from './houses';
import { ofRank, select } from './percentiles';
import type { SeenFromDoor } from './seenFromDoor';

/** What stands behind a device's bridge (catalogue, engineering defaults). */
export interface DeviceCapacitor {
  readonly capacitanceF: number;
  /** Of the conducting pair of diodes. */
  readonly dropVolts: number;
  /** The converter gives up under this. */
  readonly lockOutVolts: number;
}

/** In which houses the capacitor runs down to the lock-out between two pulses, and how low it comes in the middle one. */
export interface Dryness {
  /** 1 where it runs dry. */
  readonly dry: Uint8Array;
  readonly share: number;
  /** Lowest volts of the capacitor in the likely house; 0 where it collapses. */
  readonly likelyCapVolts: number;
}

/** The house at this share of an order is tried first: where it stands, hardly any runs dry. */
const FIRST_TRIED = 0.004;
/** What the converter lives through on the capacitor alone, of half a cycle. */
const BLOCKED_SHARE = 0.63;
/** Under this `P·|Z|/E²` no loop is near to the collapse of its rectifier (found against the time domain: about 0.18). */
const FAR_FROM_COLLAPSE = 0.13;

/**
 * The time domain over many houses at the price of a few. A capacitor runs down in two ways: in a soft loop the supply
 * collapses (much of `P·|Z|/E²`), in a stiff one it is emptied between the pulses (little of `Vpeak² − 2·P·t/C`). Along
 * either order one border is looked for by halving.
 * @param volts door volts by the closed form in `state`, house by house
 */
export function drynessOf(
  seen: SeenFromDoor,
  houses: Houses,
  state: CaseState,
  volts: Float64Array,
  capacitor: DeviceCapacitor,
  frequencyHz: number,
): Dryness {
  const { count } = houses;
  const wattsOf = (i: number): number => state.watts * (houses.watts[i] ?? 1);
  const lowest = (i: number, lockOutVolts = 0): number =>
    lowestCapVolts(
      {
        frequencyHz,
        source: {
          openCircuitVolts: seen.emf[i] ?? 0,
          seriesOhms: seen.ohms[i] ?? 0,
          seriesReactanceOhms: seen.reactanceOhms[i] ?? 0,
        },
        toChimeOhms: 0,
        toDoorOhms: 0,
        chime: { treatment: 'none' },
        load: { ...capacitor, watts: wattsOf(i) },
      },
      lockOutVolts,
    );
  const strain = new Float64Array(count);
  const left = new Float64Array(count);
  const drained = (2 * BLOCKED_SHARE) / (2 * frequencyHz) / capacitor.capacitanceF;
  for (let i = 0; i < count; i++) {
    const emf = seen.emf[i] ?? 0;
    const ohms = seen.ohms[i] ?? 0;
    const reactance = seen.reactanceOhms[i] ?? 0;
    // Worst first, as the other order: less is worse
    strain[i] = -(wattsOf(i) * Math.sqrt(ohms * ohms + reactance * reactance)) / (emf * emf);
    const peak = Math.SQRT2 * (volts[i] ?? 0) - capacitor.dropVolts;
    left[i] = peak * peak - drained * wattsOf(i);
  }
  const dry = new Uint8Array(count);
  const isDry = (i: number): boolean =>
    (volts[i] ?? 0) <= 0 || lowest(i, capacitor.lockOutVolts) <= capacitor.lockOutVolts;
  /**
   * Up to which key of an order, worst first, houses run dry; null where none does. Most often none: then only the one
   * at the head is looked for, and nothing sorted.
   */
  const border = (houseOf: Uint32Array, keyOf: Float64Array): number | null => {
    const keys = new Float64Array(houseOf.length);
    for (let n = 0; n < keys.length; n++) keys[n] = keyOf[houseOf[n] ?? 0] ?? 0;
    const first = Math.floor(FIRST_TRIED * keys.length);
    if (keys.length === 0) return null;
    const firstKey = ofRank(keys, first);
    if (!isDry(houseOf[keys.indexOf(firstKey)] ?? 0)) return null;
    // Halving by ranks: each look leaves the keys parted there, so that the next one is half the work
    const parted = keys.slice();
    let low = first;
    let high = keys.length;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      select(parted, low, high - 1, middle);
      if (isDry(houseOf[keys.indexOf(parted[middle] ?? 0)] ?? 0)) low = middle;
      else high = middle;
    }
    return Math.max(...parted.subarray(low, high));
  };
  const all = Uint32Array.from(volts.keys());
  const emptied = border(
    all.filter((i) => (strain[i] ?? 0) > -FAR_FROM_COLLAPSE),
    left,
  );
  if (emptied !== null) for (let i = 0; i < count; i++) if ((left[i] ?? 0) <= emptied) dry[i] = 1;
  const strained = border(
    all.filter((i) => dry[i] === 0),
    strain,
  );
  if (strained !== null) for (let i = 0; i < count; i++) if ((strain[i] ?? 0) <= strained) dry[i] = 1;

  let sum = 0;
  for (const one of dry) sum += one;
  const middle = sum === 0 ? 0 : volts.indexOf(ofRank(volts, count >> 1));
  return { dry, share: sum / count, likelyCapVolts: sum === 0 ? NaN : lowest(middle) };
}
