'use client';
import { planWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { lengthsOf } from '@/core/job';
import { PRIVATE, closingSide, faultOf, isArea, sidesOf, type Corner, type Shape } from '@/core/site';
import { lengthText } from '@/core/units';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { useJob } from '../../../log/JobContext';
import { SideFields } from './SideFields';

interface ShapeProps {
  readonly shape: Shape;
  readonly name: string;
  readonly onReshape: (corners: readonly Corner[]) => void;
}

/** One shape: its sides and turns, how tall it is, what is wrong with it. */
export function ShapeFields({ shape, name, onReshape }: ShapeProps) {
  const { keptJob, write } = useJob();
  const lengths = lengthsOf(keptJob);
  const scope = { shapeId: shape.id };
  const { closingM, corners, tallM, eaveM, groundM } = shape;
  const { typed } = useFacts('shapeDrawn', scope, {
    ...(tallM === null ? {} : { tallM }),
    ...(closingM === null ? {} : { closingM }),
    eaveM,
    groundM,
  });
  const fault = faultOf(shape);
  const closed = isArea(shape);
  const closing = sidesOf(corners)[closingSide(corners)]?.lengthM ?? 0;
  const stands = shape.what === 'house' || tallM !== null || shape.what === 'window';
  return (
    <>
      <h3>{name}</h3>
      {fault && (
        <p className="brick" role="alert">
          {fault.fault === 'cross'
            ? planWords.wallsCross({ one: fault.sides[0] + 1, other: fault.sides[1] + 1 })
            : fault.fault === 'open'
              ? planWords.staysOpen({
                  off: lengthText(Math.abs(fault.offM), lengths),
                  longer: fault.offM > 0,
                  closing: lengthText(closing, lengths),
                })
              : planWords.noWall}
        </p>
      )}
      {closed && <SideFields corners={corners} onReshape={onReshape} />}
      <FieldGroup
        kind="shapeDrawn"
        scope={scope}
        fields={[
          ...(closed ? [typed('closingM')] : []),
          ...(stands ? [typed('tallM')] : []),
          ...(shape.what === 'house' ? [typed('eaveM')] : []),
          ...(PRIVATE.has(shape.what) || shape.what === 'path' ? [] : [typed('groundM')]),
        ]}
      />
      <Button variant="link" onClick={() => write('shapeDrawn', { ...scope, gone: 'yes' })}>
        {planWords.takeOff}
      </Button>
    </>
  );
}
