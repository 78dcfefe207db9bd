'use client';
import { jobWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../log/useSay';
import { Undo2 } from 'lucide-react';
import { RUNG_NAMES } from '@/core/kinds';
import { ENTRY_WORDS } from '../log/entryWords';
import { useJob } from '../log/JobContext';
import { PhotoButton } from '../photo/PhotoButton';
import { FACES } from '../points/faces';
import { Unkept } from './Unkept';

/** The rung's name, whether all is kept, undo, and the one next move. */
export function BenchHead() {
  const say = useSay();
  const { rung, go, move, log, point, undoable, undo } = useJob();
  const here = move.rung === rung;
  return (
    <>
      <div className="bench-head">
        <div>
          <h1>
            {RUNG_NAMES[rung]}{' '}
            <span className={`kept ${log.keeping}`} role="status">
              {log.keeping === 'keeping'
                ? jobWords.keeping
                : log.keeping === 'kept'
                  ? jobWords.kept
                  : jobWords.notKeptYet}
            </span>
            <PhotoButton />
            {undoable && (
              <Button variant="link" className="undo" onClick={undo}>
                <Undo2 size={16} aria-hidden="true" /> {jobWords.undo({ kind: ENTRY_WORDS[undoable.kind] })}
              </Button>
            )}
          </h1>
          <span className="soft">{FACES[point.kind].whatFor[rung]}</span>
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
