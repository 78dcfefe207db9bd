'use client';
import { verdictWords } from '@/words/screens';
import type { Decision } from '@/core/points';
import { percent } from '../figures/words';
import { useSay } from '../log/useSay';

/** Belief from which a way is settled, as the bar has it (domain/power: holds). */
const THRESHOLD = 0.99;

/**
 * What to do, how sure that is, and what would change it. Leading: a dashed edge, a hollow word, a bar up to the threshold;
 * settled: filled, with the cut corner.
 */
export function DecisionTag({ decision }: { readonly decision: Decision }) {
  const say = useSay();
  const { settled, word, words, belief, wouldChange } = decision;
  const bar = belief !== null && !settled && (
    <span className="belief-bar" aria-hidden="true">
      <i style={{ width: `${Math.round(100 * Math.min(1, belief / THRESHOLD))}%` }} />
    </span>
  );
  const inside = (
    <div>
      <div className="word">{say(word)}</div>
      {bar}
      <p>{say(words)}</p>
      <div className="small soft">
        {belief !== null &&
          verdictWords.lastsIn({
            belief: percent(belief),
            settled: settled ? verdictWords.settled : verdictWords.leadingSoFar,
          })}{' '}
        {wouldChange !== null && say(wouldChange)}
      </div>
    </div>
  );
  return (
    <div className={settled ? `tag settled ${decision.what}` : 'leading-tag'} data-testid="decision">
      {inside}
    </div>
  );
}
