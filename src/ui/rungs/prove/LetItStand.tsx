'use client';
import { proveWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { TEXT } from '@/core/kinds';
import type { CheckAnswer } from '@/core/points';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';

/** What failed is put right and done again, or somebody lets it stand and says why: the sheet has their words. */
export function LetItStand({ answer }: { readonly answer: CheckAnswer }) {
  const { point, write } = useJob();
  const [asking, setAsking] = useState(false);
  const accepted = point.accepted[answer.entryId];
  if (accepted)
    return (
      <p>
        {proveWords.letStandBy({ name: accepted.by.name, words: accepted.data.words })}{' '}
        <Button variant="link" onClick={() => write('entryStruck', { target: accepted.entryId })}>
          {proveWords.itIsToBePutRight}
        </Button>
      </p>
    );
  if (!asking)
    return (
      <Button variant="link" onClick={() => setAsking(true)}>
        {proveWords.letItStand}
      </Button>
    );
  return (
    <AskForm
      about={answer.entryId}
      fields={[textField('words', proveWords.whyItStands, undefined, { most: TEXT.long })]}
      submit={proveWords.letItStand}
      onSubmit={({ words }) => {
        write('failureAccepted', { pointId: point.id, of: answer.entryId, words });
        setAsking(false);
      }}
    />
  );
}
