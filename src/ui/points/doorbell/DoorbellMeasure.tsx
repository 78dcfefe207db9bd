'use client';
import { doorbellWords } from '@/words/screens';
import { boxItemsIn } from '@/core/catalogue';
import { boxRoom, roomCures } from '@/core/junction';
import { regionOf } from '@/core/job';
import { TRANSFORMER_ADDED, boxSurveyOf } from '@/core/points';
import { CureLines } from '../box/CureLines';
import { BoxBench } from '../box/BoxBench';
import { MeasureBench } from './measure/MeasureBench';
import { useDoorbell } from './useDoorbell';

/** The bell circuit, and below it the box that the transformer’s mains side sits on. */
export function DoorbellMeasure() {
  return (
    <>
      <MeasureBench />
      <details className="block-top transformer-box">
        <summary>{doorbellWords.theTransformersBoxRoom}</summary>
        <TransformerBox />
      </details>
    </>
  );
}

function TransformerBox() {
  const { job, point, catalogue } = useDoorbell();
  const { id, boxRoom: rule } = regionOf(job);
  const survey = boxSurveyOf(point);
  const room = boxRoom(survey, TRANSFORMER_ADDED, rule);
  return (
    <BoxBench
      place="transformer"
      missing={undefined}
      room={room}
      counted={doorbellWords.withATransformersPrimary}
      cures={
        room && !room.fits ? (
          <CureLines cures={roomCures(survey, TRANSFORMER_ADDED, rule, boxItemsIn(catalogue, id), false)} />
        ) : null
      }
      rules={false}
    />
  );
}
