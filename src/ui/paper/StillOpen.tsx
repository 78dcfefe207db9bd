import { sheetWords } from '@/words/screens';
import type { Say } from '@/words';
import type { Text } from '@/core/said';
import { failuresOf, type Point, type Worry } from '@/core/points';
import { lowerFirst } from '@/core/units';

interface OpenProps {
  readonly say: Say;
  readonly point: Point;
  readonly worries: readonly Worry[];
}

/** What failed when it was proved, and what else stays open: the first thing that is read of a point. */
export function StillOpen({ say, point, worries }: OpenProps) {
  const failures = failuresOf(point);
  const others = worries.filter(({ id }) => !id.startsWith('failed-'));
  return (
    <section className="keep-together still-open">
      {failures.map(({ check, answer, accepted }) => (
        <p key={check.id}>
          <b>{sheetWords.whatFailed}:</b> {lowerFirst(say(check.name))}: {answer.data.reason}
          {accepted && (
            <span className="block">
              {sheetWords.letStandBy({ name: accepted.by.name, words: accepted.data.words })}
            </span>
          )}
        </p>
      ))}
      <h3>{sheetWords.open2}</h3>
      {others.length === 0 ? (
        <p>{failures.length === 0 ? sheetWords.noWorryIsOpen : sheetWords.nothingElse}</p>
      ) : (
        <ul className="plain-list">
          {others.map(({ id, words }) => (
            <li key={id}>{say(words)}</li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What a point took. */
export const PartsTaken = ({ say, parts }: { readonly say: Say; readonly parts: readonly Text[] }) => (
  <p className="small">
    {sheetWords.parts({ parts: parts.length > 0 ? parts.map(say).join(' · ') : sheetWords.noneYet })}
  </p>
);
