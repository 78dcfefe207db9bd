'use client';
import { Undo2 } from 'lucide-react';
import { RUNG_NAMES, type Rung } from '@/core/job';
import { ENTRY_WORDS } from '../kit/job/entryWords';
import { useJob } from '../kit/job/JobContext';
import { PhotoButton } from '../kit/photo/PhotoButton';
import { Unkept } from './Unkept';

const WHAT_FOR: Readonly<Record<Rung, string>> = {
  look: 'the house, the door, the chime, and who has to be ready',
  measure: 'what this circuit can carry to the door',
  choose: 'what each way does, and which one to take',
  isolate: 'which circuit it is, and whether it is dead',
  wire: 'terminal by terminal',
  mount: 'how high, which wedge, which screws',
  prove: 'each with its figure, nothing passed by default',
  leave: 'what stays with the customer',
};

/** What differs at a floodlight camera. */
const WHAT_FOR_FLOODLIGHT: Partial<typeof WHAT_FOR> = {
  look: 'the house, the old fixture, the spot, and who has to be ready',
  measure: 'what this box is, what comes in, and how it is fed',
  choose: 'the camera, its feed, its ground, splices and screws',
  wire: 'splice by splice',
  mount: 'orientation, height, tilt, seal',
};

/** The rung's name, whether all is kept, undo, and the one next move. */
export function BenchHead() {
  const { rung, go, move, log, point, undoable, undo } = useJob();
  const whatFor = (point.kind === 'floodlight' ? WHAT_FOR_FLOODLIGHT[rung] : undefined) ?? WHAT_FOR[rung];
  const here = move.rung === rung;
  return (
    <>
      <div className="bench-head">
        <div>
          <h1>
            {RUNG_NAMES[rung]}{' '}
            <span className={`kept ${log.keeping}`} role="status">
              {log.keeping === 'keeping' ? 'keeping…' : log.keeping === 'kept' ? 'kept' : 'not kept yet'}
            </span>
            <PhotoButton />
            {undoable && (
              <button type="button" className="button quiet undo" onClick={undo}>
                <Undo2 size={16} aria-hidden="true" /> undo {ENTRY_WORDS[undoable.kind]}
              </button>
            )}
          </h1>
          <span className="soft">{whatFor}</span>
        </div>
        {here && rung === 'wire' ? null : here ? (
          <div className="move-here" data-testid="next-move">
            <b>{move.words}</b>
            <span className="soft">{move.why}</span>
          </div>
        ) : (
          <button type="button" className="button main" data-testid="next-move" onClick={() => go(move.rung)}>
            <span>{move.words}</span> <kbd>n</kbd>
          </button>
        )}
      </div>
      <Unkept />
    </>
  );
}
