'use client';
import { useState } from 'react';
import {
  RUNGS,
  RUNG_NAMES,
  circuitOfPoint,
  fold,
  ladderOf,
  nextMove,
  partsOf,
  worriesOf,
  type Entry,
  type JobHead,
  type Rung,
} from '@/core/job';
import { CircuitPlate } from '../kit/CircuitPlate';
import { LadderSign, RungSign, STATE_NAMES } from '../kit/LadderSign';
import { Verdict } from '../kit/Verdict';
import { JobProvider, useJob } from '../kit/job/JobContext';
import { volts } from '../kit/words';
import { MeasureFields } from './MeasureFields';

interface Props {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
  readonly pointId: string;
  readonly firstRung: Rung;
}

/** A job: the ladder at the left, what is at hand in the middle, the carry sheet at the right. */
export function JobScreen({ head, entries, pointId, firstRung }: Props) {
  const [rung, go] = useState(firstRung);
  if (fold(head, entries).points.length === 0)
    return (
      <main className="page">
        <h1>{head.title}</h1>
        <p>This job has no point yet.</p>
      </main>
    );
  return (
    <JobProvider head={head} firstEntries={entries} pointId={pointId} rung={rung} go={go}>
      <div className="job">
        <Rail />
        <main className="bench">
          <Head />
          {rung === 'measure' ? <MeasureFields /> : <Standing />}
        </main>
        <aside className="carry">
          <Carry />
        </aside>
      </div>
    </JobProvider>
  );
}

function Rail() {
  const { job, point, assessment, who, rung, go } = useJob();
  const marks = ladderOf(job, point, assessment, who?.id ?? null);
  return (
    <nav className="rail" aria-label="Ladder">
      <div className="site-name">
        <b>{job.title}</b>
        <div className="small soft">{point.name}</div>
      </div>
      <ol className="rungs">
        {marks.map((mark, i) => (
          <li key={mark.rung}>
            <button type="button" aria-current={mark.rung === rung ? 'step' : undefined} onClick={() => go(mark.rung)}>
              <RungSign state={mark.state} />
              <span>
                {RUNG_NAMES[mark.rung]}
                <span className="hidden-visually">, {STATE_NAMES[mark.state]}</span>
              </span>
              <span className="key">{i + 1}</span>
              <span className={`words ${mark.state}`}>{mark.words}</span>
            </button>
          </li>
        ))}
      </ol>
    </nav>
  );
}

function Head() {
  const { job, point, assessment, who, rung, go, keeping } = useJob();
  const move = nextMove(job, point, assessment, who?.id ?? null);
  return (
    <>
      <div className="bench-head">
        <div>
          <h1>{RUNG_NAMES[rung]}</h1>
          <span className={`kept ${keeping.state}`} role="status">
            {keeping.state === 'keeping' ? 'keeping…' : keeping.state === 'away' ? 'not sent yet' : 'kept'}
          </span>
        </div>
        <button type="button" className="button main" onClick={() => go(move.rung)}>
          {move.words}
        </button>
      </div>
      {keeping.state === 'refused' && (
        <div className="unkept" role="alert">
          Not kept: {keeping.why}
        </div>
      )}
    </>
  );
}

/** A rung without a bench of its own yet: where it stands, worked out from the log. */
function Standing() {
  const { job, point, assessment, who, rung } = useJob();
  const marks = ladderOf(job, point, assessment, who?.id ?? null);
  const mark = marks[RUNGS.indexOf(rung)];
  return (
    <>
      <LadderSign marks={marks.map(({ state }) => state)} />
      <p>{mark ? `${STATE_NAMES[mark.state]}. ${mark.words}` : ''}</p>
    </>
  );
}

function Carry() {
  const { job, point, assessment } = useJob();
  const { reference, known, next } = assessment;
  const worries = worriesOf(job, point, assessment);
  const parts = partsOf(job, point);
  return (
    <>
      <CircuitPlate circuit={circuitOfPoint(job.circuits, point.id)} />
      <div style={{ marginTop: 12 }}>
        <Verdict judgement={reference.judgement} way={reference.words} />
      </div>
      {next && (
        <section>
          <h2>Would settle it</h2>
          <p>
            {next.words}. <span className="soft">{next.why}</span>
          </p>
        </section>
      )}
      <section>
        <dl className="figures">
          <dt>door, likely at worst</dt>
          <dd>{volts(reference.judgement.governingVolts)}</dd>
          <dt>open volts</dt>
          <dd>{volts(known.openVolts.likely)}</dd>
          <dt>source, cold</dt>
          <dd>{known.sourceOhms.likely.toFixed(1)} Ω</dd>
        </dl>
        {known.guesses.length > 0 && <p className="small soft">Guessed: {known.guesses.join('; ')}.</p>}
      </section>
      <section>
        <h2>Worries</h2>
        <ul className="worries">
          {worries.map((worry) => (
            <li key={worry.id}>
              <b className="brick">!</b> {worry.words}
            </li>
          ))}
        </ul>
      </section>
      {parts.length > 0 && (
        <section>
          <h2>To bring</h2>
          <div className="small">{parts.join(' · ')}</div>
        </section>
      )}
    </>
  );
}
