'use client';
import { faultWords } from '@/words/screens';
import type { FigureOf } from '@/core/faults';
import type { WalkAhead, WalkStep } from '@/core/points';
import { said } from '@/core/said';
import { useSay } from '../../../log/useSay';
import { answerText } from './faultText';

interface Props {
  readonly walk: WalkAhead;
  /** Of the test at hand; null: it shows words only, or a repair is at hand. */
  readonly figure: FigureOf;
  /** What the device does meanwhile. */
  readonly state: string;
}

/** The way to the repair: where the act at hand is, and where each of its answers leads. */
export function Walk({ walk, figure, state }: Props) {
  const say = useSay();
  const { now, then } = walk;
  const test = 'test' in now.act ? now.act.test : '';
  const words = ({ act }: WalkStep): string =>
    'test' in act
      ? say(said('testName', { test: act.test, state }))
      : faultWords.walkRepair({ fault: say(said('faultName', { fault: act.repair })) });
  const line = (step: WalkStep) => (
    <>
      <span>
        {words(step)}
        {step.place !== null && <span className="soft">, {say(said('testPlace', { place: step.place }))}</span>}
      </span>
      <span className="m">{faultWords.minutes({ minutes: Math.round(step.minutes) })}</span>
    </>
  );
  return (
    <section>
      <h3>{faultWords.theWalk}</h3>
      <ol className="fault-walk" data-testid="fault-walk">
        <li aria-current="step">{line(now)}</li>
        {then.map(({ answer, step }) => (
          <li key={`${answer.word ?? ''}${answer.from ?? ''}`}>
            <b>{faultWords.ifAnswer({ answer: say(answerText(answer, test, figure)) })}</b>
            {line(step)}
          </li>
        ))}
      </ol>
    </section>
  );
}
