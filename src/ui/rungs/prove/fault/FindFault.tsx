'use client';
import { faultWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { v7 } from 'uuid';
import { finderAt, openTrouble, type CheckAnswer } from '@/core/points';
import type { Check } from '@/core/prove';
import { useJob } from '../../../log/JobContext';

/** From a check that failed to its fault finder; nothing where a failure of it is no fault. */
export function FindFault({ check, answer }: { readonly check: Check; readonly answer: CheckAnswer }) {
  const { kept, write, go } = useJob();
  const symptom = finderAt(kept).symptomOf(check.id, answer.data);
  const open = openTrouble(kept);
  if (symptom === null || answer.data.result !== 'failed') return null;
  if (open && open.data.check !== check.id) return null;
  return (
    <Button
      onClick={() => {
        if (!open)
          write('troubleOpened', {
            troubleId: v7(),
            pointId: kept.id,
            symptom,
            check: check.id,
            ...(answer.data.reason ? { words: answer.data.reason } : {}),
          });
        go('prove', 'fault');
      }}
    >
      {faultWords.findTheFault}
    </Button>
  );
}
