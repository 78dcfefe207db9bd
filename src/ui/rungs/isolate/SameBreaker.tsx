'use client';
import { Button } from 'react-bootstrap';
import { useSay, useTerms } from '../../log/useSay';
import type { Circuit } from '@/core/house';
import { fedNames } from '@/core/points';
import { useJob } from '../../log/JobContext';

/** Asks whether two circuits that were named apart are one breaker: a question to each that may be the same. */
export function SameBreaker({ circuit }: { readonly circuit: Circuit }) {
  const say = useSay();
  const { keptJob, write } = useJob();
  const words = useTerms();
  const others = keptJob.circuits.filter(({ id }) => circuit.toCompare.includes(id));
  return others.map((other) => {
    const tell = (same: 'yes' | 'no') => write('circuitsCompared', { circuitId: circuit.id, otherId: other.id, same });
    return (
      <section key={other.id} className="asked-same" aria-label={`The same ${words.way}?`}>
        <p>
          <b>
            Is it the same {words.way} as {other.way} that feeds {say(fedNames(keptJob, other))}?
          </b>{' '}
          Until you say so, what is seen of one ends the proof of the other, and nothing else is shared.
        </p>
        <div className="row-of">
          <Button onClick={() => tell('yes')}>Yes, one {words.way}</Button>
          <Button variant="secondary" onClick={() => tell('no')}>
            No, on another {words.board}
          </Button>
        </div>
      </section>
    );
  });
}
