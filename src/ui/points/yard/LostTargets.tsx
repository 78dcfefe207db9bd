'use client';
import { yardWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { TEXT } from '@/core/kinds';
import { lostTargets, type LostTarget } from '@/core/points';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';

/** What is missed as it hangs: aimed again, or somebody lets it stand and says why. */
export function LostTargets({ name }: { readonly name: (what: string) => string }) {
  const { keptJob, kept } = useJob();
  return lostTargets(keptJob, kept).map((one) => <Lost key={one.lost.target.id} one={one} name={name} />);
}

function Lost({ one, name }: { readonly one: LostTarget; readonly name: (what: string) => string }) {
  const { kept, write } = useJob();
  const [asking, setAsking] = useState(false);
  const { target } = one.lost;
  const what = name(target.what);
  if (one.accepted)
    return (
      <p>
        {yardWords.letStandBy({ what, who: one.accepted.by.name, words: one.accepted.data.words })}{' '}
        <Button variant="link" onClick={() => one.accepted && write('entryStruck', { target: one.accepted.entryId })}>
          {yardWords.toBeAimedAgain}
        </Button>
      </p>
    );
  if (!asking)
    return (
      <p>
        <b className="brick">{yardWords.isLost({ what })}</b>{' '}
        <Button variant="link" onClick={() => setAsking(true)}>
          {yardWords.letItStand}
        </Button>
      </p>
    );
  return (
    <AskForm
      about={`miss-${target.id}`}
      fields={[textField('words', yardWords.whyItMayBeMissed({ what }), undefined, { most: TEXT.long })]}
      submit={yardWords.letItStand}
      onSubmit={({ words }) => {
        write('missAccepted', { pointId: kept.id, targetId: target.id, words });
        setAsking(false);
      }}
    />
  );
}
