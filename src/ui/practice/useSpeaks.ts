import { stateAtSymptom } from '@/core/points';
import { benchKindOf, type Round } from '@/core/practice';
import { useSay, useTerms } from '../log/useSay';
import type { Speaks } from './benchText';

/** What the customer complains of. */
export const symptomOf = ({ asked }: Round): string =>
  asked.of === 'door' ? asked.bell.symptom : asked.fixture.symptom;

/** The words of the place that a round is at. */
export function useSpeaks(round: Round): Speaks {
  const [say, terms] = [useSay(), useTerms()];
  const { test } = benchKindOf(round.asked);
  return { say, terms, state: stateAtSymptom(symptomOf(round)) ?? '', figureOf: (kind) => test(kind)?.figure ?? null };
}
