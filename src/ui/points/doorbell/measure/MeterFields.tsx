'use client';
import { LIMITS } from '@/core/kinds';
import { METER } from '@/core/bell';
import { Choices } from '../../../kit/form/Choices';
import { figureField } from '../../../kit/form/fields';
import { FieldGroup } from '../../../kit/form/FieldGroup';
import { useDoorbell } from '../useDoorbell';

const RMS = [
  { value: 'yes', words: 'reads true-rms' },
  { value: 'no', words: 'does not' },
] as const;

const PERCENT = { unit: '%', unitWords: ['%', 'percent'], ...LIMITS.meterPercent, zeroAllowed: true };
const COUNTS = { unit: 'counts', unitWords: ['counts', 'count', 'digits'], ...LIMITS.meterCounts, zeroAllowed: true };

/** The meter, asked once: its accuracy goes with every reading that is taken from now on. */
export function MeterFields() {
  const { keptJob, write } = useDoorbell();
  const { percent, counts, trueRms } = keptJob.meter;
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
      <FieldGroup
        kind="meterDescribed"
        scope={{}}
        fields={[
          figureField('percent', 'accuracy', PERCENT, percent),
          figureField('counts', 'counts of the last digit', COUNTS, counts),
        ]}
      />
      <Choices
        label="on a flattened wave it"
        options={RMS}
        chosen={trueRms}
        onPick={(value) => write('meterDescribed', { trueRms: value ?? null })}
      />
    </details>
  );
}
