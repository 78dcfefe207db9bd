'use client';
import { houseWords } from '@/words/screens';
import { useSay } from '../../../log/useSay';
import { HANGS_ON } from '@/core/house';
import { thingsOf } from '@/core/job';
import { THINGS, type ThingKind } from '@/core/kinds';
import { Choices } from '../../../form/Choices';
import { useJob } from '../../../log/JobContext';

const LABELS: Readonly<Record<ThingKind, string>> = {
  supply: houseWords.isFedBy,
  chime: houseWords.rings,
  box: houseWords.itsMainsSideIs,
};

/** What this point hangs on, where the house has more than one of the kind. */
export function HangsOn() {
  const say = useSay();
  const { keptJob, kept, write } = useJob();
  const asked = THINGS.filter((kind) => kept.hangs[HANGS_ON[kind]] !== null && thingsOf(keptJob, kind).length > 1);
  if (asked.length === 0) return null;
  return (
    <details>
      <summary>{houseWords.hangsOnSomethingElse({ name: kept.name })}</summary>
      {asked.map((kind) => (
        <Choices
          key={kind}
          label={`${kept.name}: ${LABELS[kind]}`}
          options={thingsOf(keptJob, kind).map(({ id, name }) => ({ value: id, words: say(name) }))}
          chosen={kept.hangs[HANGS_ON[kind]] ?? undefined}
          onPick={(id) => id && write('pointHung', { pointId: kept.id, [HANGS_ON[kind]]: id })}
        />
      ))}
      <p className="small soft">{houseWords.whatWasReadAnd}</p>
    </details>
  );
}
