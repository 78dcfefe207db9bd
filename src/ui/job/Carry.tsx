'use client';
import { jobWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../log/useSay';
import { failuresOf, openTrouble, partsOf, worriesOf } from '@/core/points';
import { FailedTag } from '../verdict/FailedTag';
import { TroubleTag } from '../verdict/TroubleTag';
import { CircuitPlates } from '../verdict/CircuitPlate';
import { useJob } from '../log/JobContext';
import { FACES } from '../points/faces';

/** What answers on every rung: is it live, does it hold, what would settle it, the figures, the worries, the parts. */
export function Carry() {
  const say = useSay();
  const { job, point, assessment, go } = useJob();
  const { Carried } = FACES[point.kind];
  const worries = worriesOf(job, point, assessment);
  const parts = partsOf(job, point);
  const failures = failuresOf(point);
  const trouble = openTrouble(point);
  return (
    <>
      <CircuitPlates job={job} point={point} />
      {/* What its finder looks for is told once */}
      <FailedTag failures={failures.filter(({ check }) => check.id !== trouble?.data.check)} />
      {trouble ? <TroubleTag trouble={trouble} /> : <Carried />}
      {worries.length > 0 && (
        <section>
          <h2>{jobWords.worries}</h2>
          <ul className="worries">
            {worries.map((worry) => (
              <li key={worry.id}>
                <b className="brick" aria-hidden="true">
                  !
                </b>{' '}
                <Button variant="worry" onClick={() => go(worry.rung, worry.area)}>
                  {say(worry.words)}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {parts.length > 0 && (
        <section>
          <h2>{jobWords.toBring}</h2>
          <div className="small">{parts.map(say).join(' · ')}</div>
        </section>
      )}
    </>
  );
}
