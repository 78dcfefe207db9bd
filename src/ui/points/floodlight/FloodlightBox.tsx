'use client';
import { floodlightWords } from '@/words/screens';
import { NOTHING_ADDED, boxRoom } from '@/core/junction';
import { regionOf } from '@/core/job';
import { boxSurveyOf, fixtureOf, missingAtBox } from '@/core/points';
import { BoxBench } from '../box/BoxBench';
import { useFloodlight } from './useFloodlight';

/** The box that a floodlight hangs on. Before a fixture is chosen it is counted with what is in it now. */
export function FloodlightBox() {
  const { job, point, kept } = useFloodlight();
  const standing = fixtureOf(point);
  return (
    <BoxBench
      place="box"
      missing={missingAtBox(kept)[0]}
      room={standing ? standing.room : boxRoom(boxSurveyOf(point), NOTHING_ADDED, regionOf(job).boxRoom)}
      counted={standing ? null : floodlightWords.asItIsNow}
      cures={null}
      rules
    />
  );
}
