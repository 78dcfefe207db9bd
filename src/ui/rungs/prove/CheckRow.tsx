'use client';
import { proveWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { useState } from 'react';
import { format, parseISO } from 'date-fns';
import { lengthsOf } from '@/core/job';
import { TEXT, type EntryData } from '@/core/kinds';
import type { Check } from '@/core/prove';
import { AskForm, askName } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { answerWords } from '../../figures/checkWords';
import { useJob } from '../../log/JobContext';
import { useTypedIn } from '../../log/useTyped';
import type { Answered, OwnAnswers } from './answered';
import { DeviceIdentity } from './DeviceIdentity';
import { FindFault } from './fault/FindFault';
import { LetItStand } from './LetItStand';
import { MetresAnswer } from './MetresAnswer';
import { PairingTries } from './PairingTries';
import { PutOffAnswer } from './PutOffAnswer';
import { RingAnswer } from './RingAnswer';
import { SettingAnswer } from './SettingAnswer';
import { SignTimer } from './SignTimer';
import { WaitTimer } from './WaitTimer';

type Result = EntryData<'checkDone'>['result'];

const RESULT_WORDS: Readonly<Record<Result, string>> = {
  passed: proveWords.passed,
  failed: proveWords.failed,
  skipped: proveWords.skipped,
};
const RESULT_COLOURS: Readonly<Record<Result, string>> = { passed: 'moss', failed: 'brick', skipped: 'straw-ink' };

interface Props {
  readonly check: Check;
  readonly number: number;
  /** The first one that is open: it stands unfolded. */
  readonly next: boolean;
  readonly own: OwnAnswers;
}

/** Nothing of it is a figure or a choice that is judged: it passes by a tap. */
const passesByHand = ({ answer }: Check): boolean =>
  answer.kind === 'yesNo' ||
  answer.kind === 'wait' ||
  answer.kind === 'night' ||
  (answer.kind === 'setting' && answer.wanted === null);

/** One check: how it is done, its figure against its limit, and no way to pass it by default. */
export function CheckRow({ check, number, next, own: { Volts, OpenVolts, Report } }: Props) {
  const say = useSay();
  const { job, point, write } = useJob();
  const lengths = lengthsOf(job);
  const [opened, setOpened] = useState(false);
  const { isTyped } = useTypedIn(askName(point.id, check.id));
  const isOpen = next || opened || isTyped;
  const answer = point.checks[check.id];
  const told = answer && answerWords(answer.data, check, lengths, say);
  const wait = point.waits[check.id];
  const putOff = answer ? undefined : point.putOff[check.id];
  const done = (data: Answered) => {
    write('checkDone', { pointId: point.id, check: check.id, ...data });
    setOpened(false);
  };
  return (
    <li className="check" data-check={check.id} aria-current={next ? 'step' : undefined}>
      <div className="row-of">
        <b>
          {number}. {say(check.name)}
        </b>
        {answer && (
          <span className={`pill-flat ${RESULT_COLOURS[answer.data.result]}`}>
            {RESULT_WORDS[answer.data.result]}
            {told && `, ${told}`}
            {answer.data.bandLow !== undefined &&
              answer.data.bandHigh !== undefined &&
              check.answer.kind !== 'metres' &&
              proveWords.inToV({ bandLow: answer.data.bandLow.toFixed(1), bandHigh: answer.data.bandHigh.toFixed(1) })}
          </span>
        )}
        {answer && (
          <span className="small soft">
            {answer.by.name}, {format(parseISO(answer.at), 'd MMM HH:mm')}
          </span>
        )}
        {answer && (
          <Button variant="link" onClick={() => write('entryStruck', { target: answer.entryId })}>
            {proveWords.again}
          </Button>
        )}
        {!answer && !isOpen && (
          <Button variant="link" onClick={() => setOpened(true)}>
            {proveWords.doItNow}
          </Button>
        )}
      </div>
      {putOff && (
        <p className="straw-ink">
          {(putOff.data.by === 'crew' ? proveWords.putOffToUs : proveWords.putOffToCustomer)({
            on: format(parseISO(putOff.data.on), 'd MMM yyyy'),
          })}{' '}
          <Button variant="link" onClick={() => write('entryStruck', { target: putOff.entryId })}>
            {proveWords.again}
          </Button>
        </p>
      )}
      {answer?.data.reason && <p>{answer.data.reason}</p>}
      {answer?.data.result === 'failed' && (
        <>
          <FindFault check={check} answer={answer} />
          <LetItStand answer={answer} />
        </>
      )}
      {!answer && isOpen && (
        <>
          <p className="soft">{say(check.how)}</p>
          {check.sign && <SignTimer sign={check.sign} />}
          {check.id === 'paired' && next && <DeviceIdentity />}
          {check.id === 'paired' && <PairingTries />}
          {check.answer.kind === 'wait' &&
            (wait ? <WaitTimer wait={wait} /> : <Start check={check} minutes={check.answer.minutes} />)}
          {check.answer.kind === 'metres' && <MetresAnswer check={check} onDone={done} />}
          {check.answer.kind === 'night' && !putOff && <PutOffAnswer check={check} />}
          {check.answer.kind === 'ring' && <RingAnswer check={check} onDone={done} />}
          {check.answer.kind === 'setting' &&
            (check.answer.wanted ? (
              <SettingAnswer check={check} wanted={check.answer.wanted} onDone={done} />
            ) : (
              <p className="straw-ink">{proveWords.noWayWasTaken}</p>
            ))}
          {check.answer.kind === 'report' && Report && <Report check={check} onDone={done} />}
          {check.answer.kind === 'volts' && Volts && <Volts check={check} state={check.answer.state} onDone={done} />}
          {check.answer.kind === 'openVolts' && OpenVolts && <OpenVolts check={check} onDone={done} />}
          <Verdicts about={check.id} pass={passesByHand(check)} onDone={done} />
        </>
      )}
    </li>
  );
}

function Start({ check, minutes }: { readonly check: Check; readonly minutes: number }) {
  const { point, write } = useJob();
  return (
    <Button variant="secondary" onClick={() => write('waitStarted', { pointId: point.id, check: check.id, minutes })}>
      {proveWords.startTheTimerMin({ minutes })}
    </Button>
  );
}

/** Passed, or failed and skipped with a reason. */
function Verdicts({
  about,
  pass,
  onDone,
}: {
  readonly about: string;
  readonly pass: boolean;
  readonly onDone: (data: Answered) => void;
}) {
  const { point } = useJob();
  const [pressed, setPressed] = useState<'failed' | 'skipped' | null>(null);
  const failed = useTypedIn(`${askName(point.id, about)}${proveWords.itFailed}`);
  const skipped = useTypedIn(`${askName(point.id, about)}${proveWords.skipIt}`);
  // A reason that was begun before the page was put away stands where it was
  const asking = pressed ?? (failed.isTyped ? 'failed' : skipped.isTyped ? 'skipped' : null);
  if (asking)
    return (
      <>
        <AskForm
          about={about}
          fields={[
            textField('reason', proveWords.why({ asking: RESULT_WORDS[asking] }), undefined, { most: TEXT.long }),
          ]}
          submit={asking === 'failed' ? proveWords.itFailed : proveWords.skipIt}
          onSubmit={(data) => onDone({ result: asking, ...data })}
        />
        <Button
          variant="link"
          onClick={() => {
            failed.drop();
            skipped.drop();
            setPressed(null);
          }}
        >
          {proveWords.notThatAfterAll}
        </Button>
      </>
    );
  return (
    <div className="row-of">
      {pass && <Button onClick={() => onDone({ result: 'passed' })}>{proveWords.passed2}</Button>}
      <Button variant="secondary" onClick={() => setPressed('failed')}>
        {proveWords.failed2}
      </Button>
      <Button variant="link" onClick={() => setPressed('skipped')}>
        {proveWords.skip}
      </Button>
    </div>
  );
}
