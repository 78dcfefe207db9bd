'use client';
import { measureWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { useSay } from '../../../log/useSay';
import type { NextReading } from '@/core/points';
import { useDoorbell } from '../useDoorbell';
import { percent } from '../../../figures/words';
import { lowerFirst } from '@/core/units';

/** How likely each reading changes what is proposed, drawn as a bar, with the minutes it costs. */
function Reading({ reading, best }: { readonly reading: NextReading; readonly best: boolean }) {
  const say = useSay();
  return (
    <li className={best ? 'best' : undefined}>
      <div>
        <b>{say(reading.words)}</b>
        <div className="soft small">{say(reading.why)}</div>
      </div>
      <div className="worth">
        {reading.chance === null ? (
          <span className="small">
            {reading.id === 'nameplate' ? measureWords.onItsLabel : measureWords.theFirstFigure}
          </span>
        ) : (
          <>
            <span className="figure">{percent(reading.chance)}</span>
            <span className="bar" aria-hidden="true">
              <i style={{ width: `${Math.round(100 * reading.chance)}%` }} />
            </span>
          </>
        )}
        <span className="small soft">{reading.minutes} min</span>
      </div>
    </li>
  );
}

/** Which reading next: by the chance that it changes what is proposed, per minute; or that there is enough. */
export function ReadNext() {
  const say = useSay();
  const { assessment, point } = useDoorbell();
  const { next, idle, enough } = assessment.advice();
  if (assessment.reference.change.transformer && point.choice)
    return <p className="soft">{measureWords.aNewTransformerIs}</p>;
  return (
    <>
      {enough ? (
        <p data-testid="enough">
          <Filled parts={measureWords.noReadingThatCould<ReactNode>({ enough: <b>{measureWords.enough}</b> })} />
        </p>
      ) : (
        <ol className="read-next">
          {next.map((reading, i) => (
            <Reading key={reading.id} reading={reading} best={i === 0} />
          ))}
        </ol>
      )}
      {idle.length > 0 && (
        <p className="small soft">
          {measureWords.wouldChangeNothingNow({ idle: idle.map(({ words }) => lowerFirst(say(words))).join('; ') })}
        </p>
      )}
    </>
  );
}
