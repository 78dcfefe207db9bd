'use client';
import { lookWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { TimeField } from '../../form/TimeField';
import { useJob } from '../../log/JobContext';

const PICKER = "yyyy-MM-dd'T'HH:mm";

/** When somebody is expected there. */
export function VisitTime() {
  const { keptJob, write } = useJob();
  const { expectedAt } = keptJob;
  const shown = expectedAt === null ? '' : format(parseISO(expectedAt), PICKER);
  return (
    <div className="fields">
      <TimeField
        key={shown}
        label={lookWords.expectedThere}
        shown={shown}
        onPick={(value) => {
          if (value === shown) return;
          write('visitPlanned', { expectedAt: value === '' ? null : new Date(value).toISOString() });
        }}
      />
    </div>
  );
}
