'use client';
import { jobWords } from '@/words/screens';
import { Filled } from '../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { askedWhere, isAskedOfPlug } from '@/core/points';
import { useJob } from '../log/JobContext';

/**
 * Asks somebody who wrote nothing for long, while a mains proof of theirs stands or a plug is out by their word, whether they were at the work all the
 * time. Until it is answered their mains steps are held, and the answer is an entry.
 */
export function ComingBack() {
  const { keptJob, asker, write } = useJob();
  const asked = askedWhere(keptJob, asker);
  if (!asked && !isAskedOfPlug(keptJob, asker)) return null;
  const backAtThe = <b>{jobWords.backAtTheWork}</b>;
  return (
    <div className="held-step coming-back" role="alert">
      <Filled
        parts={
          asked
            ? jobWords.aMainsProofStands<ReactNode>({ backAtThe, way: asked.way ?? asked.name ?? jobWords.theCircuit })
            : jobWords.aPlugWasSeen<ReactNode>({ backAtThe })
        }
      />
      <div className="row-of block-top">
        <Button variant="secondary" onClick={() => write('stayedAtWork', {})}>
          {jobWords.iStoodAtIt}
        </Button>
        <Button variant="secondary" onClick={() => write('cameBack', {})}>
          {jobWords.iWasAwayProve}
        </Button>
      </div>
    </div>
  );
}
