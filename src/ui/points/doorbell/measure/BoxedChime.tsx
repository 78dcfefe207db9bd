'use client';
import { StillReadings } from './ReadingFields';
import { ReadNext } from './ReadNext';
import { RunFields } from './RunFields';
import { WorkedOutWay } from './WorkedOutWay';

/** Where chime and transformer are one housing: it goes as one, and the wire to the door alone is worth a reading. */
export function BoxedChime() {
  return (
    <>
      <p>
        Chime and transformer sit in one housing here: they are one choice, and opening it is mains work. What it gives
        now decides nothing, whatever you read: a new transformer takes its place, and its open volts are read at Prove.
      </p>
      <section>
        <h2>Which reading next</h2>
        <ReadNext />
        <StillReadings />
      </section>
      <div className="split">
        <WorkedOutWay />
        <section>
          <h2>Wire</h2>
          <RunFields run="toDoor" legend="Housing to door" />
        </section>
      </div>
    </>
  );
}
