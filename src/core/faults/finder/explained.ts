import {
  isExplained,
  ranked,
  type FaultAsked,
  type Ranking,
  type TestAsked,
  type Trouble,
  type TroubleModel,
} from '../diagnosis';
import type { Explanation } from './finding';

/** What explains all that was found, and the trouble as it is then looked at. */
export interface Explained<H, F extends string, T extends TestAsked> {
  readonly explained: Explanation;
  readonly trouble: Trouble<F, T>;
  readonly ranking: Ranking<H, F, T>;
}

/** So many pairs are looked at, the likeliest. */
const MOST_PAIRS = 200;

/** Two faults at once, each pair as likely as both together; repaired one after the other. */
function pairsOf<F extends string>(faults: readonly FaultAsked<F>[]): readonly FaultAsked<F>[] {
  const pairs = faults.flatMap((one, i) =>
    faults.slice(i + 1).map((other): FaultAsked<F> => ({
      // A pair of faults is a fault of the same model, called by both names
      kind: `${one.kind}+${other.kind}` as F,
      probability: one.probability * other.probability,
      repairMinutes: one.repairMinutes + other.repairMinutes,
    })),
  );
  return pairs.toSorted((a, b) => b.probability - a.probability).slice(0, MOST_PAIRS);
}

/** What was found after the last repair in vain: before it there may have been two faults. */
function sinceRepair<F extends string, T extends TestAsked>(trouble: Trouble<F, T>): Trouble<F, T> | null {
  const last = trouble.done.findLastIndex((one) => 'repair' in one);
  if (last === -1) return null;
  const before = trouble.done.slice(0, last).filter((one) => 'test' in one);
  return before.length === 0
    ? null
    : { ...trouble, done: trouble.done.filter((one, i) => 'repair' in one || i > last) };
}

/**
 * One fault, held sharply; two at once where no single one explains what was found; what was found since the last repair alone;
 * at last one fault with figures held loosely.
 * @param beforeComplaint with the faults as likely as they are before anything is complained of
 * @param shownBy how likely a fault shows the complaint
 * @returns null where nothing explains it
 */
export function explainedBy<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  trouble: Trouble<F, T>,
  beforeComplaint: Trouble<F, T>,
  shownBy: (fault: F) => number,
): Explained<H, F, T> | null {
  const tried = (
    explained: Explanation,
    asked: Trouble<F, T>,
    slacks: readonly number[],
  ): Explained<H, F, T> | null => {
    const ranking = ranked(model, asked, slacks);
    const isTold = ranking && (ranking.fixed !== null || isExplained(ranking.possible));
    return ranking && isTold ? { explained, trouble: asked, ranking } : null;
  };
  const one = tried('one', trouble, [0]);
  if (one) return one;
  const inVain = new Set(trouble.done.flatMap((act) => ('repair' in act ? [act.repair] : [])));
  const open = beforeComplaint.faults.filter(({ kind, probability }) => probability > 0 && !inVain.has(kind));
  const shown = (faults: readonly FaultAsked<F>[]): readonly FaultAsked<F>[] =>
    faults.map((one) => ({ ...one, probability: one.probability * shownBy(one.kind) }));
  const since = sinceRepair(trouble);
  return (
    tried('two', { ...trouble, faults: shown(pairsOf(open)) }, [0]) ??
    (since && tried('sinceRepair', since, [0])) ??
    tried('loosely', trouble, [1, 3])
  );
}
