'use client';
import { proveWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { Check as Tick } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { openBeside, powerUpOf, type StillOff } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';
import { OpenPlaces } from '../../proof/OpenPlaces';
import { Freshness } from '../../proof/Freshness';

/** Switching on in its order: closed up, everybody clear, on whose word it is off, tag and lock off, on. */
export function PowerOn() {
  const say = useSay();
  const { keptJob, kept, asker, go, write } = useJob();
  const { off, openSteps } = powerUpOf(keptJob, kept);
  if (off.length === 0) return null;
  // Over an open splice, or somebody’s hands, nothing is said of a lever
  const isReady = openSteps === 0 && openBeside(keptJob, kept, asker).length === 0;
  return (
    <section className="switch-on" data-testid="power-on">
      <h2>{proveWords.powerOn}</h2>
      <ol className="power-up">
        <Stage done={openSteps === 0}>
          {openSteps === 0 ? (
            proveWords.allStepsAreTicked
          ) : (
            <Button variant="link" className="brick" onClick={() => go('wire')}>
              {proveWords.notTickedCloseUp({
                oneStepOf: openSteps === 1 ? proveWords.oneStepOfWire : proveWords.stepsOfWireAre({ open: openSteps }),
              })}
            </Button>
          )}
        </Stage>
        <Stage done={false}>
          <p className="caution">{proveWords.everySpliceClosedAnd}</p>
          <OpenPlaces />
          <Freshness />
        </Stage>
        {off.map((circuit) => (
          <Stage key={circuit.circuitId} done={false}>
            <Guarded off={circuit} isNext={isReady} />
            {isReady && (
              <div className="row-of">
                <Button
                  onClick={() => write('circuitSwitched', { circuitId: circuit.circuitId, to: 'on', tagged: false })}
                >
                  {proveWords.isOn({ way: say(circuit.way) })}
                </Button>
              </div>
            )}
          </Stage>
        ))}
      </ol>
    </section>
  );
}

const Stage = ({ done, children }: { readonly done: boolean; readonly children: ReactNode }) => (
  <li>
    <div className={done ? 'row-of' : undefined}>
      {children}
      {done && <Tick className="moss" size={20} aria-hidden="true" />}
    </div>
  </li>
);

/** On whose word a circuit is off, and what comes off before its lever goes up. */
function Guarded({ off: { way, since, tagged, guard }, isNext }: { readonly off: StillOff; readonly isNext: boolean }) {
  const say = useSay();
  if (!since) return <p>{proveWords.nobodySaidHow({ way: say(way) })}</p>;
  const { byName: name, at } = since;
  return (
    <p>
      {proveWords.offOnWord({ way: say(way), name, when: format(parseISO(at), 'd MMM HH:mm') })}{' '}
      {isNext && (
        <b>
          {[
            tagged ? proveWords.tagOff : '',
            guard === 'locked' ? proveWords.lockOffByHolder({ name }) : '',
            guard === 'fuseOut' ? proveWords.fuseBackIn : '',
            guard === 'watched' ? proveWords.watchEnds : '',
            proveWords.thenLever,
          ]
            .filter(Boolean)
            .join(' ')}
        </b>
      )}
    </p>
  );
}
