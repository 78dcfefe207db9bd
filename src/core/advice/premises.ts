import type { RunName } from '../bell';
import type { ScrewPair } from '../wiring';
import { SHIPPED_CATALOGUE, type Catalogue } from '../catalogue';

/** Spare pairs that could be joined, per run. */
export type SparePairs = Readonly<Record<RunName, number>>;

/** Another pair of screws of a transformer that has three or four. */
export interface Tap {
  /** “S1–S3”. */
  readonly screws: ScrewPair;
  readonly ratedVolts: number;
  readonly ratedVa: number;
}

/** What there is beside the circuit itself that decides which ways there are. */
export interface Premises {
  readonly spare: SparePairs;
  /** Other pairs of screws than the one in use. */
  readonly taps: readonly Tap[];
  /** Runs in which a corroded splice is likely: it can be mended. */
  readonly badSplices: readonly RunName[];
  /** Free ways on the board’s rail; null where nobody looked: an enclosure is counted then. */
  readonly freeRailWays: number | null;
  /** The transformer may be the heating’s: it is not borrowed. */
  readonly heatingDoubt: boolean;
  /** There was no bell: what its cable route takes; null where there was one. */
  readonly newSupply: { readonly minutes: number; readonly cost: number } | null;
  readonly catalogue: Catalogue;
}

export const ORDINARY_PREMISES: Premises = {
  spare: { toChime: 0, toDoor: 0 },
  taps: [],
  badSplices: [],
  freeRailWays: null,
  heatingDoubt: false,
  newSupply: null,
  catalogue: SHIPPED_CATALOGUE,
};
