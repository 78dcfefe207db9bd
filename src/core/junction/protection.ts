import { gaugeMm2 } from '../wiring';
import type { Gauge } from '../units';

/** What a conductor of the building may be behind, A: at most, and at most with a worry, by how it is laid. */
export interface ConductorLimit {
  readonly mostAmps: number;
  readonly worryAmps: number;
}

/** By AWG, copper (domain/junction, checks): 14 behind 15 A, 12 behind 20 A, 10 behind 30 A; thinner is no conductor of a building. */
const BY_AWG: Readonly<Record<number, number>> = { 18: 7, 16: 10, 14: 15, 12: 20, 10: 30, 8: 40, 6: 55 };

/** By mm², copper: the least section, and what stands behind it. 2.5 mm² in a 32 A ring, or as one spur off it, is ordinary. */
const BY_MM2: readonly (readonly [leastMm2: number, mostAmps: number, worryAmps: number])[] = [
  [6, 40, 40],
  [4, 32, 32],
  [2.5, 20, 32],
  [1.5, 16, 16],
  [1, 10, 10],
  [0, 6, 6],
];

/** What a conductor carries, by its gauge. */
export function conductorLimit(gauge: Gauge): ConductorLimit {
  if ('awg' in gauge) {
    const amps = gauge.awg < 6 ? Infinity : (BY_AWG[gauge.awg] ?? BY_AWG[gauge.awg + 1] ?? 7);
    return { mostAmps: amps, worryAmps: amps };
  }
  const [, mostAmps = 6, worryAmps = 6] = BY_MM2.find(([least]) => gauge.mm2 >= least - 1e-9) ?? [];
  return { mostAmps, worryAmps };
}

/** The one of some conductors that carries least; null of none. */
export const smallestOf = <T extends { readonly gauge: Gauge }>(conductors: readonly T[]): T | null =>
  conductors.reduce<T | null>(
    (least, one) => (least === null || gaugeMm2(one.gauge) < gaugeMm2(least.gauge) ? one : least),
    null,
  );
