'use client';
import { wireWords } from '@/words/screens';
import { openBeside } from '@/core/points';
import { TEXT } from '@/core/kinds';
import { AskForm } from '../form/AskForm';
import { textField } from '../form/fields';
import { useJob } from '../log/JobContext';
import { useSay } from '../log/useSay';

/** Places that hang on the circuit and are open: each is closed, or somebody answers for it, before it goes on. */
export function OpenPlaces() {
  const say = useSay();
  const { keptJob, kept, asker, write } = useJob();
  return openBeside(keptJob, kept, asker).map(({ placeId, words }) => (
    <div key={placeId} className="block-top">
      <p className="caution">{wireWords.openPlace({ words: say(words) })}</p>
      <AskForm
        about={placeId}
        fields={[textField('words', wireWords.whatWasAnswered, undefined, { most: TEXT.long })]}
        submit={wireWords.theyStandClear}
        onSubmit={(said) => write('placeCleared', { placeId, words: said.words })}
      />
    </div>
  ));
}
