'use client';
import { yardWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { TEXT } from '@/core/kinds';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';

interface Props {
  readonly targetId: string;
  /** That it is missed, what is asked of who lets it stand, and what they said. */
  readonly lost: string;
  readonly why: string;
  readonly stands: (said: { readonly who: string; readonly words: string }) => string;
}

/** Something that is missed as a point hangs: put right, or somebody lets it stand and says why. */
export function LetMissStand({ targetId, lost, why, stands }: Props) {
  const { kept, write } = useJob();
  const [asking, setAsking] = useState(false);
  const accepted = kept.missesAccepted[targetId];
  if (accepted)
    return (
      <p>
        {stands({ who: accepted.by.name, words: accepted.data.words })}{' '}
        <Button variant="link" onClick={() => write('entryStruck', { target: accepted.entryId })}>
          {yardWords.toBeAimedAgain}
        </Button>
      </p>
    );
  if (!asking)
    return (
      <p>
        <b className="brick">{lost}</b>{' '}
        <Button variant="link" onClick={() => setAsking(true)}>
          {yardWords.letItStand}
        </Button>
      </p>
    );
  return (
    <AskForm
      about={`miss-${targetId}`}
      fields={[textField('words', why, undefined, { most: TEXT.long })]}
      submit={yardWords.letItStand}
      onSubmit={({ words }) => {
        write('missAccepted', { pointId: kept.id, targetId, words });
        setAsking(false);
      }}
    />
  );
}
