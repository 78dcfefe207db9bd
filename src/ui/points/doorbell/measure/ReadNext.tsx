'use client';
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
          <span className="small">{reading.id === 'nameplate' ? 'on its label' : 'the first figure'}</span>
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
    return (
      <p className="soft">
        A new transformer is chosen: the old one needs no further reading. Read the new one’s open volts when it stands.
      </p>
    );
  return (
    <>
      {enough ? (
        <p data-testid="enough">
          <b>Enough.</b> No reading that could be taken would change what is proposed.
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
          Would change nothing now: {idle.map(({ words }) => lowerFirst(say(words))).join('; ')}.
        </p>
      )}
    </>
  );
}
