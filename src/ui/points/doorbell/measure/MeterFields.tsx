'use client';
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
        The meter: ± {percent ?? METER.percent} % and {counts ?? METER.counts} counts,{' '}
        {trueRms === 'no' ? 'not true-rms' : 'true-rms'}
        {percent === undefined && counts === undefined && trueRms === undefined ? ', as an ordinary one' : ''}
      </summary>
      <p className="soft">
        It stands in the meter’s sheet as “±(1 % + 3)”. One that is not true-rms reads up to 0.7 V high while a device
        runs.
      </p>
      <FieldGroup kind="meterDescribed" scope={{}} fields={[typed('percent'), typed('counts')]} />
      {ask('trueRms')}
    </details>
  );
}
