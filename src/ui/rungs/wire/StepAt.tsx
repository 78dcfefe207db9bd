'use client';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { useState } from 'react';
import { format, parseISO } from 'date-fns';
import { photosOfPoint } from '@/core/job';
import { TEXT } from '@/core/kinds';
import { circuitsOfPoint, type StepStanding } from '@/core/points';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';
import { PhotoButton } from '../../photo/PhotoButton';
import { chipsOf } from './chips';

const HOW_WORDS = {
  done: 'done',
  withoutProof: 'done without proof of dead',
  bySomebodyElse: 'done by somebody else',
} as const;

/** One step: what to do, how, and the tick, or why it is held. */
export function StepAt({ standing, onTicked }: { readonly standing: StepStanding; readonly onTicked: () => void }) {
  const say = useSay();
  const { job, point, write, go } = useJob();
  const { step, held, heldBy } = standing;
  const circuits = circuitsOfPoint(job, point);
  const pictures = photosOfPoint(job.photos, point.id).filter(({ rung }) => rung === 'wire').length;
  const [differing, setDiffering] = useState(false);
  const tick = point.ticks[step.id];
  const scope = { pointId: point.id, stepId: step.id, touches: step.touches };
  const ticked = (how: 'done' | 'withoutProof' | 'bySomebodyElse', differs?: string) => {
    write('stepTicked', { ...scope, how, ...(differs ? { differs } : {}) });
    setDiffering(false);
    onTicked();
  };
  if (tick)
    return (
      <div className="step-done">
        <p>
          <b className={tick.proofStood || tick.how === 'bySomebodyElse' ? 'moss' : 'brick'}>{HOW_WORDS[tick.how]}</b>,{' '}
          {tick.by.name}, {format(parseISO(tick.at), 'd MMM HH:mm')}
          {tick.proofStood || tick.how !== 'done' ? '' : ', no proof of dead stood then'}.
          {tick.differs && <span className="block">As built differs: {tick.differs}</span>}
        </p>
        <Button variant="secondary" onClick={() => write('entryStruck', { target: tick.entryId })}>
          Not done after all
        </Button>
      </div>
    );
  return (
    <>
      <p className="small soft">{chipsOf(step).join(' · ')}</p>
      {step.photo && (
        <p className="small">
          {pictures === 0
            ? 'No picture at this rung yet. '
            : `${pictures} ${pictures === 1 ? 'picture' : 'pictures'} at this rung. `}
          <PhotoButton />
        </p>
      )}
      {held ? (
        <div className="held-step" role="status">
          <p>
            <b className="brick">Held: {say(held)}.</b>
          </p>
          <div className="row-of">
            {heldBy !== 'order' && (
              <Button onClick={() => go(heldBy === 'plan' ? 'choose' : 'isolate')}>
                {heldBy === 'plan' ? 'Change the plan' : 'Prove it dead'}
              </Button>
            )}
          </div>
          <details>
            <summary>It has been done already</summary>
            <p className="small">It can only be recorded afterwards, and stays in the record and on the sheet.</p>
            <div className="row-of">
              <Button variant="secondary" onClick={() => ticked('bySomebodyElse')}>
                By somebody else
              </Button>
              <Button variant="secondary" onClick={() => ticked('withoutProof')}>
                Without proof of dead
              </Button>
            </div>
          </details>
        </div>
      ) : step.energises ? (
        <div className="row-of thumb">
          {circuits.length === 0 ? (
            <Button size="lg" onClick={() => go('isolate')}>
              Name its circuit first
            </Button>
          ) : (
            <Button
              size="lg"
              data-testid="tick"
              onClick={() => {
                for (const { id: circuitId, state } of circuits)
                  if (state.state !== 'live') write('circuitSwitched', { circuitId, to: 'on' });
                ticked('done');
              }}
            >
              {circuits.map(({ way, name }) => way ?? name ?? 'circuit').join(', ')} on: it works
            </Button>
          )}
        </div>
      ) : differing ? (
        <AskForm
          fields={[
            textField('differs', 'what is different here', undefined, {
              hint: 'two wires under Front',
              most: TEXT.long,
            }),
          ]}
          submit="Done, as built differs"
          main
          onSubmit={(data) => ticked('done', 'differs' in data ? String(data.differs) : '')}
        />
      ) : (
        <div className="row-of thumb">
          <Button size="lg" data-testid="tick" onClick={() => ticked('done')}>
            {step.tug ? 'Done, tugged' : 'Done'}
          </Button>
          <Button variant="secondary" onClick={() => setDiffering(true)}>
            Differs
          </Button>
        </div>
      )}
    </>
  );
}
