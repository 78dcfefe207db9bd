import { said, type Text } from '../../said';
import type { VerdictWord } from '../../bell';
import type { PointClimb } from '../climb';
import { BY_ITS_CIRCUIT, SEES_AND_HEARS } from '../tellings';
import { isFeedKnown } from './assessment';
import type { Doorbell } from './doorbell';
import { doorAreas, isUntouchedDoor, missingAtDoor } from './look';
import { DOORBELL_MARKS } from './marks';
import { doorbellMove } from './nextMove';
import { doorbellParts } from './parts';
import { doorbellWorries, failedChecks } from './worries';

function verdictWords(word: VerdictWord, marginVolts: number, governing: string): Text {
  if (word === 'holds' || word === 'tight') return said('verdictBy', { verdict: word, marginVolts });
  if (word === 'fails' && governing === 'liveNight') return said('failsNight');
  return said('verdictSoFar', { verdict: word });
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
    fed.breaker ? BY_ITS_CIRCUIT : said('showPlugPulled'),
    ...(!fed.breaker ? [] : [said('keepSwitchWithout')]),
    SEES_AND_HEARS,
  ],
  verdict({ point, assessment }) {
    if (!isFeedKnown(assessment) && !point.choice) return null;
    const { verdict, marginVolts, governing } = assessment.reference.judgement;
    return { word: verdict, words: verdictWords(verdict, marginVolts, governing) };
  },
};
