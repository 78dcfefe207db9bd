'use client';
import { isolateWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useState } from 'react';
import { GUARDS, type Guard } from '@/core/isolation';
import { AskForm } from '../../form/AskForm';
import { Choices } from '../../form/Choices';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';

const WORDS: Readonly<Record<Guard, string>> = {
  locked: isolateWords.lockedOffKeyKept,
  fuseOut: isolateWords.fuseOutAndKept,
  watched: isolateWords.tapedAndWatched,
};
const OPTIONS = GUARDS.map((value) => ({ value, words: WORDS[value] }));

/** What keeps a breaker off: a lock where one fits, else the fuse, or somebody with a name. */
export function GuardFields({ circuitId }: { readonly circuitId: string }) {
  const { write } = useJob();
  const [guard, setGuard] = useState<Guard | undefined>(undefined);
  return (
    <div className="block-top">
      <Choices
        label={isolateWords.whatKeepsItOff}
        options={OPTIONS}
        chosen={guard}
        onPick={(picked) => setGuard(picked ?? undefined)}
      />
      {guard === 'locked' && (
        <Button onClick={() => write('breakerGuarded', { circuitId, guard })}>{isolateWords.writeItDown}</Button>
      )}
      {(guard === 'fuseOut' || guard === 'watched') && (
        <AskForm
          key={guard}
          about={`${circuitId}/${guard}`}
          fields={[
            textField(
              'guardedBy',
              guard === 'fuseOut' ? isolateWords.whoHasTheFuse : isolateWords.whoWatches,
              undefined,
            ),
          ]}
          submit={isolateWords.writeItDown}
          main
          onSubmit={({ guardedBy }) => write('breakerGuarded', { circuitId, guard, guardedBy })}
        />
      )}
    </div>
  );
}
