import type * as devices from '@/sim';
import { meterWords } from '@/words/screens';

type Devices = typeof devices;

/** A simulated device that can’t be asked: its code lies neither here nor with the server. */
export class NoDevice extends Error {
  constructor(cause: unknown) {
    super(meterWords.noDevice, { cause });
    this.name = 'NoDevice';
  }
}

/**
 * Asks the simulated devices, which run beside the job’s own log: in a cellar as at a desk. Fetched when the first is asked.
 * @throws NoDevice they can’t be fetched
 */
export async function simulated<T>(ask: (devices: Devices) => T): Promise<T> {
  let there: Devices;
  try {
    there = await import('@/sim');
  } catch (error) {
    throw new NoDevice(error);
  }
  return ask(there);
}
