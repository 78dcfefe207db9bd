'use client';
import { faultWords } from '@/words/screens';
import { useState } from 'react';
import { v7 } from 'uuid';
import { TEXT } from '@/core/kinds';
import { finderAt } from '@/core/points';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { AskForm } from '../../../form/AskForm';
import { Choices } from '../../../form/Choices';
import { optional, textField } from '../../../form/fields';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';

/** What is complained of, in the customer’s words: from here on a fault is looked for. */
export function StartTrouble() {
  const say = useSay();
  const { kept, write } = useJob();
  const symptoms = finderAt(kept).symptoms(kept);
  const [symptom, pick] = useState<(typeof symptoms)[number] | null>(null);
  return (
    <section className="fault-start">
      <Choices
        label={faultWords.whatIsComplainedOf}
        options={symptoms.map((one) => ({ value: one, words: capital(say(said('complaint', { symptom: one }))) }))}
        chosen={symptom ?? undefined}
        onPick={pick}
      />
      {symptom && (
        <AskForm
          main
          about="trouble"
          fields={[optional(textField('words', faultWords.asTheCustomerTold, undefined, { most: TEXT.long }))]}
          submit={faultWords.lookForIt}
          onSubmit={({ words }) =>
            write('troubleOpened', { troubleId: v7(), pointId: kept.id, symptom, ...(words ? { words } : {}) })
          }
        />
      )}
    </section>
  );
}
