'use client';
import { planWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { lengthsOf } from '@/core/job';
import { isArea, sidesOf } from '@/core/site';
import { lengthText } from '@/core/units';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { useJob } from '../../../log/JobContext';

/** Where the point at hand hangs: on which wall of which house, and how far along it. */
export function OnWall() {
  const { keptJob, kept, write } = useJob();
  const lengths = lengthsOf(keptJob);
  const scope = { pointId: kept.id };
  const { typed } = useFacts('pointOnPlan', scope, kept.onPlan);
  const houses = keptJob.plan.shapes.filter(
    (shape) => isArea(shape) && (shape.what === 'house' || shape.what === 'shed'),
  );
  if (houses.length === 0) return null;
  const { shapeId, side } = kept.onPlan;
  return (
    <>
      <h3>{planWords.hangsOn({ point: kept.name })}</h3>
      {houses.map((house) => (
        <div key={house.id} className="choices" role="group" aria-label={planWords.wallOf}>
          {sidesOf(house.corners).map(({ lengthM }, i) => (
            <Button
              key={i}
              variant="choice"
              aria-pressed={shapeId === house.id && side === i}
              className={shapeId === house.id && side === i ? 'active' : ''}
              onClick={() =>
                write('pointOnPlan', { ...scope, shapeId: house.id, side: i, alongM: Number((lengthM / 2).toFixed(2)) })
              }
            >
              {planWords.wallNumber({ number: i + 1, length: lengthText(lengthM, lengths) })}
            </Button>
          ))}
        </div>
      ))}
      {shapeId !== undefined && <FieldGroup kind="pointOnPlan" scope={scope} fields={[typed('alongM')]} />}
    </>
  );
}
