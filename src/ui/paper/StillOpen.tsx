import { sheetWords } from '@/words/screens';
import type { Say } from '@/words';
import type { Text } from '@/core/said';
import type { Worry } from '@/core/points';

interface Props {
  readonly say: Say;
  readonly worries: readonly Worry[];
  readonly parts: readonly Text[];
}

/** What stays open at a point, and what it took. */
export function StillOpen({ say, worries, parts }: Props) {
  return (
    <section className="keep-together">
      <h3>{sheetWords.open2}</h3>
      {worries.length === 0 ? (
        <p>{sheetWords.noWorryIsOpen}</p>
      ) : (
        <ul className="plain-list">
          {worries.map(({ id, words }) => (
            <li key={id}>{say(words)}</li>
          ))}
        </ul>
      )}
      <p className="small">
        {sheetWords.parts({ parts: parts.length > 0 ? parts.map(say).join(' · ') : sheetWords.noneYet })}
      </p>
    </section>
  );
}
