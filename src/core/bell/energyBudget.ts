import type { DeviceProfile } from '../catalogue';

/** Use of a quiet and of a busy day, over that of an ordinary one (domain/power, hybrid: 1.5 and 7 over 3.5 Wh). */
export const TRAFFIC = { quiet: 1.5 / 3.5, busy: 2 } as const;
const HOURS_A_DAY = 24;

/** How a device with a battery of its own gets on with its trickle, while the supply holds. */
export interface EnergyBudget {
  /** Hours of charging that give back a quiet, an ordinary and a busy day. */
  readonly hours: { readonly quiet: number; readonly ordinary: number; readonly busy: number };
  /** An ordinary day is given back within a day. */
  readonly covers: boolean;
  /** So is a busy one. */
  readonly coversBusy: boolean;
}

/**
 * Trickle watts × hours against daily use. Below 0 °C nothing is charged: a frosty spell lives from what the battery
 * holds, whatever the supply gives.
 * @returns null for a device without a battery
 */
export function energyBudget({ battery }: Pick<DeviceProfile, 'battery'>): EnergyBudget | null {
  if (!battery) return null;
  const { dailyWh, trickleWatts } = battery;
  const hoursFor = (share: number): number => (dailyWh * share) / trickleWatts;
  const hours = { quiet: hoursFor(TRAFFIC.quiet), ordinary: hoursFor(1), busy: hoursFor(TRAFFIC.busy) };
  return { hours, covers: hours.ordinary <= HOURS_A_DAY, coversBusy: hours.busy <= HOURS_A_DAY };
}
