'use client';
import { wireWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { useEffect, useRef, useState } from 'react';
import { format, parseISO } from 'date-fns';
import { photosOfPoint } from '@/core/job';
import { TEXT } from '@/core/kinds';
import { circuitsOfPoint, stepCautions, type StepStanding } from '@/core/points';
import { AskForm } from '../../form/AskForm';
import { Cautions } from '../../verdict/Cautions';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';
import { PhotoButton } from '../../photo/PhotoButton';
import { LookedFor } from '../../proof/LookedFor';
import { ProofHere } from '../../proof/ProofHere';
import { chipsOf } from './chips';
import { Freshness } from '../../proof/Freshness';
import { OpenPlaces } from '../../proof/OpenPlaces';
import { tickOf } from './tickOf';

const HOW_WORDS = {
  done: wireWords.done,
  withoutProof: wireWords.doneWithoutProofOf,
  bySomebodyElse: wireWords.doneBySomebodyElse,
} as const;

/** What is answered at the step itself, where everything is off and guarded. */
function Here({ standing: { heldBy, toProve, placeId } }: { readonly standing: StepStanding }) {
  const { job } = useJob();
  if (heldBy.includes('placeOpen')) return <OpenPlaces />;
  if (toProve.length > 0 || heldBy.includes('notFresh'))
    return (
      <ProofHere circuitIds={toProve.length > 0 ? toProve : job.isolation.circuitsAt(placeId)} placeId={placeId} />
    );
  return job.circuits
    .filter(({ id }) => job.isolation.circuitsAt(placeId).includes(id))
    .map((circuit) => <LookedFor key={circuit.id} circuit={circuit} />);
}

/** One step: what to do, how, and the tick, or why it is held. */
export function StepAt({ standing, onTicked }: { readonly standing: StepStanding; readonly onTicked: () => void }) {
  const say = useSay();
  const { job, point, write, go } = useJob();
  const { step, held, heldAt, licensed, toProve, placeId } = standing;
  const circuits = circuitsOfPoint(job, point);
  const pictures = photosOfPoint(job.photos, point.id).filter(({ rung }) => rung === 'wire').length;
  const [differing, setDiffering] = useState(false);
  const tick = point.ticks[step.id];
  const ticked = (how: 'done' | 'withoutProof' | 'bySomebodyElse', differs?: string) => {
    write('stepTicked', { ...tickOf(point.id, standing), how, ...(differs ? { differs } : {}) });
    setDiffering(false);
    onTicked();
  };
  // The proof is what such a step ends with: where one from here stands, nothing is left to tick
  const isProvedHere = useRef(false);
  const isDone = step.role === 'proof' && toProve.length === 0 && held === null && !tick;
  useEffect(() => {
    if (!isDone || !isProvedHere.current) return;
    isProvedHere.current = false;
    ticked('done');
  });
  if (tick)
    return (
      <div className="step-done">
        <p>
          <b className={tick.proofStood || tick.how === 'bySomebodyElse' ? 'moss' : 'brick'}>{HOW_WORDS[tick.how]}</b>,{' '}
          {tick.by.name}, {format(parseISO(tick.at), 'd MMM HH:mm')}
          {tick.proofStood || tick.how !== 'done' ? '' : wireWords.noProofOfDead}.
          {tick.differs && <span className="block">{wireWords.asBuiltDiffers({ differs: tick.differs })}</span>}
        </p>
        <Button variant="secondary" onClick={() => write('entryStruck', { target: tick.entryId })}>
          {wireWords.notDoneAfterAll}
        </Button>
      </div>
    );
  return (
    <>
      <p className="small soft">{chipsOf(step, licensed).join(' · ')}</p>
      {step.photo && (
        <p className="small">
          {pictures === 0
            ? wireWords.noPictureAtThis
            : wireWords.atThisRung({ pictures, picture: pictures === 1 ? wireWords.picture : wireWords.pictures })}
          <PhotoButton onTaken={step.touches === 'nothing' && !held ? () => ticked('done') : undefined} />
        </p>
      )}
      <Cautions words={stepCautions(job, point, step)} />
      {step.touches === 'mains' && <Freshness />}
      {held ? (
        <>
          <div className="held-step" role="status">
            <p>
              <b className="brick">{wireWords.held({ held: say(held) })}</b>
            </p>
            {(heldAt === 'plan' || heldAt === 'circuit') && (
              <div className="row-of">
                <Button onClick={() => go(heldAt === 'plan' ? 'choose' : 'isolate')}>
                  {heldAt === 'plan' ? wireWords.changeThePlan : wireWords.proveItDead}
                </Button>
              </div>
            )}
            <details>
              <summary>{wireWords.itHasBeenDone}</summary>
              <p className="small">{wireWords.itCanOnlyBe}</p>
              <div className="row-of">
                <Button variant="secondary" onClick={() => ticked('bySomebodyElse')}>
                  {wireWords.bySomebodyElse}
                </Button>
                <Button variant="secondary" onClick={() => ticked('withoutProof')}>
                  {wireWords.withoutProofOfDead}
                </Button>
              </div>
            </details>
          </div>
          {heldAt === 'here' && <Here standing={standing} />}
        </>
      ) : step.role === 'proof' && toProve.length > 0 ? (
        <ProofHere circuitIds={toProve} placeId={placeId} onProof={() => (isProvedHere.current = true)} />
      ) : step.energises ? (
        <div className="row-of thumb">
          {circuits.length === 0 ? (
            <Button size="lg" onClick={() => go('isolate')}>
              {wireWords.nameItsCircuitFirst}
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
              {(step.role === 'liveTest' ? wireWords.clearItIsOn : wireWords.onItWorks)({
                circuits: circuits.map(({ way, name }) => way ?? name ?? wireWords.circuit).join(', '),
              })}
            </Button>
          )}
        </div>
      ) : differing ? (
        <AskForm
          about={step.id}
          fields={[
            textField('differs', wireWords.whatIsDifferentHere, undefined, {
              hint: wireWords.twoWiresUnderFront,
              most: TEXT.long,
            }),
          ]}
          submit={wireWords.doneAsBuiltDiffers}
          main
          onSubmit={({ differs }) => ticked('done', differs)}
        />
      ) : (
        <div className="row-of thumb">
          <Button size="lg" data-testid="tick" onClick={() => ticked('done')}>
            {step.tug ? wireWords.doneTugged : wireWords.done2}
          </Button>
          <Button variant="secondary" onClick={() => setDiffering(true)}>
            {wireWords.differs}
          </Button>
        </div>
      )}
    </>
  );
}
