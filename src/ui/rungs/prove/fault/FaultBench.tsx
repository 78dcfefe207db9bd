'use client';
import { faultWords } from '@/words/screens';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { Button } from 'react-bootstrap';
import type { Finding, TroubleCase } from '@/core/faults';
import { TEXT } from '@/core/kinds';
import {
  complaintOf,
  finderAt,
  isOver,
  isTest,
  openTrouble,
  stateAtSymptom,
  strangersAmong,
  walkAhead,
  type Trouble,
} from '@/core/points';
import { said, type Text } from '@/core/said';
import { capital } from '@/core/units';
import { AskForm } from '../../../form/AskForm';
import { textField } from '../../../form/fields';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';
import { ActsSoFar } from './ActsSoFar';
import { Braid, type BraidColumn } from './Braid';
import { answerText, byShare, figureText, shareText, unitOf } from './faultText';
import { FaultTag } from './FaultTag';
import { NextRepair, wordAfter } from './NextRepair';
import { NextTest } from './NextTest';
import { StartTrouble } from './StartTrouble';
import { TroubleEnd } from './TroubleEnd';
import { Walk } from './Walk';
import { useFinding } from './useFinding';

/** So many of the likeliest faults are shown with what must come out after their repair. */
const MOST_REPAIRS = 4;

/** The fault finder: what does not work, the next test or repair, what it may be, and the way there. */
export function FaultBench() {
  const { keptJob, kept, go } = useJob();
  const trouble = openTrouble(kept);
  const before = kept.troubles.filter(isOver);
  return (
    <div className="fault-bench">
      <div className="row-of">
        <h2>{faultWords.faultFinder}</h2>
        <Link href={`/practice?job=${keptJob.id}&point=${kept.id}`}>{faultWords.tryInThisHouse}</Link>
        <Button variant="link" onClick={() => go('prove', 'checks')}>
          {faultWords.toTheChecks}
        </Button>
      </div>
      {trouble && <OpenTrouble key={trouble.data.troubleId} trouble={trouble} />}
      {before.toReversed().map((one) => (
        <TroubleEnd key={one.data.troubleId} trouble={one} />
      ))}
      {!trouble && <StartTrouble />}
    </div>
  );
}

function OpenTrouble({ trouble }: { readonly trouble: Trouble }) {
  const say = useSay();
  const { keptJob, kept, assessment, found: learnt, write, go } = useJob();
  const [other, setOther] = useState<string | null>(null);
  const [typed, setTyped] = useState<Typed | null>(null);
  const finder = finderAt(kept);
  const asked = useMemo(
    (): TroubleCase => finderAt(kept).caseOf({ job: keptJob, point: kept, assessment }, trouble, learnt),
    [assessment, kept, keptJob, learnt, trouble],
  );
  const typing = useMemo(() => (typed === null ? null : withTyped(asked, typed)), [asked, typed]);
  const found = useFinding(asked, other, typing);
  const { finding, isOld, failed, again } = found;
  const state = stateAtSymptom(trouble.data.symptom) ?? '';
  const strangers = strangersAmong(
    trouble,
    asked.faults.map(({ kind }) => kind),
    [
      ...asked.tests.map(({ kind }) => kind),
      ...trouble.acts.flatMap((act) => (isTest(act) && finder.test(act.data.test) ? [act.data.test] : [])),
    ],
  );
  return (
    <>
      <p className="row-of">
        <b>{capital(say(complaintOf(trouble)))}</b>
        {trouble.data.words && <span className="soft">“{trouble.data.words}”</span>}
        <span className="soft end" role="status">
          {finding && finding.explained !== 'nothing'
            ? faultWords.aboutMinutes({ minutes: Math.max(1, Math.round(finding.expectedMinutes)) })
            : ''}
          {' · '}
          {faultWords.answersSoFar({ answers: trouble.acts.length })}
        </span>
      </p>
      {failed ? (
        <p className="brick" role="alert">
          {faultWords.notWorkedOut}{' '}
          <Button variant="link" onClick={again}>
            {faultWords.tryAgain}
          </Button>
        </p>
      ) : finding ? (
        <Found
          trouble={trouble}
          asked={asked}
          finding={finding}
          isOld={isOld}
          likely={found.typed ?? finding}
          state={state}
          other={other}
          onOther={setOther}
          typed={typed}
          onTyped={setTyped}
        />
      ) : (
        <p className="soft working">{faultWords.thinking}</p>
      )}
      <ActsSoFar trouble={trouble} state={state} strangers={strangers} suspects={finding?.suspects ?? []} />
      <LetBe
        trouble={trouble}
        onLet={(why) => {
          write('troubleClosed', { troubleId: trouble.data.troubleId, pointId: kept.id, why });
          go('prove', 'fault');
        }}
      />
    </>
  );
}

/** A figure that is being typed, and its test. */
interface Typed {
  readonly kind: string;
  readonly value: number;
}

/** The case with what is being typed. */
function withTyped(asked: TroubleCase, { kind, value }: Typed): TroubleCase | null {
  const found = { value };
  if (asked.of === 'door') {
    const test = asked.tests.find((one) => one.kind === kind);
    return test ? { ...asked, done: [...asked.done, { test: test.kind, found }] } : null;
  }
  const test = asked.tests.find((one) => one.kind === kind);
  return test ? { ...asked, done: [...asked.done, { test: test.kind, found }] } : null;
}

interface FoundProps {
  readonly trouble: Trouble;
  readonly asked: TroubleCase;
  readonly finding: Finding;
  readonly isOld: boolean;
  readonly likely: Pick<Finding, 'explained' | 'faults'>;
  readonly state: string;
  readonly other: string | null;
  readonly onOther: (kind: string | null) => void;
  readonly typed: Typed | null;
  readonly onTyped: (typed: Typed | null) => void;
}

function Found({ trouble, asked, finding, isOld, likely, state, other, onOther, typed, onTyped }: FoundProps) {
  const say = useSay();
  const { kept, found: learnt } = useJob();
  const finder = finderAt(kept);
  const { next, test: kind, explained } = finding;
  const test = kind === null ? undefined : finder.test(kind);
  const after = finder.test(asked.afterRepair.kind);
  const minutesOf = (one: string): number => asked.tests.find(({ kind: own }) => own === one)?.minutes ?? 0;
  const repairMinutes = (fault: string): number =>
    fault
      .split('+')
      .reduce((sum, one) => sum + (asked.faults.find(({ kind: own }) => own === one)?.repairMinutes ?? 0), 0);
  const walk = walkAhead(asked, finding, finder);
  const taken = new Set(trouble.acts.flatMap((act) => (isTest(act) ? [act.data.test] : [])));
  const others = asked.tests
    .filter((one) => one.kind !== kind && !taken.has(one.kind))
    .toSorted((a, b) => a.minutes - b.minutes);
  const columns: readonly BraidColumn[] = [
    ...finding.steps.map(({ answers, faults }): BraidColumn => {
      const done = asked.done[answers - 1];
      return {
        key: `step-${answers}`,
        words: done ? say(doneText(done, finder)) : faultWords.toBegin,
        foot: null,
        faults,
        isAhead: false,
      };
    }),
    ...finding.answers.map((answer, i): BraidColumn => {
      const words = kind === null ? '' : say(answerText(answer, kind, test?.figure ?? null));
      return {
        key: `ahead-${i}`,
        words: faultWords.ifAnswer({ answer: words }),
        foot: faultWords.inHundred({ share: String(Math.round(100 * answer.chance)) }),
        faults: answer.faults,
        isAhead: true,
      };
    }),
  ];
  const top = byShare(likely.faults).slice(0, MOST_REPAIRS);
  const repairs = Object.values(learnt).reduce((sum, one) => sum + one, 0);
  const first = top[0]?.kind ?? '';
  const times = learnt[first] ?? 0;
  const taught =
    times > 0 ? faultWords.firmFound({ fault: say(said('faultName', { fault: first })), times, repairs }) : '';
  return (
    <div className={isOld ? 'fault-found old working' : 'fault-found'} aria-busy={isOld} data-testid="finding">
      {explained === 'nothing' && (
        <p className="brick" role="alert">
          <b>{faultWords.byNothing}</b>{' '}
          {finding.suspects.length > 0
            ? faultWords.readAgain({
                tests: finding.suspects.map((one) => say(said('testName', { test: one, state }))).join(', '),
              })
            : faultWords.readAllAgain}
        </p>
      )}
      {kind !== null && test ? (
        <NextTest
          trouble={trouble}
          finding={finding}
          kind={kind}
          test={test}
          minutes={minutesOf(kind)}
          state={state}
          isNext={other === null}
          others={others}
          typed={typed?.kind === kind ? typed.value : null}
          onTyped={(value) => onTyped(value === null ? null : { kind, value })}
          onOther={onOther}
        />
      ) : (
        next &&
        'repair' in next &&
        after && (
          <NextRepair
            key={next.repair}
            trouble={trouble}
            finding={finding}
            fault={next.repair}
            minutes={repairMinutes(next.repair)}
            after={{ kind: asked.afterRepair.kind, test: after }}
            state={state}
            isNext
          />
        )
      )}
      {explained !== 'nothing' && (
        <>
          <div className="fault-sides">
            <FaultTag finding={likely} />
            <section>
              <h3>{faultWords.whyThisTest}</h3>
              <p>
                {whyWords(finding, kind, test?.place ?? null, say)} {taught}
              </p>
              {walk && <Walk walk={walk} figure={test?.figure ?? null} state={state} />}
            </section>
          </div>
          <section>
            <h3>
              {faultWords.whatItMayBe} <span className="soft">{faultWords.thicker}</span>
            </h3>
            <Bars now={likely.faults} before={finding.faults} />
            <Braid columns={columns} />
          </section>
          {after && (
            <section>
              <h3>{faultWords.theRepair}</h3>
              <ul className="fault-repairs">
                {top.map(({ kind: fault }) => {
                  const prediction = finding.after.find((one) => one.fault === fault)?.prediction;
                  return (
                    <li key={fault}>
                      <span>
                        <b>{capital(say(said('faultName', { fault })))}:</b> {say(said('faultRepair', { fault }))}{' '}
                        <span className="m soft">
                          {faultWords.minutes({ minutes: Math.round(repairMinutes(fault)) })}
                        </span>
                      </span>
                      {prediction && (
                        <span className="worked-plate m">
                          {prediction.low !== null && prediction.high !== null
                            ? `${figureText(prediction.low, after.figure)} – ${figureText(prediction.high, after.figure)} ${unitOf(after.figure)}`
                            : say(said('testWord', { test: asked.afterRepair.kind, word: wordAfter(prediction) }))}
                        </span>
                      )}
                    </li>
                  );
                })}
              </ul>
            </section>
          )}
        </>
      )}
    </div>
  );
}

/** What an answer came to, over its column. */
function doneText(done: TroubleCase['done'][number], finder: ReturnType<typeof finderAt>): Text {
  if ('repair' in done) return said('repairTold', { fault: done.repair, fixed: done.fixed });
  const { test, found } = done;
  return 'word' in found
    ? said('testWord', { test, word: found.word })
    : said('testFigure', { value: found.value, of: finder.test(test)?.figure ?? null });
}

/** Why this act: what it costs on the whole, and what it settles. */
function whyWords(finding: Finding, test: string | null, place: string | null, say: ReturnType<typeof useSay>): string {
  const minutes = Math.max(1, Math.round(finding.expectedMinutes));
  if (test === null) {
    const { next } = finding;
    const fault = next && 'repair' in next ? next.repair : null;
    const share = finding.faults.find(({ kind }) => kind === fault)?.probability ?? 0;
    return faultWords.whyRepair({ share: shareText(share), minutes });
  }
  const likeliest = finding.answers.toSorted((a, b) => b.chance - a.chance)[0];
  const [top] = likeliest ? byShare(likeliest.faults) : [];
  return faultWords.whyTest({
    minutes,
    here: place === null ? faultWords.whereYouStand : say(said('testPlace', { place })),
    most: top
      ? faultWords.leaves({ fault: say(said('faultName', { fault: top.kind })), share: shareText(top.probability) })
      : '–',
  });
}

/** What it may be as bars, for a phone: where each stood before what is being typed is a stroke. */
function Bars({ now, before }: { readonly now: Finding['faults']; readonly before: Finding['faults'] }) {
  const say = useSay();
  return (
    <ul className="fault-bars" data-testid="fault-bars">
      {byShare(now)
        .slice(0, 6)
        .map(({ kind, probability }) => {
          const was = before.find((one) => one.kind === kind)?.probability ?? 0;
          return (
            <li key={kind}>
              <span>{capital(say(said('faultName', { fault: kind })))}</span>
              <b className="m">{shareText(probability)}</b>
              <span className="bar" aria-hidden="true">
                <i style={{ width: `${100 * probability}%` }} />
                <u style={{ left: `${100 * was}%` }} />
              </span>
            </li>
          );
        })}
    </ul>
  );
}

function LetBe({ trouble, onLet }: { readonly trouble: Trouble; readonly onLet: (why: string) => void }) {
  const [isAsking, setAsking] = useState(false);
  if (!isAsking)
    return (
      <Button variant="link" onClick={() => setAsking(true)}>
        {faultWords.letItBe}
      </Button>
    );
  return (
    <AskForm
      closes
      about={`let-${trouble.data.troubleId}`}
      fields={[textField('why', faultWords.whyLetBe, undefined, { most: TEXT.long })]}
      submit={faultWords.letItBe}
      onSubmit={({ why }) => onLet(why)}
    />
  );
}
