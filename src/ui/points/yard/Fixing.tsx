'use client';
import { yardWords } from '@/words/screens';
import { fixingOf } from '@/core/points';
import { capital } from '@/core/units';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';

/** What holds it, what its ladder must reach, what stays clear. */
export function Fixing() {
  const say = useSay();
  const { job, point } = useJob();
  const lines = fixingOf(job, point);
  return (
    <section data-testid="fixing">
      <h3>{yardWords.fixing}</h3>
      <ul className="plain-list">
        {lines
          .filter(({ isCaution }) => !isCaution)
          .map(({ words }) => (
            <li key={say(words)}>{capital(say(words))}</li>
          ))}
      </ul>
      {lines
        .filter(({ isCaution }) => isCaution)
        .map(({ words }) => (
          <p key={say(words)} className="caution">
            {say(words)}
          </p>
        ))}
    </section>
  );
}
