'use client';
import { leaveWords } from '@/words/screens';
import { CalendarPlus } from 'lucide-react';
import { DUE_DAYS } from '@/core/kinds';
import { dueOf } from '@/core/points';
import { DayField } from '../../form/DayField';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';

/** Days that come due once it is left, what was told with it, and the calendar that holds them. */
export function WhatComesDue() {
  const { kept, keptJob, write } = useJob();
  const { handover } = kept;
  const scope = { pointId: kept.id };
  const { ask, called, typed } = useFacts('handoverDescribed', scope, handover);
  const due = dueOf(keptJob).length;
  return (
    <section data-testid="comes-due">
      <h2>{leaveWords.whatComesDue}</h2>
      <div className="fields">
        {DUE_DAYS.map((day) => (
          <DayField
            key={day}
            label={called(day)}
            shown={handover[day] ?? ''}
            onPick={(picked) => write('handoverDescribed', { ...scope, [day]: picked })}
          />
        ))}
      </div>
      {ask('noticeSign')}
      {ask('neighboursTold')}
      <FieldGroup kind="handoverDescribed" scope={scope} fields={[typed('leftOver')]} />
      {due > 0 && (
        <p>
          <a
            className="btn btn-secondary"
            href={`/api/v1/jobs/${keptJob.id}/calendar`}
            download={`${keptJob.title}.ics`}
          >
            <CalendarPlus size={18} aria-hidden="true" /> {leaveWords.calendar({ due })}
          </a>
        </p>
      )}
    </section>
  );
}
