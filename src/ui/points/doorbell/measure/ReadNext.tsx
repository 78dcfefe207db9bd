'use client';
import { doorWords, measureWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { useSay } from '../../../log/useSay';
import type { NextReading } from '@/core/points';
import { useFacts } from '../../../form/useFacts';
import { useDoorbell } from '../useDoorbell';
import { percent } from '../../../figures/words';
import { lowerFirst } from '@/core/units';

interface ReadingProps {
  readonly reading: NextReading;
  readonly best: boolean;
  /** It can’t be had here: nothing waits for it. */
  readonly onMissed: (id: NextReading['id']) => void;
}

/** How likely each reading changes what is proposed, drawn as a bar, with the minutes it costs. */
function Reading({ reading, best, onMissed }: ReadingProps) {
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
        <Button variant="link" className="small" onClick={() => onMissed(reading.id)}>
          {doorWords.cantHaveIt}
        </Button>
      </div>
    </li>
  );
}

/** Which reading next: by the chance that it changes what is proposed, per minute; or that there is enough. */
export function ReadNext() {
  const say = useSay();
  const { words } = useFacts('pointDescribed', {}, {});
  const { assessment, point, write } = useDoorbell();
  const { next, idle, enough, missed } = assessment.advice();
  const missedAre = (ids: readonly NextReading['id'][]) =>
    write('pointDescribed', { pointId: point.id, cantRead: ids.length === 0 ? null : [...ids] });
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
            <Reading key={reading.id} reading={reading} best={i === 0} onMissed={(id) => missedAre([...missed, id])} />
          ))}
        </ol>
      )}
      {missed.length > 0 && (
        <p className="small soft">
          {doorWords.missed({ missed: missed.map((id) => words('cantRead', id)).join(', ') })}{' '}
          <Button variant="link" onClick={() => missedAre([])}>
            {doorWords.askAgain}
          </Button>
        </p>
      )}
      {idle.length > 0 && (
        <p className="small soft">
          {measureWords.wouldChangeNothingNow({ idle: idle.map(({ words }) => lowerFirst(say(words))).join('; ') })}
        </p>
      )}
    </>
  );
}
