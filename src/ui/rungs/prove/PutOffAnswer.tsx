'use client';
import { proveWords } from '@/words/screens';
import { addDays, format } from 'date-fns';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import type { Check } from '@/core/prove';
import { DayField } from '../../form/DayField';
import { useJob } from '../../log/JobContext';
import { now } from '../../log/clock';
import { duskOf } from '../../seeing/almanac';

const DAY = 'yyyy-MM-dd';

/** A check that needs the dark: when dusk is today, and to which day it is put off, for whom. */
export function PutOffAnswer({ check }: { readonly check: Check }) {
  const { keptJob, kept, write } = useJob();
  const [today] = useState(() => new Date(now()));
  const [on, setOn] = useState(() => format(addDays(today, 1), DAY));
  const { onEarth } = keptJob.plan;
  const dusk = onEarth && duskOf(today, onEarth);
  const putOff = (by: 'crew' | 'customer') => write('checkPutOff', { pointId: kept.id, check: check.id, on, by });
  return (
    <div data-testid="put-off">
      {dusk && (
        <p className="small">
          {(today < dusk ? proveWords.duskToday : proveWords.afterDusk)({ time: format(dusk, 'HH:mm') })}
        </p>
      )}
      <div className="fields">
        <DayField label={proveWords.putOffTo} shown={on} onPick={(day) => setOn(day ?? on)} />
      </div>
      <div className="row-of">
        <Button variant="secondary" onClick={() => putOff('crew')}>
          {proveWords.weComeBack}
        </Button>
        <Button variant="secondary" onClick={() => putOff('customer')}>
          {proveWords.customerSendsPicture}
        </Button>
      </div>
    </div>
  );
}
