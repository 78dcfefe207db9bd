'use client';
import { jobWords } from '@/words/screens';
import { Filled } from '../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { useEffect, useState } from 'react';
import { circuitsOfPoint } from '@/core/points';
import { useJob } from '../log/JobContext';

/** A look at another program for less than this is no absence. */
const AWAY_MS = 60_000;

/**
 * Asks on coming back whether somebody was away from the work, while a mains proof stands. It runs no stopwatch on the
 * proof: whoever stood at the box all the time says so.
 */
export function ComingBack() {
  const { keptJob, point, write } = useJob();
  const proved = circuitsOfPoint(keptJob, point).find(
    ({ state }) => state.state === 'provedDead' && state.mains !== null,
  );
  // Opening the job again is coming back
  const [asked, setAsked] = useState(proved !== undefined);
  useEffect(() => {
    let left: number | null = null;
    const changed = () => {
      if (document.visibilityState === 'hidden') left = Date.now();
      else if (left !== null && Date.now() - left > AWAY_MS) setAsked(true);
    };
    document.addEventListener('visibilitychange', changed);
    return () => document.removeEventListener('visibilitychange', changed);
  }, []);
  if (!asked || !proved) return null;
  return (
    <div className="held-step coming-back" role="alert">
      <Filled
        parts={jobWords.aMainsProofStands<ReactNode>({
          backAtThe: <b>{jobWords.backAtTheWork}</b>,
          way: proved.way ?? proved.name ?? jobWords.theCircuit,
        })}
      />
      <div className="row-of block-top">
        <Button
          variant="secondary"
          onClick={() => {
            write('cameBack', {});
            setAsked(false);
          }}
        >
          {jobWords.iWasAwayProve}
        </Button>
        <Button variant="link" onClick={() => setAsked(false)}>
          {jobWords.iStoodAtIt}
        </Button>
      </div>
    </div>
  );
}
