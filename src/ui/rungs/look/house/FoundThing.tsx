'use client';
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
  supply: 'a transformer',
  chime: 'a chime',
  box: 'a box',
};
const FIELDS = [textField('name', 'what it is called here', undefined, { hint: 'transformer in the attic' })];

/** A transformer, chime or box that was found and nothing hangs on yet; it can be taken away again. */
export function FoundThing() {
  const say = useSay();
  const { keptJob, log, write } = useJob();
  const [thing, setThing] = useState<ThingKind>('supply');
  const lone = loneThings(keptJob);
  return (
    <details open={lone.length > 0}>
      <summary>A further transformer, chime or box was found</summary>
      <Choices
        label="it is"
        options={optionsOf(THING_WORDS)}
        chosen={thing}
        onPick={(picked) => picked && setThing(picked)}
      />
      <AskForm
        fields={FIELDS}
        submit="Put it into the house"
        onSubmit={(data) => 'name' in data && write('thingFound', { thingId: v7(), thing, name: String(data.name) })}
      />
      <ul className="plain-list">
        {lone.map(({ id, name }) => {
          const entry = foundBy(log.entries, id);
          return (
            <li key={id}>
              {say(name)}, nothing hangs on it yet{' '}
              {entry && (
                <Button variant="link" onClick={() => write('entryStruck', { target: entry.id })}>
                  Take {say(name)} away
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </details>
  );
}
