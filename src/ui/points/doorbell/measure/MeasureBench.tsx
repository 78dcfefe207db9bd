'use client';
import { measureWords } from '@/words/screens';
import { useSay } from '../../../log/useSay';
import { useState } from 'react';
import { fallingVolts } from '@/core/bell';
import { LASTING_STATES, STATE_WORDS, type LastingState } from '@/core/catalogue';
import { BellLoop } from '../../../drawing/BellLoop';
import { FallingLine } from '../../../plot/FallingLine';
import { loopWords } from '../loopWords';
import { Choices } from '../../../form/Choices';
import { useDoorbell } from '../useDoorbell';
import { isBoxed, midwayWords } from '@/core/points';
import { capital } from '@/core/units';
import { BoxedChime } from './BoxedChime';
import { Contradictions } from './Contradictions';
import { DroopLine } from './DroopLine';
import { MeterFields } from './MeterFields';
import { NameplateFields } from './NameplateFields';
import { NothingToMeasure } from './NothingToMeasure';
import { ReadNext } from './ReadNext';
import { ReadingsFile } from './ReadingsFile';
import { ReadingTable } from './ReadingTable';
import { ResistorReading, RunningReading, StillReadings } from './ReadingFields';
import { ResistorAdvice } from './ResistorAdvice';
import { RunFields } from './RunFields';
import { TapFields } from './TapFields';

/** Everything that can be read, and what comes of it while it is typed. */
export function MeasureBench() {
  const { kept } = useDoorbell();
  // What somebody read all the same is never hidden
  if (kept.readings.some(({ data }) => data.what !== 'loopOhms')) return <Readings />;
  if (kept.toBeMade) return <NothingToMeasure />;
  return isBoxed(kept) ? <BoxedChime /> : <Readings />;
}

function Readings() {
  const say = useSay();
  const { job, point, assessment } = useDoorbell();
  const midway = midwayWords(point);
  const { known, reference } = assessment;
  const [picked, setState] = useState<LastingState | null>(null);
  const state = picked ?? reference.judgement.governing;
  return (
    <>
      <BellLoop words={loopWords(job, point, assessment, state)} />
      {known.guesses.length > 0 && (
        <p className="small soft">{measureWords.guessed({ guesses: known.guesses.map(say).join('; ') })}</p>
      )}
      <Contradictions />
      <section>
        <h2>{measureWords.whichReadingNext}</h2>
        <ReadNext />
      </section>
      <section>
        <h2>{measureWords.quickReadings}</h2>
        <StillReadings />
        <MeterFields />
        <div className="fields two-groups block-top">
          <NameplateFields />
        </div>
        <TapFields />
      </section>
      <div className="split">
        <section>
          <h2>{measureWords.voltsOnTheirWay}</h2>
          <FallingLine
            falling={fallingVolts(known, reference.change, state)}
            device={assessment.survey.device}
            words={`${say(reference.words)}, ${STATE_WORDS[state]}`}
          />
          <Choices
            label={measureWords.theDeviceIs}
            options={LASTING_STATES.map((value) => ({ value, words: STATE_WORDS[value] }))}
            chosen={state}
            onPick={setState}
          />
        </section>
        <section>
          <h2>{measureWords.whatHasBeenRead}</h2>
          <ReadingTable />
          <ReadingsFile />
        </section>
      </div>
      <div className="split">
        <section>
          <h2>{measureWords.howTheTransformerSags}</h2>
          <DroopLine />
        </section>
        <section>
          <h2>{measureWords.whileTheDeviceRuns}</h2>
          <RunningReading />
        </section>
      </div>
      <section>
        <h2>{measureWords.wire}</h2>
        <div className="halves">
          <RunFields run="toChime" legend={measureWords.transformerTo({ midway })} />
          <RunFields run="toDoor" legend={measureWords.toDoor({ midway: capital(midway) })} />
        </div>
      </section>
      <section>
        <h2>{measureWords.underAKnownResistor}</h2>
        <ResistorAdvice />
        <ResistorReading />
        <p className="caution">{measureWords.resistorsAndTransformersGet}</p>
      </section>
    </>
  );
}
