'use client';
import { doorWords } from '@/words/screens';
import { useEffect, useState } from 'react';
import { Button } from 'react-bootstrap';
import { decisionOf } from '@/core/points';
import { figureProblemText } from '@/core/units';
import { useTypedText } from '../../../log/useTyped';
import { useMeter } from '../../../meter/MeterContext';
import { useSay } from '../../../log/useSay';
import { DecisionTag } from '../../../verdict/DecisionTag';
import { useDoorbell } from '../useDoorbell';
import { askingOf, type Asking } from './asking';
import { DoorLoop } from './DoorLoop';
import { Keypad } from './Keypad';

interface Props {
  /** Goes to the whole bench. */
  readonly onAll: () => void;
}

/** One asked reading fills the screen, the keypad is up, and what is kept brings the next, until nothing would change the way. */
export function AtTheDoor({ onAll }: Props) {
  const { keptJob, kept, assessment, go } = useDoorbell();
  // What is asked follows what is kept, never what is half typed
  const asking = askingOf(keptJob, kept, assessment);
  const decision = decisionOf(assessment);
  const taken = kept.readings.length;
  const left = assessment.advice().next.length;
  const settled = kept.choice !== null || decision?.settled === true || asking === null;
  return (
    <section className="at-door" data-testid="at-door">
      <div className="at-door-head">
        <span className="soft">{settled ? doorWords.read : doorWords.readingOf({ at: taken + 1 })}</span>
        <span className="squares" aria-hidden="true">
          {Array.from({ length: taken }, (_, i) => (
            <i key={i} className="done" />
          ))}
          {!settled && <i className="in-hand" />}
          {!settled &&
            Array.from({ length: Math.max(0, left - 1) }, (_, i) => <i key={`more ${i}`} className="perhaps" />)}
        </span>
        {!settled && <span className="small soft">{doorWords.atMostMore({ more: Math.max(0, left - 1) })}</span>}
      </div>
      {settled ? (
        <>
          {decision && !kept.choice && <DecisionTag decision={decision} />}
          <div className="row-of thumb">
            <Button size="lg" onClick={() => go('choose')}>
              {decision?.asks ? doorWords.sayAndTake : doorWords.seeTheWays}
            </Button>
            <Button variant="secondary" size="lg" onClick={onAll}>
              {doorWords.allReadings}
            </Button>
          </div>
        </>
      ) : (
        <AskedReading key={asking.id} asking={asking} onAll={onAll} />
      )}
    </section>
  );
}

function AskedReading({ asking, onAll }: { readonly asking: Asking; readonly onAll: () => void }) {
  const say = useSay();
  const { kept, assessment, isJudging, write, draft, go } = useDoorbell();
  const { there, open } = useMeter();
  const label = doorWords.asked({ id: asking.id });
  const [text, setText] = useTypedText(`door/${kept.id}/${asking.id}`, label);
  const [how, setHow] = useState(false);
  const [metered, setMetered] = useState<string | null>(null);
  const [tried, setTried] = useState(false);
  const typed = text.trim();
  const read = typed === '' ? null : asking.read(typed);
  const fault = read && !read.ok ? say(figureProblemText(read.problem)) : null;
  const marked = metered === typed ? { simulated: true } : {};
  const entry = read?.ok ? asking.entry(read.value) : null;
  const known = JSON.stringify(entry);
  useEffect(() => {
    draft(entry);
    // The same figure is the same draft, however often this is drawn
    // oxlint-disable-next-line react/exhaustive-deps
  }, [known, draft]);
  useEffect(() => () => draft(null), [draft]);
  const keep = () => {
    setTried(true);
    if (!entry) return;
    draft(null);
    setText('');
    if (entry.kind === 'readingTaken') write(entry.kind, { ...entry.data, ...marked });
    else write(entry.kind, entry.data);
  };
  const cantReach = () => {
    setText('');
    draft(null);
    write('pointDescribed', { pointId: kept.id, cantRead: [...(kept.look.cantRead ?? []), asking.reading] });
  };
  const [, second] = assessment.advice().next;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <DoorLoop lit={asking.lit} ohms={asking.ohms} />
      <h2 className="at-door-asks" id="at-door-asks">
        {label}
        {asking.ohms !== null && ` ${doorWords.under({ ohms: asking.ohms })}`}
      </h2>
      {how && <p className="small">{doorWords.how({ id: asking.id })}</p>}
      <div className="at-door-figure">
        <label className="figure-box">
          <span className="visually-hidden">{label}</span>
          <input
            name={asking.id}
            value={text}
            inputMode="none"
            autoComplete="off"
            aria-labelledby="at-door-asks"
            aria-invalid={tried && fault !== null}
            // What is typed now belongs to what is asked next
            readOnly={isJudging}
            onChange={(event) => setText(event.target.value)}
          />
          <span className="unit">{asking.unit}</span>
        </label>
        <div className="aside-keys">
          <Button variant="secondary" onClick={cantReach}>
            {doorWords.cantReachIt}
          </Button>
          <Button variant="secondary" onClick={() => go('look', asking.lit === 'chime' ? 'chime' : 'transformer')}>
            {doorWords.differsHere}
          </Button>
        </div>
      </div>
      {fault && (tried || typed.length > 1) && (
        <p className="brick small" role="alert">
          {fault}
        </p>
      )}
      <Keypad
        text={text}
        isOff={isJudging}
        onText={setText}
        onMeter={
          there && asking.meter
            ? () => {
                const task = asking.meter;
                if (task)
                  open({
                    label,
                    task,
                    onTake: (shown) => {
                      setText(shown);
                      setMetered(shown);
                    },
                  });
              }
            : null
        }
        onHow={() => setHow(!how)}
        how={how}
      />
      <Button type="submit" size="lg" className="keep-next" disabled={isJudging}>
        {doorWords.keep}
        <small>{second ? doorWords.next({ words: doorWords.asked({ id: second.id }) }) : doorWords.thenSettled}</small>
      </Button>
      <Button variant="link" onClick={onAll}>
        {doorWords.allReadings}
      </Button>
    </form>
  );
}
