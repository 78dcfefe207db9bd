import { format, parseISO } from 'date-fns';
import Link from 'next/link';
import type { ListedJob } from '@/contract/listedJob';
import { LadderSign } from '../kit/LadderSign';

/** All jobs in rows: when, where, each point's ladder, the one next move and the verdict. */
export function Board({ jobs }: { readonly jobs: readonly ListedJob[] }) {
  return (
    <main className="page">
      <div className="page-head">
        <h1>Board</h1>
        <span className="soft">{jobs.filter(({ finished }) => !finished).length} open jobs</span>
      </div>
      {jobs.length === 0 && <p>No job yet. A job is made over the open interface for now: POST /api/v1/jobs.</p>}
      {jobs.map((job) => (
        <div className="board-row" key={job.id}>
          <div className="when">{job.expectedAt ? format(parseISO(job.expectedAt), 'd MMM') : '–'}</div>
          <div className="site">
            <b>{job.title}</b>
            <div className="small soft">{job.address}</div>
          </div>
          <div className="points-of">
            {job.points.map((point) => (
              <Link className="point" key={point.id} href={`/jobs/${job.id}?point=${encodeURIComponent(point.id)}`}>
                <span>{point.name}</span>
                <span className="ladder-cell">
                  <LadderSign marks={point.marks} />
                </span>
                <span className="go-cell">
                  <span className="go">{point.move.words}</span>
                  <span className="small soft"> {point.move.why}</span>
                </span>
                {point.verdict && <span className={`pill ${point.verdict.word}`}>{point.verdict.words}</span>}
              </Link>
            ))}
          </div>
        </div>
      ))}
    </main>
  );
}
