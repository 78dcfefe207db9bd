'use client';
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
      {known.guesses.length > 0 && <p className="small soft">Guessed: {known.guesses.map(say).join('; ')}.</p>}
      <Contradictions />
      <section>
        <h2>Which reading next</h2>
        <ReadNext />
      </section>
      <section>
        <h2>Quick readings</h2>
        <StillReadings />
        <MeterFields />
        <div className="fields two-groups block-top">
          <NameplateFields />
        </div>
        <TapFields />
      </section>
      <div className="split">
        <section>
          <h2>Volts on their way to the door</h2>
          <FallingLine
            falling={fallingVolts(known, reference.change, state)}
            device={assessment.survey.device}
            words={`${say(reference.words)}, ${STATE_WORDS[state]}`}
          />
          <Choices
            label="the device is"
            options={LASTING_STATES.map((value) => ({ value, words: STATE_WORDS[value] }))}
            chosen={state}
            onPick={setState}
          />
        </section>
        <section>
          <h2>What has been read</h2>
          <ReadingTable />
          <ReadingsFile />
        </section>
      </div>
      <div className="split">
        <section>
          <h2>How the transformer sags</h2>
          <DroopLine />
        </section>
        <section>
          <h2>While the device runs</h2>
          <RunningReading />
        </section>
      </div>
      <section>
        <h2>Wire</h2>
        <div className="halves">
          <RunFields run="toChime" legend={`Transformer to ${midway}`} />
          <RunFields run="toDoor" legend={`${capital(midway)} to door`} />
        </div>
      </section>
      <section>
        <h2>Under a known resistor</h2>
        <ResistorAdvice />
        <ResistorReading />
        <p className="caution">Resistors and transformers get hot: read within seconds, then take it off.</p>
      </section>
    </>
  );
}
