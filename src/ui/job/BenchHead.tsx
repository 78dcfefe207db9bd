'use client';
import { jobWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../log/useSay';
import { Undo2 } from 'lucide-react';
import { RUNG_NAMES } from '@/core/kinds';
import { useCrew } from '../crew/CrewContext';
import { ENTRY_WORDS } from '../log/entryWords';
import { useJob } from '../log/JobContext';
import { useUnwritten } from '../log/useTyped';
import { PhotoButton } from '../photo/PhotoButton';
import { FACES } from '../points/faces';
import { Unkept } from './Unkept';

const KEEPING_WORDS = {
  kept: jobWords.kept,
  keeping: jobWords.keeping,
  typed: jobWords.typedNotKept,
  here: jobWords.keptHere,
  nowhere: jobWords.notKeptYet,
  failed: jobWords.notKeptYet,
  refused: jobWords.notKeptYet,
} as const;

/** Who else has the job open, and where. */
function Others() {
  const { log, keptJob } = useJob();
  const { crew } = useCrew();
  if (log.others.length === 0) return null;
  return (
    <span className="others small" role="status">
      {log.others.map(({ byId, pointId }) => {
        const name = crew.find(({ id }) => id === byId)?.name ?? jobWords.somebody;
        // Whose address names none is at the first one
        const at = keptJob.points.find(({ id }) => id === pointId) ?? keptJob.points[0];
        return <b key={`${byId} ${pointId ?? ''}`}>{jobWords.isAt({ name, at: at?.name ?? keptJob.title })}</b>;
      })}
    </span>
  );
}

/** The rung's name, whether all is kept, undo, and the one next move. */
export function BenchHead() {
  const say = useSay();
  const { rung, go, move, log, keptJob, point, undoable, undo } = useJob();
  const { isAny } = useUnwritten(keptJob.id);
  // Nothing is kept beside what is only typed
  const standing = log.keeping === 'kept' && isAny ? 'typed' : log.keeping;
  const here = move.rung === rung;
  return (
    <>
      <div className="bench-head">
        <div>
          <h1>
            {RUNG_NAMES[rung]}{' '}
            <span className={`kept ${standing}`} role="status">
              {KEEPING_WORDS[standing]}
            </span>
            {(standing === 'here' || standing === 'nowhere') && (
              <Button variant="link" className="try-now" onClick={log.retry}>
                {jobWords.tryNow}
              </Button>
            )}
            <PhotoButton />
            {undoable && (
              <Button variant="link" className="undo" onClick={undo}>
                <Undo2 size={16} aria-hidden="true" /> {jobWords.undo({ kind: ENTRY_WORDS[undoable.kind] })}
              </Button>
            )}
          </h1>
          <span className="soft">{FACES[point.kind].whatFor[rung]}</span>
          <Others />
        </div>
        {here && rung === 'wire' ? null : here ? (
          <div className="move-here" data-testid="next-move">
            <b>{say(move.words)}</b>
            <span className="soft">{say(move.why)}</span>
          </div>
        ) : (
          <Button data-testid="next-move" onClick={() => go(move.rung)}>
            <span>{say(move.words)}</span> <kbd>n</kbd>
          </Button>
        )}
      </div>
      <Unkept />
    </>
  );
}
