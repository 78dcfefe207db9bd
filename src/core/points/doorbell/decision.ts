import { restsOn, wayWords, type RestsOn } from '../../advice';
import { BELIEF, sourceIsKnown, type OpenCondition } from '../../bell';
import { said, type Text } from '../../said';
import type { Assessment } from './assessment';

/** What to do about the supply of a door: before it is taken, the first thing that is said. */
export interface Decision {
  /** Not a code: this is no sentence by itself. */
  readonly what: 'keep' | 'otherPair' | 'replace' | 'putIn' | 'cannotTell' | 'nothingHolds';
  /** No reading would change it any more. */
  readonly settled: boolean;
  /** “Replace it”. */
  readonly word: Text;
  /** The way, and why, in a sentence. */
  readonly words: Text;
  /** Chance that it always holds; null where nothing is proposed. */
  readonly belief: number | null;
  /** What a new transformer must read open first; null without a condition. */
  readonly condition: OpenCondition | null;
  /** What would change it; null where nothing would. */
  readonly wouldChange: Text | null;
  /** What is to be said before it is settled: the way rests on it. */
  readonly asks: RestsOn | null;
}

/** Why what is there can’t stay; null where it could. */
function againstKept(kept: { readonly belief: number } | null): Text | null {
  if (!kept || kept.belief >= BELIEF.holds) return null;
  return kept.belief <= BELIEF.fails ? said('oldCantCarry') : said('oldHoldsOnly', { belief: kept.belief });
}

/**
 * What to do, how sure that is, and what would change it.
 * @returns null where nothing is to be decided: no supply was thought of yet, or none is wanted
 */
export function decisionOf({ advice, premises, survey }: Assessment): Decision | null {
  if (premises.newSupply?.fits.length === 0) return null;
  const { leading, kept, next, enough } = advice();
  const [reading] = next;
  const wouldChange = reading ? said('couldChangeIt', { reading: reading.words, minutes: reading.minutes }) : null;
  if (!leading) {
    const what = enough ? 'nothingHolds' : 'cannotTell';
    return {
      what,
      settled: enough,
      word: said('decided', { what }),
      words: said(enough ? 'noWayHolds' : 'nothingTrustedYet'),
      belief: null,
      condition: null,
      wouldChange,
      asks: null,
    };
  }
  const { way, standing } = leading;
  const made = premises.newSupply !== null || (kept === null && !premises.decided);
  const what = way.transformer ? (made ? 'putIn' : 'replace') : way.tap ? 'otherPair' : 'keep';
  const asks = restsOn(way, premises);
  // A plate that was not read yet changes no decision that stands without it
  const unread = sourceIsKnown(survey) && next.every(({ id }) => id === 'nameplate');
  const settled = asks === null && (enough || unread);
  const why = what === 'replace' || what === 'otherPair' ? againstKept(kept) : null;
  return {
    what,
    settled,
    word: said('decided', { what }),
    words: said('decision', { way: wayWords(way), settled, why: standing ? (why ?? '') : said('usualPractice') }),
    belief: standing?.belief ?? null,
    condition: standing?.condition ?? null,
    wouldChange: settled ? null : asks ? said('firstSay', { what: asks }) : wouldChange,
    asks,
  };
}

/** Whether a reading that can be had may still change what is decided here; without a decision, nobody can say. */
export function isStillRead(assessment: Assessment): boolean | null {
  const decision = decisionOf(assessment);
  return decision && !decision.settled && assessment.next() !== null;
}
