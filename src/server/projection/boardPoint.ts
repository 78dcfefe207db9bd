import type { BoardPoint } from '@/contract/listedJob';
import { VERDICT_WORDS, type VerdictWord } from '@/core/bell';
import { findingsOf, ladderOf, nextMove, rememberingAssess, worriesOf, type Job, type Point } from '@/core/job';

const ASSESSMENTS_KEPT = 500;
const assess = rememberingAssess(ASSESSMENTS_KEPT);

function verdictWords(word: VerdictWord, marginVolts: number, governing: string): string {
  const margin = `${marginVolts >= 0 ? '+' : '−'}${Math.abs(marginVolts).toFixed(1)} V`;
  if (word === 'holds' || word === 'tight') return `${VERDICT_WORDS[word].toLowerCase()}, ${margin}`;
  if (word === 'fails') return governing === 'liveNight' ? 'fails at night' : 'fails';
  return VERDICT_WORDS[word].toLowerCase();
}

/** Whether a floodlight’s plan stands; nothing before one is taken. */
function planVerdict(job: Job, point: Point): BoardPoint['verdict'] {
  if (!point.fixture) return null;
  return findingsOf(job, point).planned.some(({ severity }) => severity === 'stop')
    ? { word: 'fails', words: 'does not stand' }
    : { word: 'holds', words: 'stands' };
}

/** What the board says of a point; follows from the job alone. */
export function boardPoint(job: Job, point: Point): BoardPoint {
  const assessment = assess(job, point);
  const { verdict, marginVolts, governing } = assessment.reference.judgement;
  return {
    id: point.id,
    name: point.name,
    marks: ladderOf(job, point, assessment, null).map(({ state }) => state),
    move: nextMove(job, point, assessment, null),
    verdict:
      point.kind === 'floodlight'
        ? planVerdict(job, point)
        : assessment.known.sourceKnown || point.choice
          ? { word: verdict, words: verdictWords(verdict, marginVolts, governing) }
          : null,
    worries: worriesOf(job, point, assessment).length,
  };
}
