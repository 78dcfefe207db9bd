import { lowestCapVolts } from '../circuit';
import type { CaseState } from './bellCase';
import type { Houses } from './houses';
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

/** The house at this share of the order is tried first: where it stands, hardly any runs dry. */
const FIRST_TRIED = 0.004;

/**
 * The time domain over many houses at the price of a few. What runs dry is what draws most of what its loop can give,
 * `P·|Z|/E²`: along that order one border is looked for by halving.
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
  const strain = Float64Array.from(volts, (_, i) => {
    const emf = seen.emf[i] ?? 0;
    return ((houses.watts[i] ?? 1) * Math.hypot(seen.ohms[i] ?? 0, seen.reactanceOhms[i] ?? 0)) / (emf * emf);
  });
  const order = Int32Array.from([...volts.keys()].sort((a, b) => (strain[b] ?? 0) - (strain[a] ?? 0)));
  const lowest = (rank: number, lockOutVolts = 0): number => {
    const i = order[rank] ?? 0;
    const loop = {
      frequencyHz,
      source: {
        openCircuitVolts: seen.emf[i] ?? 0,
        seriesOhms: seen.ohms[i] ?? 0,
        seriesReactanceOhms: seen.reactanceOhms[i] ?? 0,
      },
      toChimeOhms: 0,
      toDoorOhms: 0,
      chime: { treatment: 'none' },
      load: { ...capacitor, watts: state.watts * (houses.watts[i] ?? 1) },
    } as const;
    return lowestCapVolts(loop, lockOutVolts);
  };
  const isDry = (rank: number): boolean =>
    (volts[order[rank] ?? 0] ?? 0) <= 0 || lowest(rank, capacitor.lockOutVolts) <= capacitor.lockOutVolts;
  const dry = new Uint8Array(count);
  const first = Math.floor(FIRST_TRIED * count);
  let border = 0;
  if (isDry(first)) {
    let low = first;
    let high = count;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (isDry(middle)) low = middle;
      else high = middle;
    }
    border = high;
  }
  for (let rank = 0; rank < border; rank++) dry[order[rank] ?? 0] = 1;
  return { dry, share: border / count, likelyCapVolts: border === 0 ? NaN : lowest(count >> 1) };
}
