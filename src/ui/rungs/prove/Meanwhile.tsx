'use client';
import { proveWords } from '@/words/screens';
import Link from 'next/link';
import { useMemo } from 'react';
import { DRAWS_WHILE_TYPING } from '@/core/bell';
import { assess, meanwhile } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';

/** What another point of the job asks for while this one is waited for. */
export function Meanwhile() {
  const say = useSay();
  const { keptJob, kept, asker, catalogue } = useJob();
  const other = useMemo(
    () => meanwhile(keptJob, kept, asker, (point) => assess(keptJob, point, DRAWS_WHILE_TYPING, catalogue)),
    [keptJob, kept, asker, catalogue],
  );
  if (!other) return <p className="small soft">{proveWords.nothingMeanwhile}</p>;
  const { point, move } = other;
  return (
    <p data-testid="meanwhile">
      <Link className="btn btn-link" href={`?point=${point.id}&rung=${move.rung}`}>
        {proveWords.meanwhileAt({ name: point.name, move: say(move.words) })}
      </Link>
    </p>
  );
}
