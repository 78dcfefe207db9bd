'use client';
import { useEffect, useRef, type ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { yardWords } from '@/words/screens';

interface Props {
  readonly what: string;
  readonly value: string;
  /** What stands beneath: what was planned, and what is to go. */
  readonly children?: ReactNode;
  readonly onStep: (by: number) => void;
}

/** Held so long, a step is ten; and again each so long. */
const HOLD_MS = 500;
const MANY = 10;

/** A figure that is stepped by one a tap, by ten while it is held; its ends are wide enough for a glove. */
export function Stepper({ what, value, children, onStep }: Props) {
  return (
    <div className="stepper" role="group" aria-label={what}>
      <StepEnd name={yardWords.less({ what })} sign="−" by={-1} onStep={onStep} />
      <div>
        <p>
          <span className="small soft">{what}</span>
          <b className="figure">{value}</b>
        </p>
        {children}
      </div>
      <StepEnd name={yardWords.more({ what })} sign="+" by={1} onStep={onStep} />
    </div>
  );
}

interface EndProps {
  readonly name: string;
  readonly sign: string;
  readonly by: number;
  readonly onStep: (by: number) => void;
}

function StepEnd({ name, sign, by, onStep }: EndProps) {
  const timer = useRef<ReturnType<typeof setInterval> | null>(null);
  const wasHeld = useRef(false);
  // What is held steps from where it stands by then
  const step = useRef(onStep);
  useEffect(() => {
    step.current = onStep;
  });
  const letGo = () => {
    if (timer.current) clearInterval(timer.current);
    timer.current = null;
  };
  useEffect(() => letGo, []);
  return (
    <Button
      variant="secondary"
      aria-label={name}
      onPointerDown={() => {
        letGo();
        wasHeld.current = false;
        timer.current = setInterval(() => {
          wasHeld.current = true;
          step.current(by * MANY);
        }, HOLD_MS);
      }}
      onPointerUp={letGo}
      onPointerLeave={letGo}
      onPointerCancel={letGo}
      onClick={() => {
        if (!wasHeld.current) onStep(by);
        wasHeld.current = false;
      }}
    >
      {sign}
    </Button>
  );
}
