import type { PhoneReading } from '@/contract/instrument';
import { normals, seeded } from '@/core/random';
import { WIFI_SPREAD_DB, predictDbm, type WifiPath } from '@/core/wifi';
import { Z95 } from '@/core/random';

/** From one try to the next the signal moves by this. */
const WANDER_DB = 1.6;
const WEAKEST_DBM = -95;
const STRONGEST_DBM = -25;
/** Megabits at a good signal, and the dB that halve them below it. */
const BEST = { upMbit: 22, downMbit: 90 } as const;
const GOOD_DBM = -58;
const HALVES_PER_DB = 4.2;

/**
 * A phone held at the spot: the house's own deviation from the prediction stays, each try wanders a little.
 * @param seed of the house · @param attempt number of the try
 */
export function simulatedPhone(path: WifiPath, seed: number, attempt: number): PhoneReading {
  const house = normals(2, seeded(seed))[0] ?? 0;
  const now = normals(2, seeded(seed + 977 * (attempt + 1)))[0] ?? 0;
  const signal = predictDbm(path) + (house * WIFI_SPREAD_DB) / Z95 + now * WANDER_DB;
  const dbm = Math.round(Math.min(STRONGEST_DBM, Math.max(WEAKEST_DBM, signal)));
  const share = 2 ** (Math.min(0, dbm - GOOD_DBM) / HALVES_PER_DB);
  const megabits = (most: number): number => Number((most * share).toFixed(1));
  return { dbm, upMbit: megabits(BEST.upMbit), downMbit: megabits(BEST.downMbit), simulated: true };
}
