'use client';
import { doorWords, doorbellWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { boxItemsIn } from '@/core/catalogue';
import { boxRoom, roomCures } from '@/core/junction';
import { regionOf } from '@/core/job';
import { TRANSFORMER_ADDED, boxSurveyOf, isBoxed } from '@/core/points';
import { useNarrow } from '../../frame/useNarrow';
import { CureLines } from '../box/CureLines';
import { BoxBench } from '../box/BoxBench';
import { AtTheDoor } from './atDoor/AtTheDoor';
import { MeasureBench } from './measure/MeasureBench';
import { useDoorbell } from './useDoorbell';

/** The bell circuit, and below it the box that the transformer’s mains side sits on. */
export function DoorbellMeasure() {
  const { kept } = useDoorbell();
  const narrow = useNarrow();
  const [picked, setPicked] = useState<'door' | 'all' | null>(null);
  // On a phone one reading at a time, on a desk all of them; either way the other is a tap away
  const view = picked ?? (narrow ? 'door' : 'all');
  const canAsk = !kept.toBeMade && !isBoxed(kept);
  if (canAsk && view === 'door') return <AtTheDoor onAll={() => setPicked('all')} />;
  return (
    <>
      {canAsk && (
        <Button variant="link" onClick={() => setPicked('door')}>
          {doorWords.oneAtATime}
        </Button>
      )}
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
