'use client';
import { boardWords } from '@/words/screens';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { madeHere, type MadeHere as Made } from '../log/newJobs';
import { onWaitingCount } from '../log/shelf';

/** Jobs that were made on this device and are not with the firm yet. */
export function MadeHere() {
  const [jobs, setJobs] = useState<readonly Made[]>([]);
  useEffect(() => {
    const look = (): void => {
      madeHere().then(setJobs, (error: unknown) => console.warn(error));
    };
    look();
    // What goes to the firm goes from the list
    return onWaitingCount(look);
  }, []);
  if (jobs.length === 0) return null;
  return (
    <section>
      <div className="day">
        <h2>{boardWords.madeHere}</h2>
      </div>
      {jobs.map(({ jobId, title, by }) => (
        <div key={jobId} className="board-row">
          <div className="when">–</div>
          <div className="site">
            <b>{title}</b>
            <div className="small soft">{by.name}</div>
          </div>
          <div className="points-of">
            <Link href={`/jobs/${jobId}`}>{boardWords.climbIt}</Link>
          </div>
        </div>
      ))}
    </section>
  );
}
