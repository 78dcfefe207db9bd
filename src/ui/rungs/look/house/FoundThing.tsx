'use client';
import { houseWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import { useState } from 'react';
import { v7 } from 'uuid';
import { foundBy, loneThings } from '@/core/job';
import type { ThingKind } from '@/core/kinds';
import { AskForm } from '../../../form/AskForm';
import { Choices, optionsOf } from '../../../form/Choices';
import { textField } from '../../../form/fields';
import { useJob } from '../../../log/JobContext';

export const THING_WORDS: Readonly<Record<ThingKind, string>> = {
  supply: houseWords.aTransformer,
  chime: houseWords.aChime,
  box: houseWords.aBox,
};
const FIELDS = [textField('name', houseWords.whatItIsCalled, undefined, { hint: houseWords.transformerInTheAttic })];

/** A transformer, chime or box that was found and nothing hangs on yet; it can be taken away again. */
export function FoundThing() {
  const say = useSay();
  const { keptJob, log, write } = useJob();
  const [thing, setThing] = useState<ThingKind>('supply');
  const lone = loneThings(keptJob);
  return (
    <details open={lone.length > 0}>
      <summary>{houseWords.aFurtherTransformerChime}</summary>
      <Choices
        label={houseWords.itIs}
        options={optionsOf(THING_WORDS)}
        chosen={thing}
        onPick={(picked) => picked && setThing(picked)}
      />
      <AskForm
        fields={FIELDS}
        submit={houseWords.putItIntoThe}
        onSubmit={({ name }) => write('thingFound', { thingId: v7(), thing, name })}
      />
      <ul className="plain-list">
        {lone.map(({ id, name }) => {
          const entry = foundBy(log.entries, id);
          return (
            <li key={id}>
              {houseWords.nothingHangsOnIt({ name: say(name) })}{' '}
              {entry && (
                <Button variant="link" onClick={() => write('entryStruck', { target: entry.id })}>
                  {houseWords.takeAway({ name: say(name) })}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </details>
  );
}
