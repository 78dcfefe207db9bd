import type { Held, LeanReading } from '@/contract/instrument';
import { Z95, normals, seeded } from '@/core/random';
import { bearingOf, turnOf } from '@/core/view';

/** How a wall looks, and how its head should. */
export interface LeanTruth {
  /** Null where nobody said: then it is the house’s own. */
  readonly wallBearingDeg: number | null;
  readonly turnDeg: number;
  readonly downDeg: number;
}

/** A head that was set by hand is off by this, a compass and a bubble err by that: half widths of 90 %, degrees. */
const SPREAD = { handDeg: 4, compassDeg: 5, leanDeg: 0.6 } as const;
const tenths = (value: number): number => Number(value.toFixed(1));

/**
 * A phone held along a head: the house’s own deviation from the plan stays, each try wanders a little.
 * @param seed of the house · @param attempt number of the try
 */
export function simulatedLean(truth: LeanTruth, held: Held, seed: number, attempt: number): LeanReading {
  const [byTurn = 0, byTilt = 0, wall = 0] = normals(3, seeded(seed));
  const [compass = 0, lean = 0, roll = 0] = normals(3, seeded(seed + 977 * (attempt + 1)));
  const wallBearingDeg = truth.wallBearingDeg ?? 180 + 60 * wall;
  const isHead = held === 'head';
  const turn = isHead ? truth.turnDeg + (byTurn * SPREAD.handDeg) / Z95 : 0;
  const down = isHead ? truth.downDeg + (byTilt * SPREAD.handDeg) / Z95 : 0;
  return {
    bearingDeg: tenths(bearingOf(wallBearingDeg + turn + (compass * SPREAD.compassDeg) / Z95)) % 360,
    downDeg: tenths(Math.min(90, Math.max(-90, down + (lean * SPREAD.leanDeg) / Z95))),
    rollDeg: tenths(turnOf((roll * SPREAD.leanDeg) / Z95)),
    simulated: true,
  };
}
