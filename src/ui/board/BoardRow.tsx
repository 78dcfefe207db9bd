import { boardWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import Link from 'next/link';
import { Fragment } from 'react';
import type { BoardJob, BoardPartId, ListedJob } from '@/contract/listedJob';
import { ERASED_TEXT } from '@/core/kinds';
import { LadderSign } from '../frame/LadderSign';

/** What was not done or stays open of a point that was handed over. */
const openAt = ({ marks, worries }: ListedJob['points'][number]): number =>
  // The last rung is the handing over itself
  marks.slice(0, -1).filter((state) => state !== 'done').length + worries;

/** A job in its row: when, where, each point’s ladder, its next move and its verdict. */
export function BoardRow({ job, part }: { readonly job: BoardJob; readonly part: BoardPartId }) {
  const when = job.expectedAt && format(parseISO(job.expectedAt), part === 'today' ? 'HH:mm' : 'd MMM');
  return (
    <div className="board-row">
      <div className="when">{when ?? '–'}</div>
      <div className="site">
        <b>{job.title === ERASED_TEXT ? boardWords.customerErased : job.title}</b>
        <div className="small soft">{job.address}</div>
      </div>
      <div className="points-of">
        {job.fault !== null && (
          <Link className="brick" href={`/jobs/${job.id}`}>
            {boardWords.allThatWasWritten}
          </Link>
        )}
        {job.isBehind && (
          <Link className="soft" href={`/jobs/${job.id}`}>
            {boardWords.workedOut}
          </Link>
        )}
        {job.points.length === 0 && job.fault === null && !job.isBehind && (
          <Link href={`/jobs/${job.id}`}>{boardWords.addTheFirstPoint}</Link>
        )}
        {(job.isBehind ? [] : job.points).map((point) => (
          <Fragment key={point.id}>
            <Link className="point" href={`/jobs/${job.id}?point=${encodeURIComponent(point.id)}`}>
              <span>{point.name}</span>
              <span className="ladder-cell">
                <LadderSign marks={point.marks} />
              </span>
              <span className="go-cell">
                <span className="go">{point.move.words}</span>
                <span className="small soft"> {point.move.why}</span>
                {part === 'finished' && openAt(point) > 0 && (
                  <span className="small brick"> {boardWords.handedOverOpen({ open: openAt(point) })}</span>
                )}
                {point.worries > 0 && part !== 'finished' && (
                  <span className="small brick">
                    {' '}
                    {point.worries === 1 ? boardWords.n1Worry : boardWords.worries({ worries: point.worries })}
                  </span>
                )}
              </span>
              {point.verdict && <span className={`pill ${point.verdict.word}`}>{point.verdict.words}</span>}
            </Link>
            {part === 'finished' && (
              <Link
                className="call-back"
                href={`/jobs/${job.id}?point=${encodeURIComponent(point.id)}&rung=prove&area=fault`}
              >
                {boardWords.callBack({ name: point.name })}
              </Link>
            )}
          </Fragment>
        ))}
      </div>
    </div>
  );
}
