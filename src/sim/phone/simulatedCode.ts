import type { CodeReading } from '@/contract/instrument';
import { seeded } from '@/core/random';

const DIGITS = 10;

/** The code on a device of the stand-in: always the same at one point. @param seed of the point */
export function simulatedCode(seed: number): CodeReading {
  const random = seeded(seed);
  const digits = Array.from({ length: DIGITS }, () => Math.floor(10 * random())).join('');
  return { code: `DEVICE-${digits}`, simulated: true };
}
