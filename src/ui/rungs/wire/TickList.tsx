'use client';
import { wireWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { Check, Lock } from 'lucide-react';
import { isPlain, plainRun, type StepStanding } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { chipsOf } from './chips';
import { tickOf } from './tickOf';

interface Props {
  readonly steps: readonly StepStanding[];
  readonly onPick: (at: number) => void;
}

/** All steps with a large tick each; one that is held, or switches something, is opened instead. */
export function TickList({ steps, onPick }: Props) {
  const say = useSay();
  const { point, write } = useJob();
  const together = plainRun(steps);
  const tick = (standing: StepStanding) => write('stepTicked', { ...tickOf(point.id, standing), how: 'done' });
  return (
    <>
      {together.length > 1 && (
        <Button variant="secondary" data-testid="tick-together" onClick={() => together.forEach(tick)}>
          <Check size={18} aria-hidden="true" /> {wireWords.nextDone({ steps: together.length })}
        </Button>
      )}
      <ol className="tick-list" data-testid="tick-list">
        {steps.map((standing, i) => {
          const { step, licensed, ticked, held } = standing;
          const free = isPlain(standing);
          return (
            <li key={step.id}>
              <Button
                variant="bare"
                className="tick"
                aria-label={
                  ticked
                    ? wireWords.done3({ words: say(step.words) })
                    : free
                      ? wireWords.tick({ words: say(step.words) })
                      : wireWords.open({ words: say(step.words) })
                }
                aria-pressed={ticked}
                onClick={() => (free ? tick(standing) : onPick(i))}
              >
                {ticked ? <Check size={26} /> : held ? <Lock size={22} /> : null}
              </Button>
              <span>
                {say(step.words)}
                <small className="block soft">
                  {[...chipsOf(step, licensed), ...(held && !ticked ? [held] : [])].map(say).join(' · ')}
                </small>
              </span>
            </li>
          );
        })}
      </ol>
    </>
  );
}
