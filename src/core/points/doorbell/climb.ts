import { said, type Text } from '../../said';
import type { VerdictWord } from '../../bell';
import type { PointClimb } from '../climb';
import { BY_ITS_CIRCUIT, SEES_AND_HEARS } from '../tellings';
import { isFeedKnown } from './assessment';
import { checksAtDoor } from './checks';
import { decisionOf } from './decision';
import type { Doorbell } from './doorbell';
import { doorForCustomer } from './forCustomer';
import { doorAreas, isUntouchedDoor, missingAtDoor } from './look';
import { DOORBELL_MARKS } from './marks';
import { doorbellMove } from './nextMove';
import { doorbellParts } from './parts';
import { doorFinder } from './doorFinder';
import { doorbellWorries } from './worries';

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
  checks: checksAtDoor,
  // Its screws follow from the stack, which its bench shows
  heldBy: () => [],
  device: ({ choice }) => choice?.data.device.name ?? null,
  parts: doorbellParts,
  finder: doorFinder,
  forCustomer: doorForCustomer,
  toTell: ({ fed }) => [
    fed.breaker ? BY_ITS_CIRCUIT : said('showPlugPulled'),
    ...(!fed.breaker ? [] : [said('keepSwitchWithout')]),
    SEES_AND_HEARS,
  ],
  verdict({ point, assessment }) {
    if (!isFeedKnown(assessment) && !point.choice) return null;
    const decision = point.choice ? null : decisionOf(assessment);
    if (decision?.settled === false && decision.what !== 'cannotTell')
      return { word: 'leading', words: said('decidedSoFar', { word: decision.word }) };
    if (decision)
      return {
        word: decision.what === 'nothingHolds' ? 'fails' : decision.what === 'cannotTell' ? 'cannotTell' : 'settled',
        words: said('decidedShort', { word: decision.word }),
      };
    const { verdict, marginVolts, governing } = assessment.reference.judgement;
    return { word: verdict, words: verdictWords(verdict, marginVolts, governing) };
  },
};
