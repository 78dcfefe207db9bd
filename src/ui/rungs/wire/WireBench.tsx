'use client';
import { wireWords } from '@/words/screens';
import { Button, ListGroup } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { Check, Download, Lock } from 'lucide-react';
import { useState, type ComponentType } from 'react';
import {
  builtAsPlanned,
  builtOf,
  findingsOf,
  hazardsAt,
  placeNameOf,
  planOf,
  standingMoves,
  stepStandings,
  type StepStanding,
} from '@/core/points';
import { regionOf } from '@/core/job';
import { jointById, leadById, sameFinding } from '@/core/wiring';
import { Findings } from '../../verdict/Findings';
import { CircuitPlates } from '../../verdict/CircuitPlate';
import { Cautions } from '../../verdict/Cautions';
import { saveSvg } from '../../drawing/saveSvg';
import { Choices } from '../../form/Choices';
import { useJob } from '../../log/JobContext';
import { LeadPanel, movableEnd } from './LeadPanel';
import { StepAt } from './StepAt';
import { STEP_DRAWING, StepDrawing, placeOf } from './StepDrawing';
import { TickList } from './TickList';

const PLACE_WORDS = {
  van: wireWords.atTheVan,
  chime: wireWords.atTheChime,
  door: wireWords.atTheDoor,
  transformer: wireWords.atTheTransformer,
  cable: wireWords.atTheCable,
  box: wireWords.atTheBox,
  switch: wireWords.atTheSwitchsBox,
  spot: wireWords.atTheSpot,
  outlet: wireWords.atTheOutlet,
} as const;

const VIEWS = [
  { value: 'one', words: wireWords.oneStep },
  { value: 'list', words: wireWords.wholeList },
] as const;

interface WireProps {
  /** The field of a reading that a step takes; left out where its steps take none. */
  readonly StepReading?: ComponentType;
}

/** The steps of the taken way, one at a time or all of them, each held until its circuit is proved dead. */
export function WireBench({ StepReading }: WireProps) {
  const say = useSay();
  const { job, point, asker, go } = useJob();
  const [picked, setPicked] = useState<number | null>(null);
  const [view, setView] = useState<'one' | 'list'>('one');
  const steps = stepStandings(job, point, asker);
  const first = steps.findIndex(({ ticked }) => !ticked);
  const at = picked ?? (first === -1 ? steps.length - 1 : first);
  const standing = steps[at];
  const toChoose = (
    <>
      <p>{wireWords.noWayIsTaken}</p>
      <Button variant="secondary" onClick={() => go('choose')}>
        {wireWords.goToChoose}
      </Button>
    </>
  );
  if (!standing) return toChoose;
  return (
    <div className="split">
      <section>
        <div className="phone-only">
          <CircuitPlates job={job} point={point} />
        </div>
        {view === 'list' ? (
          <TickList
            steps={steps}
            onPick={(i) => {
              setPicked(i);
              setView('one');
            }}
          />
        ) : (
          <OneStep
            key={standing.step.id}
            steps={steps}
            at={at}
            standing={standing}
            onAt={setPicked}
            StepReading={StepReading}
          />
        )}
        <Choices label={wireWords.shown} options={VIEWS} chosen={view} onPick={(value) => setView(value ?? 'one')} />
      </section>
      <section>
        <Cautions words={hazardsAt(job, 'wire')} />
        {steps.some(({ step }) => step.touches === 'mains') && (
          <p className="small soft">{wireWords.mainsCanKill({ law: say(regionOf(job).mainsWork) })}</p>
        )}
        {planOf(point) ? <AsBuilt /> : toChoose}
        <h2>{wireWords.allSteps}</h2>
        <ListGroup as="ol" className="steps">
          {steps.map((one, i) => (
            <li key={one.step.id}>
              <ListGroup.Item
                as="button"
                type="button"
                action
                active={i === at}
                aria-current={i === at ? 'step' : undefined}
                onClick={() => {
                  setPicked(i);
                  setView('one');
                }}
              >
                <span className="step-mark" aria-hidden="true">
                  {one.ticked ? (
                    <Check size={18} className="moss" />
                  ) : one.held ? (
                    <Lock size={16} className="brick" />
                  ) : (
                    i + 1
                  )}
                </span>
                <span>
                  {say(one.step.words)}
                  <span className="visually-hidden">
                    {one.ticked ? wireWords.done4 : one.held ? wireWords.held2({ held: say(one.held) }) : ''}
                  </span>
                </span>
              </ListGroup.Item>
            </li>
          ))}
        </ListGroup>
      </section>
    </div>
  );
}

interface OneProps {
  readonly steps: readonly StepStanding[];
  readonly at: number;
  readonly standing: StepStanding;
  readonly onAt: (at: number | null) => void;
  readonly StepReading: ComponentType | undefined;
}

function OneStep({ steps, at, standing, onAt, StepReading }: OneProps) {
  const say = useSay();
  const { job, point, write } = useJob();
  const [lead, setLead] = useState<string | null>(null);
  const { step } = standing;
  const built = builtOf(point);
  const place = placeOf(step.place);
  const before = steps[at - 1];
  const after = steps[at + 1];
  const put = (joint: string) => {
    const known = lead === null ? undefined : leadById(built, lead);
    if (!known || !place) return;
    const from = movableEnd(built, known, place);
    if (from !== joint) write('leadMoved', { pointId: point.id, lead: known.id, from, to: joint });
    setLead(null);
  };
  return (
    <>
      <div className="step-head">
        <span className="soft">{wireWords.stepOf({ at: at + 1, steps: steps.length })}</span>
        <span className="small soft">
          {[PLACE_WORDS[step.place], placeNameOf(point, step.place)].filter(Boolean).join(', ')}
        </span>
      </div>
      <p className="step-words" data-testid="step">
        {say(step.words)}
      </p>
      <StepDrawing
        step={step}
        built={built}
        ticked={standing.ticked}
        picked={lead}
        onLead={(id) => setLead(lead === id ? null : id)}
        onJoint={put}
      />
      {place && built.leads.length > 0 && (
        <Button
          variant="link"
          className="small"
          onClick={() => saveSvg(STEP_DRAWING, wireWords.step2({ title: job.title, name: point.name, at: at + 1 }))}
        >
          <Download size={16} aria-hidden="true" /> {wireWords.drawingAsSVG}
        </Button>
      )}
      {lead !== null && place && (
        <LeadPanel
          leadId={lead}
          place={place}
          onMoved={() => setLead(null)}
          onStep={(id) => onAt(steps.findIndex((one) => one.step.id === id))}
        />
      )}
      <p className="soft">{say(step.how)}</p>
      {step.reads && StepReading && !standing.held && <StepReading />}
      <StepAt key={step.id} standing={standing} onTicked={() => onAt(null)} />
      <div className="step-foot">
        {before ? (
          <Button variant="link" onClick={() => onAt(at - 1)}>
            ‹ {at}
          </Button>
        ) : (
          <span />
        )}
        {after && (
          <Button variant="link" onClick={() => onAt(at + 1)}>
            {at + 2} ›
          </Button>
        )}
      </div>
    </>
  );
}

/** What is elsewhere than planned, and what the rules say of it; without any, what they say of the plan. */
function AsBuilt() {
  const say = useSay();
  const { job, point, write } = useJob();
  const { planned, built, byDeviation } = findingsOf(job, point);
  const moved = standingMoves(point);
  const wiring = builtOf(point);
  const asPlanned = builtAsPlanned(point);
  const nameOf = (id: string | null): string =>
    id === null ? wireWords.loose : say((jointById(wiring, id) ?? jointById(asPlanned, id))?.name ?? id);
  const fresh = [...byDeviation, ...built.filter((one) => !byDeviation.some((other) => sameFinding(other, one)))];
  return (
    <div className="as-built">
      <h2>{moved.length > 0 || built.length > 0 ? wireWords.asBuilt : wireWords.whatTheRulesSay}</h2>
      {moved.length > 0 && (
        <ul className="plain-list" data-testid="moved">
          {moved.map(({ entryId, lead, from, to }) => (
            <li key={entryId}>
              {wireWords.insteadOf({
                name: say(leadById(wiring, lead)?.name ?? lead),
                nameOf: nameOf(to),
                nameOf2: nameOf(from),
              })}{' '}
              <Button variant="link" onClick={() => write('entryStruck', { target: entryId })}>
                {wireWords.notSo}
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Findings
        say={say}
        findings={moved.length > 0 || built.length > 0 ? fresh : planned}
        none={moved.length > 0 ? wireWords.itDiffersAndNo : wireWords.everyRuleIsKept}
      />
    </div>
  );
}
