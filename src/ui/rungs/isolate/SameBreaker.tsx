'use client';
import { isolateWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
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
      <section key={other.id} className="asked-same" aria-label={isolateWords.theSame({ way: words.way })}>
        <p>
          <Filled
            parts={isolateWords.untilYouSaySo<ReactNode>({
              isItThe: (
                <b>
                  <Filled
                    parts={isolateWords.isItTheSame<ReactNode>({
                      way: words.way,
                      way2: other.way,
                      fedNames: say(fedNames(keptJob, other)),
                    })}
                  />
                </b>
              ),
            })}
          />
        </p>
        <div className="row-of">
          <Button onClick={() => tell('yes')}>{isolateWords.yesOne({ way: words.way })}</Button>
          <Button variant="secondary" onClick={() => tell('no')}>
            {isolateWords.noOnAnother({ board: words.board })}
          </Button>
        </div>
      </section>
    );
  });
}
