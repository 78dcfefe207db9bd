'use client';
import { Check, Lock } from 'lucide-react';
import { useState } from 'react';
import { builtOf, planOf, stepStandings } from '@/core/job';
import { CircuitPlates } from '../kit/CircuitPlate';
import { useJob } from '../kit/job/JobContext';
import { StepAt } from './StepAt';
import { StepDrawing } from './StepDrawing';

const PLACE_WORDS = {
  van: 'at the van',
  chime: 'at the chime',
  door: 'at the door',
  transformer: 'at the transformer',
  cable: 'at the cable',
  box: 'at the box',
  switch: 'at the switch’s box',
} as const;

/** The steps of the taken way, one at a time, each held until its circuit is proved dead. */
export function WireBench() {
  const { job, point, who, go } = useJob();
  const [picked, setPicked] = useState<number | null>(null);
  const steps = stepStandings(job, point, who?.id ?? null);
  const first = steps.findIndex(({ ticked }) => !ticked);
  const at = picked ?? (first === -1 ? steps.length - 1 : first);
  const standing = steps[at];
  const plan = planOf(point);
  if (!standing || !plan)
    return (
      <>
        <p>No way is taken yet: the steps follow from it, terminal by terminal.</p>
        <button type="button" className="button" onClick={() => go('choose')}>
          Go to Choose
        </button>
      </>
    );
  const { step } = standing;
  const before = steps[at - 1];
  const after = steps[at + 1];
  return (
    <div className="split">
      <section>
        <div className="phone-only">
          <CircuitPlates job={job} pointId={point.id} />
        </div>
        <div className="step-head">
          <span className="soft">
            step {at + 1} of {steps.length}
          </span>
          <span className="small soft">{place(step.place, point.chime.place, point.transformer.place)}</span>
        </div>
        <p className="step-words" data-testid="step">
          {step.words}
        </p>
        <StepDrawing step={step} built={builtOf(point)} ticked={standing.ticked} />
        <p className="soft">{step.how}</p>
        <StepAt key={step.id} standing={standing} onTicked={() => setPicked(null)} />
        <div className="step-foot">
          {before ? (
            <button type="button" className="button quiet" onClick={() => setPicked(at - 1)}>
              ‹ {at}
            </button>
          ) : (
            <span />
          )}
          {after && (
            <button type="button" className="button quiet" onClick={() => setPicked(at + 1)}>
              {at + 2} ›
            </button>
          )}
        </div>
      </section>
      <section>
        <h2>All steps</h2>
        <ol className="steps">
          {steps.map((one, i) => (
            <li key={one.step.id}>
              <button type="button" aria-current={i === at ? 'step' : undefined} onClick={() => setPicked(i)}>
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
                  {one.step.words}
                  <span className="hidden-visually">
                    {one.ticked ? ', done' : one.held ? `, held: ${one.held}` : ''}
                  </span>
                </span>
              </button>
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}

const place = (at: keyof typeof PLACE_WORDS, chime: string | undefined, transformer: string | undefined): string =>
  at === 'chime' && chime
    ? `${PLACE_WORDS.chime}, ${chime}`
    : at === 'transformer' && transformer
      ? `${PLACE_WORDS.transformer}, ${transformer}`
      : PLACE_WORDS[at];
