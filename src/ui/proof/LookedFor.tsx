'use client';
import { isolateWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import type { Circuit } from '@/core/house';
import { useFacts } from '../form/useFacts';
import { useJob } from '../log/JobContext';

/** What else may come into a box beside a circuit: a second feed, a shared neutral. */
export function OtherFeeds({ circuit }: { readonly circuit: Circuit }) {
  const { write } = useJob();
  const { id: circuitId, otherInBox, sharedNeutral } = circuit;
  const { ask } = useFacts(
    'circuitListed',
    { circuitId },
    { ...(otherInBox ? { otherInBox } : {}), ...(sharedNeutral ? { sharedNeutral } : {}) },
  );
  return (
    <>
      {ask('otherInBox')}
      {ask('sharedNeutral')}
      {!otherInBox && !sharedNeutral && (
        <p className="row-of">
          <Button
            variant="secondary"
            onClick={() => write('circuitListed', { circuitId, otherInBox: 'no', sharedNeutral: 'no' })}
          >
            {isolateWords.lookedNoToBoth}
          </Button>
        </p>
      )}
    </>
  );
}

/** A second feed and a shared neutral: what is not known is no pass, so the proof itself asks for them. */
export function LookedFor({ circuit }: { readonly circuit: Circuit }) {
  return circuit.lookedAt === null && <OtherFeeds circuit={circuit} />;
}
