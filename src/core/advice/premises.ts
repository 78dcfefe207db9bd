import type { Text } from '../said';
import type { RunName } from '../bell';
import type { ScrewPair, TransformerFit } from '../wiring';
import { SHIPPED_CATALOGUE, type Catalogue, type TransformerItem } from '../catalogue';

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
  /** The old cable stays in the wall, out of use: new wire is pulled in any way. */
  readonly cableLeft: boolean;
  /** The transformer may be the heating’s: it is not borrowed. */
  readonly heatingDoubt: boolean;
  /** There was no bell: what its cable route takes; null where there was one. */
  readonly newSupply: {
    readonly minutes: number;
    readonly cost: number;
    /** What can stand where it comes from; empty: nobody has said where. */
    readonly fits: readonly TransformerFit[];
  } | null;
  /** Whether an outlet is beside the bell wires; null where nobody looked. */
  readonly outletNear: boolean | null;
  /** What feeds this supply was chosen at another door: it is chosen once for all of them. */
  readonly decided: {
    readonly at: Text;
    readonly transformer: TransformerItem | null;
    readonly tap: Tap | null;
  } | null;
  readonly catalogue: Catalogue;
}

export const ORDINARY_PREMISES: Premises = {
  spare: { toChime: 0, toDoor: 0 },
  taps: [],
  badSplices: [],
  freeRailWays: null,
  cableLeft: false,
  heatingDoubt: false,
  newSupply: null,
  outletNear: null,
  decided: null,
  catalogue: SHIPPED_CATALOGUE,
};
