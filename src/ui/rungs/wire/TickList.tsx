'use client';
import { Check, Lock } from 'lucide-react';
import type { StepStanding } from '@/core/points';
import { useJob } from '../../kit/job/JobContext';
import { chipsOf } from './chips';

interface Props {
  readonly steps: readonly StepStanding[];
  readonly onPick: (at: number) => void;
}

/** All steps with a large tick each; one that is held, or switches something, is opened instead. */
export function TickList({ steps, onPick }: Props) {
  const { point, write } = useJob();
  return (
    <ol className="tick-list" data-testid="tick-list">
      {steps.map(({ step, ticked, held }, i) => {
        const free = !ticked && !held && !step.energises;
        return (
          <li key={step.id}>
            <button
              type="button"
              className="tick"
              aria-label={ticked ? `${step.words}: done` : free ? `Tick: ${step.words}` : `Open: ${step.words}`}
              aria-pressed={ticked}
              onClick={() =>
                free
                  ? write('stepTicked', { pointId: point.id, stepId: step.id, touches: step.touches, how: 'done' })
                  : onPick(i)
              }
            >
              {ticked ? <Check size={26} /> : held ? <Lock size={22} /> : null}
            </button>
            <span>
              {step.words}
              <small className="block soft">{[...chipsOf(step), ...(held && !ticked ? [held] : [])].join(' · ')}</small>
            </span>
          </li>
        );
      })}
    </ol>
  );
}
