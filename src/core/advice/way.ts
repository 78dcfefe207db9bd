import type { Change, OpenCondition, VerdictWord } from '../bell';

/** One way to do the job, as far as advice on it needs to know. */
export interface Way {
  readonly id: string;
  readonly change: Change;
  /** Nameplate of the transformer that it ends with; null where that was not read. */
  readonly ratedVolts: number | null;
  readonly ratedVa: number | null;
  readonly minutes: number;
  readonly cost: number;
  /** Needs a licensed person. */
  readonly licensed: boolean;
  /** The chime in the wall rings no more. */
  readonly silent: boolean;
}

/** What is believed of a way. */
export interface Standing {
  readonly verdict: VerdictWord;
  /** Chance that it holds in every lasting state at the worst of mains, warmth and winding. */
  readonly belief: number;
  /** Name of the state with the least margin. */
  readonly state: string;
  /** Door volts of the likely case in that state at the worst swing; 0 is collapse. */
  readonly likelyVolts: number;
  /** `likelyVolts − doorFullVolts`. */
  readonly marginVolts: number;
  /** Door volts of the likely case at the other end: lightest state, high mains, cold. */
  readonly highestVolts: number;
  /** Transformer's current over its rated one in the hungriest state; null without a rating. */
  readonly utilisation: number | null;
  /**
   * What its new transformer must read open before it is joined; all else here is then said of one that reads so. Null: it
   * is trusted, or not, whatever that reads.
   */
  readonly condition: OpenCondition | null;
  /** Chance that it reads so; null without a condition. */
  readonly conditionChance: number | null;
}

/** Minutes of labour and money in one figure (labour 1 per minute). */
export const LABOUR_PER_MINUTE = 1;
export const effortOf = ({ minutes, cost }: Pick<Way, 'minutes' | 'cost'>): number =>
  minutes * LABOUR_PER_MINUTE + cost;
