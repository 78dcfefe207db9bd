'use client';
import { proveWords } from '@/words/screens';
import { differenceInMinutes, parseISO } from 'date-fns';
import { Check as Tick } from 'lucide-react';
import { Button } from 'react-bootstrap';
import { PAIRING_TRIES, pairingTryName } from '@/core/prove';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';

/** What is tried where a device won’t join, in order: each a tick with its minutes since the first. */
export function PairingTries() {
  const say = useSay();
  const { kept, write } = useJob();
  const [first] = kept.tried;
  return (
    <ol className="plain-list" data-testid="pairing-tries">
      {PAIRING_TRIES.map((what) => {
        const done = kept.tried.filter((one) => one.what === what).at(-1);
        return (
          <li key={what} className="row-of">
            <Button
              variant="secondary"
              aria-pressed={done !== undefined}
              onClick={() =>
                done
                  ? write('entryStruck', { target: done.entryId })
                  : write('pairingTried', { pointId: kept.id, what })
              }
            >
              {done && <Tick size={18} aria-hidden="true" />} {say(pairingTryName(what))}
            </Button>
            {done && first && (
              <span className="small soft">
                {proveWords.minutesIn({ minutes: differenceInMinutes(parseISO(done.at), parseISO(first.at)) })}
              </span>
            )}
          </li>
        );
      })}
    </ol>
  );
}
