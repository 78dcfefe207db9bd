'use client';
import { faultWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { UNTESTED_WHYS } from '@/core/kinds';
import type { Finding } from '@/core/faults';
import { heldActs, type OfferedTest, type Trouble } from '@/core/points';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { PlainPick } from '../../../form/PlainPick';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';
import { ActNeeds } from './ActNeeds';
import { UNTESTED_WORDS } from './faultText';
import { MeterScale } from './MeterScale';
import { TestAnswer } from './TestAnswer';

interface Props {
  readonly trouble: Trouble;
  readonly finding: Finding;
  readonly kind: string;
  readonly test: OfferedTest;
  readonly minutes: number;
  /** What the device does meanwhile. */
  readonly state: string;
  readonly isNext: boolean;
  /** Others that can be taken, the quickest first. */
  readonly others: readonly { readonly kind: string; readonly minutes: number }[];
  readonly typed: number | null;
  readonly onTyped: (value: number | null) => void;
  /** Another one is looked at; null: the next one again. */
  readonly onOther: (kind: string | null) => void;
}

/** The test at hand: where and how, one field or a few words, and what each answer would mean. */
export function NextTest(props: Props) {
  const { trouble, finding, kind, test, minutes, state, isNext, others, typed, onTyped, onOther } = props;
  const say = useSay();
  const { keptJob, kept, asker, write } = useJob();
  const [isRefusing, setRefusing] = useState(false);
  const held = heldActs(keptJob, kept, trouble, test, test.place, asker, false);
  const { troubleId } = trouble.data;
  const answered = (
    said: { word: string } | { value: number; simulated?: boolean } | { untested: (typeof UNTESTED_WHYS)[number] },
  ) => {
    write('faultTested', { troubleId, pointId: kept.id, test: kind, ...said });
    onTyped(null);
    onOther(null);
    setRefusing(false);
  };
  return (
    <section className="fault-next" data-test={kind}>
      <div>
        <div className="row-of">
          <b className="fox">{isNext ? faultWords.nextTest : faultWords.thisTest}</b>
          <span className="m end">{faultWords.minutes({ minutes: Math.round(minutes) })}</span>
        </div>
        <h2>{say(said('testName', { test: kind, state }))}</h2>
        <p>
          {test.place && <b>{capital(say(said('testPlace', { place: test.place })))}. </b>}
          {say(said('testHow', { test: kind }))}
        </p>
        <ActNeeds act={test} held={held} />
        <TestAnswer
          key={kind}
          kind={kind}
          test={test}
          answers={finding.answers}
          held={held.length > 0}
          state={state}
          typed={typed}
          onTyped={onTyped}
          onAnswer={answered}
        />
        <div className="row-of">
          <Button variant="link" aria-expanded={isRefusing} onClick={() => setRefusing(!isRefusing)}>
            {faultWords.cantDoIt}
          </Button>
          {others.length > 0 && (
            <PlainPick
              name={faultWords.anotherTest}
              options={others.map((one) => ({
                value: one.kind,
                words: `${say(said('testName', { test: one.kind, state }))}, ${faultWords.minutes({ minutes: Math.round(one.minutes) })}`,
              }))}
              chosen={undefined}
              none={faultWords.anotherTest}
              onPick={onOther}
            />
          )}
          {!isNext && (
            <Button variant="link" onClick={() => onOther(null)}>
              {faultWords.backToTheNext}
            </Button>
          )}
        </div>
        {isRefusing && (
          <div className="row-of" role="group" aria-label={faultWords.whyNot}>
            {UNTESTED_WHYS.map((untested) => (
              <Button key={untested} variant="secondary" onClick={() => answered({ untested })}>
                {UNTESTED_WORDS[untested]}
              </Button>
            ))}
          </div>
        )}
      </div>
      {test.figure !== null && (
        <div>
          <h3>{faultWords.whatTheMeterWouldSay}</h3>
          <MeterScale predictions={finding.predictions} answers={finding.answers} figure={test.figure} typed={typed} />
        </div>
      )}
    </section>
  );
}
