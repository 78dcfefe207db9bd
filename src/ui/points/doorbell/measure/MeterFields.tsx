'use client';
import { measureWords } from '@/words/screens';
import { METER } from '@/core/bell';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { useDoorbell } from '../useDoorbell';

/** The meter, asked once: its accuracy goes with every reading that is taken from now on. */
export function MeterFields() {
  const { keptJob } = useDoorbell();
  const { percent, counts, trueRms } = keptJob.meter;
  const { ask, typed } = useFacts('meterDescribed', {}, keptJob.meter);
  return (
    <details>
      <summary>
        {measureWords.theMeterAndCounts({
          percent: percent ?? METER.percent,
          counts: counts ?? METER.counts,
          notTrueRms: trueRms === 'no' ? measureWords.notTrueRms : measureWords.trueRms,
          asAnOrdinary:
            percent === undefined && counts === undefined && trueRms === undefined ? measureWords.asAnOrdinaryOne : '',
        })}
      </summary>
      <p className="soft">{measureWords.itStandsInThe}</p>
      <FieldGroup kind="meterDescribed" scope={{}} fields={[typed('percent'), typed('counts')]} />
      {ask('trueRms')}
    </details>
  );
}
