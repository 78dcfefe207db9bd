'use client';
import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import { answer, isErased } from '@/contract/answers';
import { jobWords, leaveWords } from '@/words/screens';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { call, NotTaken } from '../../log/api';
import { useJob } from '../../log/JobContext';
import { forgetJob } from '../../log/shelf';
import { useCrew } from '../../crew/CrewContext';

/** Destroys what tells of the customer, for good; the record of what was built and proved stays. */
export function EraseCustomer() {
  const { job } = useJob();
  const { who } = useCrew();
  const [fault, setFault] = useState<string | null>(null);
  if (job.erasedAt !== null)
    return (
      <p data-testid="erased">
        {leaveWords.customerErased({ at: format(parseISO(job.erasedAt), 'd MMM yyyy HH:mm') })}
      </p>
    );
  const erase = async (title: string): Promise<boolean> => {
    if (!who) {
      setFault(jobWords.sayAtTheTop);
      return false;
    }
    try {
      const { id, name } = who;
      await call(`/jobs/${job.id}/erase`, answer(isErased), { method: 'POST', body: { by: { id, name }, title } });
    } catch (error) {
      setFault(error instanceof NotTaken ? error.message : String(error));
      return false;
    }
    await forgetJob(job.id).catch(() => undefined);
    window.location.reload();
    return true;
  };
  return (
    <details className="block-top">
      <summary>{leaveWords.eraseTheCustomer}</summary>
      <p className="small">{leaveWords.whatErasingDoes}</p>
      <AskForm
        fields={[textField('title', leaveWords.titleToBeSure({ title: job.title }), undefined)]}
        submit={leaveWords.eraseForGood}
        onSubmit={({ title }) => erase(title)}
      />
      {fault !== null && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </details>
  );
}
