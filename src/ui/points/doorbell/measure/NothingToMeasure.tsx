'use client';
import { measureWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { answerName } from '@/core/kinds';
import { useSay } from '../../../log/useSay';
import { useDoorbell } from '../useDoorbell';
import { RunFields } from './RunFields';
import { WorkedOutWay } from './WorkedOutWay';

/** Where there was no bell nothing can be read before the new supply stands: what it will do is worked out. */
export function NothingToMeasure() {
  const say = useSay();
  const { point, go } = useDoorbell();
  const { from } = point.supply;
  return (
    <>
      <p>
        {measureWords.thereWasNoBell({
          sayAtLook:
            from === undefined
              ? measureWords.sayAtLookWhere
              : measureWords.theSupplyComesFrom({ answerName: say(answerName('supplyPlanned', 'from', from)) }),
        })}
      </p>
      {from === undefined && <Button onClick={() => go('look', 'supply')}>{measureWords.sayWhereItComes}</Button>}
      {from !== undefined && from !== 'battery' && (
        <div className="split">
          <WorkedOutWay />
          <section>
            <h2>{measureWords.theNewCable}</h2>
            <RunFields run="toDoor" legend={measureWords.supplyToDoorWhere} />
          </section>
        </div>
      )}
    </>
  );
}
