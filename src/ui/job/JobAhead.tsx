import { jobWords } from '@/words/screens';
import type { BoardPoint } from '@/core/board';
import { ERASED_TEXT } from '@/core/kinds';
import { LadderSign } from '../frame/LadderSign';

interface Props {
  readonly title: string;
  /** Its points as the board shows them; none where its row is behind the log. */
  readonly points: readonly BoardPoint[];
}

/** A job before it was judged: what the board knows of it. */
export function JobAhead({ title, points }: Props) {
  return (
    <main id="main" className="page ahead" aria-busy="true">
      <h1>{title === ERASED_TEXT ? jobWords.customerErased : title}</h1>
      {points.map(({ id, name, marks, move }) => (
        <div key={id} className="ahead-point">
          <b>{name}</b> <LadderSign marks={marks} />
          <p>
            <b>{move.words}</b> <span className="soft">{move.why}</span>
          </p>
        </div>
      ))}
      <p className="soft">{jobWords.fetchingThisRung}</p>
    </main>
  );
}
