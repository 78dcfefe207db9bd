import { VERDICT_WORDS, type VerdictWord } from '../../bell';
import type { PointClimb } from '../climb';
import { BY_ITS_CIRCUIT, SEES_AND_HEARS } from '../tellings';
import { isFeedKnown } from './assessment';
import type { Doorbell } from './doorbell';
import { doorAreas, isUntouchedDoor, missingAtDoor } from './look';
import { DOORBELL_MARKS } from './marks';
import { doorbellMove } from './nextMove';
import { doorbellParts } from './parts';
import { doorbellWorries, failedChecks } from './worries';

function verdictWords(word: VerdictWord, marginVolts: number, governing: string): string {
  const margin = `${marginVolts >= 0 ? '+' : '−'}${Math.abs(marginVolts).toFixed(1)} V`;
  if (word === 'holds' || word === 'tight') return `${VERDICT_WORDS[word].toLowerCase()}, ${margin}`;
  if (word === 'fails') return governing === 'liveNight' ? 'fails at night' : 'fails';
  return VERDICT_WORDS[word].toLowerCase();
}

export const doorbellClimb: PointClimb<Doorbell> = {
  firstArea: 'door',
  isUntouched: isUntouchedDoor,
  missingAtLook: missingAtDoor,
  areas: doorAreas,
  mark: (rung, standing) => DOORBELL_MARKS[rung](standing),
  nextMove: doorbellMove,
  worries: doorbellWorries,
  failed: failedChecks,
  parts: doorbellParts,
  toTell: ({ fed }) => [
    fed.plug ? 'Show its plug: pulled, there is no bell.' : BY_ITS_CIRCUIT,
    ...(fed.plug ? [] : ['Keep the switch on: without power there is no bell.']),
    SEES_AND_HEARS,
  ],
  verdict({ point, assessment }) {
    if (!isFeedKnown(assessment) && !point.choice) return null;
    const { verdict, marginVolts, governing } = assessment.reference.judgement;
    return { word: verdict, words: verdictWords(verdict, marginVolts, governing) };
  },
};
