import type { VerdictWord } from '@/core/bell';
import type { NextMove, RungState } from '@/core/job';

/** A point as the board shows it. */
export interface BoardPoint {
  readonly id: string;
  readonly name: string;
  readonly marks: readonly RungState[];
  readonly move: NextMove;
  readonly verdict: { readonly word: VerdictWord; readonly words: string } | null;
  readonly worries: number;
}

/** A job as lists show it. */
export interface ListedJob {
  readonly id: string;
  readonly title: string;
  readonly address: string;
  readonly expectedAt: string | null;
  readonly updatedAt: string;
  readonly finished: boolean;
  readonly points: readonly BoardPoint[];
}
