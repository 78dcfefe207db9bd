'use client';
import { boardWords } from '@/words/screens';
import { useEffect, useState } from 'react';
import type { BoardJob } from '@/contract/listedJob';
import { madeHere, type MadeHere as Made } from '../log/newJobs';
import { onWaitingCount } from '../log/shelf';
import { BoardRow } from './BoardRow';
import type { RowsHere } from './useRowsHere';

/** A job that the firm has never heard of, as a row. */
function rowOf({ jobId, title, at, by }: Made, rows: RowsHere): BoardJob {
  const here = rows.get(jobId);
  const known = here ?? { title, address: '', expectedAt: null, updatedAt: at, finished: false, points: [] };
  return { ...known, id: jobId, address: known.address || by.name, fault: null, isBehind: !here };
}

/** Jobs that were made on this device and are not with the firm yet. */
export function MadeHere({ rows }: { readonly rows: RowsHere }) {
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
      {jobs.map((job) => (
        <BoardRow key={job.jobId} job={rowOf(job, rows)} part="noDay" />
      ))}
    </section>
  );
}
