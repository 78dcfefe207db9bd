import { said, type Text } from '@/core/said';
import { advise, proposalReason, standingReason, type Advice, type AdviceQuestion } from '@/core/advice';
import { KEEP, adviceQuestion, type OptionParts } from './adviceQuestion';
import type { AdviceRequest, WHATS } from './adviceRequest';

const WHAT_WORDS: Readonly<Record<(typeof WHATS)[number], string>> = {
  volts: 'Volts',
  mainsVolts: 'The mains',
  loopOhms: 'Loop ohms',
  coilOhms: 'The coil’s ohms',
  report: 'What the device reports',
};
const share = (belief: number): string => belief.toFixed(2);

function answered(question: AdviceQuestion, advice: Advice, parts: readonly OptionParts[]) {
  const { bell } = question;
  const asNamed = (state: string): Text => said('inState', { state });
  const told = advice.ways.map(({ way, standing }) => ({ way, standing }));
  return {
    estimate: advice.estimate,
    contradictions: advice.contradictions.map(({ readings, sigmas, mayBe }) => ({
      readings: readings.map(Number),
      sigmas,
      mayBe,
    })),
    options: advice.ways.map(({ way, standing, dominated }, i) => ({
      id: way.id,
      transformer: parts[i]?.transformer ?? KEEP,
      treatment: parts[i]?.treatment ?? '',
      wires: parts[i]?.wires ?? [],
      verdict: standing.verdict,
      state: standing.state,
      belief: standing.belief,
      condition: standing.condition,
      conditionChance: standing.conditionChance,
      marginVolts: standing.marginVolts,
      minutes: way.minutes,
      cost: way.cost,
      licensed: way.licensed,
      silent: way.silent,
      dominated,
      reason:
        way === advice.proposed
          ? proposalReason(bell, { way, standing }, told, asNamed)
          : standingReason(bell, standing, asNamed),
    })),
    proposed: advice.proposed?.id ?? null,
    next: advice.next.map(({ id: reading, chanceToChange, moves }) => {
      const one = question.takeable.find((take) => take.id === reading);
      const what = one ? WHAT_WORDS[one.readable.what] : 'This';
      const way = moves && question.ways[moves.way];
      const why = way
        ? `${what} would move the belief in “${way.id}” to about ${share(moves.down)} or ${share(moves.up)}.`
        : `${what} could change what is proposed.`;
      return { id: reading, chanceToChange, why };
    }),
    enough: advice.enough,
  };
}

/**
 * Answers a parsed request of POST /api/v1/compute/advice.
 * @throws ProblemError 422 where ids stand twice, a state is not the device's, or limits are upside down
 */
export function answerAdvice(request: AdviceRequest) {
  const { question, parts } = adviceQuestion(request);
  return answered(question, advise(question), parts);
}
