'use client';
import { measureWords } from '@/words/screens';
import { StillReadings } from './ReadingFields';
import { ReadNext } from './ReadNext';
import { RunFields } from './RunFields';
import { WorkedOutWay } from './WorkedOutWay';

/** Where chime and transformer are one housing: it goes as one, and the wire to the door alone is worth a reading. */
export function BoxedChime() {
  return (
    <>
      <p>{measureWords.chimeAndTransformerSit}</p>
      <section>
        <h2>{measureWords.whichReadingNext}</h2>
        <ReadNext />
        <StillReadings />
      </section>
      <div className="split">
        <WorkedOutWay />
        <section>
          <h2>{measureWords.wire}</h2>
          <RunFields run="toDoor" legend={measureWords.housingToDoor} />
        </section>
      </div>
    </>
  );
}
