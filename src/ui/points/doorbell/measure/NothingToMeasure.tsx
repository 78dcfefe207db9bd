'use client';
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
        There was no bell here: no nameplate, no chime and no old wire to read.{' '}
        {from === undefined
          ? 'Say at Look where a supply can come from.'
          : `The supply comes from ${say(answerName('supplyPlanned', 'from', from))}; its open volts are read at Prove, before anything hangs on it.`}
      </p>
      {from === undefined && <Button onClick={() => go('look', 'supply')}>Say where it comes from</Button>}
      {from !== undefined && from !== 'battery' && (
        <div className="split">
          <WorkedOutWay />
          <section>
            <h2>The new cable</h2>
            <RunFields run="toDoor" legend="Supply to door, where it differs from its way at Look" />
          </section>
        </div>
      )}
    </>
  );
}
