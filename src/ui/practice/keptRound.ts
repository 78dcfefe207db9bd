import { actsOf } from '@/contract/practice';
import { isFields, isFigure, isOneOf, isText } from '@/contract/shapes';
import { LEVELS, type BenchAct, type RoundAsked } from '@/core/practice';

/** A made-up house that somebody is at, with all that was done there: it outlives the page. */
export interface KeptRound {
  readonly id: string;
  readonly asked: Extract<RoundAsked, { of: 'made' }>;
  readonly acts: readonly BenchAct[];
}

const KEY = 'fox-ladder-practice';

/** What stands on this browser’s shelf; null: nothing, or nothing that this version understands. */
export function keptRound(): KeptRound | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null');
    if (!isFields(kept) || !isText(kept.id) || !isFields(kept.asked)) return null;
    const { level, seed } = kept.asked;
    const acts = actsOf(kept.acts);
    if (!isOneOf(LEVELS)(level) || !isFigure(seed) || !acts) return null;
    return { id: kept.id, asked: { of: 'made', level, seed }, acts };
  } catch {
    return null;
  }
}

/** @param round null: nobody is at a house any more */
export function keepRound(round: KeptRound | null): void {
  try {
    if (round) localStorage.setItem(KEY, JSON.stringify(round));
    else localStorage.removeItem(KEY);
  } catch (error) {
    // A browser that keeps nothing plays on all the same
    console.warn(error);
  }
}
