'use client';
import { faultWords } from '@/words/screens';
import { useEffect, useRef } from 'react';
import { Button } from 'react-bootstrap';
import type { Finding } from '@/core/faults';
import type { OfferedTest } from '@/core/points';
import { said } from '@/core/said';
import { AskForm } from '../../../form/AskForm';
import { useSay } from '../../../log/useSay';
import { valueField } from './figureRules';
import { testMeter } from './testMeter';
import { answerText, byShare, isAnswer, shareText } from './faultText';

interface Props {
  readonly kind: string;
  readonly test: OfferedTest;
  readonly answers: Finding['answers'];
  readonly held: boolean;
  /** What the device does meanwhile. */
  readonly state: string;
  readonly typed: number | null;
  readonly onTyped: (value: number | null) => void;
  readonly onAnswer: (
    found: { readonly word: string } | { readonly value: number; readonly simulated?: boolean },
  ) => void;
}

/** The answer to a test: a figure that is typed, or one of its words; beside each what it would leave. */
export function TestAnswer({ kind, test, answers, held, state, typed, onTyped, onAnswer }: Props) {
  const say = useSay();
  const { figure, words } = test;
  const meter = testMeter(kind, state);
  const field = figure === null ? null : { ...valueField(figure), ...(meter ? { meter } : {}) };
  return (
    <>
      {field && !held && (
        <AskForm
          main
          about={`fault-${kind}`}
          fields={[field]}
          submit={faultWords.keep}
          onSubmit={({ value }, { simulated }) => onAnswer({ value, ...(simulated ? { simulated } : {}) })}
        >
          {(data) => <Typing value={data?.value ?? null} onTyped={onTyped} />}
        </AskForm>
      )}
      <ul className="fault-answers">
        {answers.map((answer) => {
          const [top] = byShare(answer.faults);
          const isTyped = typed !== null && isAnswer(answer, { value: typed });
          const { word } = answer;
          const leaves = (
            <span>
              {top &&
                faultWords.leaves({
                  fault: say(said('faultName', { fault: top.kind })),
                  share: shareText(top.probability),
                })}
              <span className="soft">{answer.next && `, ${thenWords(answer.next, say)}`}</span>
            </span>
          );
          const text = say(answerText(answer, kind, figure));
          return (
            <li key={`${word ?? ''}${answer.from ?? ''}`} className={isTyped ? 'typed' : undefined}>
              {word !== null && !held ? (
                <Button variant="secondary" onClick={() => onAnswer({ word })}>
                  {text}
                </Button>
              ) : (
                <b>{text}</b>
              )}
              {leaves}
              <span className="m soft">{shareText(answer.chance)}</span>
            </li>
          );
        })}
        {/* An answer that is hardly to be expected is one all the same */}
        {words
          .filter((word) => !answers.some((answer) => answer.word === word))
          .map((word) => (
            <li key={word}>
              {held ? (
                <b>{say(said('testWord', { test: kind, word }))}</b>
              ) : (
                <Button variant="secondary" onClick={() => onAnswer({ word })}>
                  {say(said('testWord', { test: kind, word }))}
                </Button>
              )}
              <span className="soft">{faultWords.hardly}</span>
            </li>
          ))}
      </ul>
    </>
  );
}

/** Tells what is being typed: the bars move with it. */
function Typing({ value, onTyped }: { readonly value: number | null; readonly onTyped: Props['onTyped'] }) {
  const tell = useRef(onTyped);
  useEffect(() => {
    tell.current = onTyped;
  });
  useEffect(() => tell.current(value), [value]);
  return null;
}

const thenWords = (next: NonNullable<Finding['next']>, say: ReturnType<typeof useSay>): string =>
  'test' in next
    ? faultWords.thenTest({ test: say(said('testName', { test: next.test, state: '' })) })
    : faultWords.thenRepair({ fault: say(said('faultName', { fault: next.repair })) });
