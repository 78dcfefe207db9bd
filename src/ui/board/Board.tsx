'use client';
import { boardWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { format, parseISO } from 'date-fns';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { Fragment, lazy, Suspense, useEffect, useState } from 'react';
import type { BoardJob, BoardPart, BoardPartId, ListedJob } from '@/contract/listedJob';
import { ERASED_TEXT } from '@/core/kinds';
import { LadderSign } from '../frame/LadderSign';
import { keepAhead } from '../frame/serviceWorker';
import { keepLogsAhead } from '../log/logsAhead';
import { MadeHere } from './MadeHere';
import { TakeIn } from './TakeIn';

const newJob = () => import('./NewJob').then(({ NewJob }) => ({ default: NewJob }));
const NewJob = lazy(newJob);

const PART_NAMES: Readonly<Record<BoardPartId, string>> = {
  today: boardWords.today,
  earlier: boardWords.leftOver,
  coming: boardWords.coming,
  noDay: boardWords.noDayYet,
  finished: boardWords.finished,
};

/** The pages of the program; those of jobs without a job, for any that the browser knows. */
const PAGES = ['/', '/catalogue', '/settings', '/practice', '/outbox', '/accounts'] as const;
const OF_ANY_JOB = ['', '/sheet', '/papers', '/before', '/compare', '/label/any'] as const;

const openJobs = (parts: readonly BoardPart[]): readonly ListedJob[] =>
  parts.flatMap(({ part, jobs }) => (part === 'finished' ? [] : jobs));

/** The pages that are kept ahead of a board: anew whenever something has changed. */
function ahead(open: readonly ListedJob[]): Readonly<Record<string, string>> {
  const now =
    open
      .map(({ updatedAt }) => updatedAt)
      .toSorted()
      .at(-1) ?? '';
  return Object.fromEntries([...PAGES, ...OF_ANY_JOB.map((of) => `/jobs/blank${of}`)].map((path) => [path, now]));
}

/** So soon it is looked again where rows are being made, ms. */
const LOOK_AGAIN_MS = 1500;

/** All jobs in rows: when, where, each point's ladder, the one next move and the verdict. */
export function Board({ parts, q }: { readonly parts: readonly BoardPart[]; readonly q: string }) {
  const [making, setMaking] = useState(false);
  // Fetched once the rows stand; where it can’t be had now it is asked for again when it is opened
  useEffect(() => void newJob().catch(() => undefined), []);
  // All that a day may need is in the phone before the cellar
  useEffect(() => {
    if (q !== '') return;
    const open = openJobs(parts);
    keepLogsAhead(open)
      .then(() => keepAhead(ahead(open)))
      .catch((error: unknown) => console.warn(error));
  }, [parts, q]);
  const router = useRouter();
  const isBehind = parts.some(({ jobs }) => jobs.some((job) => job.isBehind));
  useEffect(() => {
    if (!isBehind) return;
    // Whatever came with the last look may have others behind it
    const timer = setTimeout(() => router.refresh(), LOOK_AGAIN_MS);
    return () => clearTimeout(timer);
  }, [isBehind, parts, router]);
  const open = parts.reduce((sum, { part, count }) => (part === 'finished' ? sum : sum + count), 0);
  const all = parts.reduce((sum, { count }) => sum + count, 0);
  return (
    <main id="main" className="page">
      <div className="page-head">
        <h1>{boardWords.board}</h1>
        <span className="soft">
          {q === ''
            ? `${open === 1 ? boardWords.n1OpenJob : boardWords.openJobs({ open })}`
            : boardWords.forWord({ jobs: all, q })}
          {q !== '' && (
            <>
              {' '}
              <Link href="/">{boardWords.showAll}</Link>
            </>
          )}
        </span>
        <div className="end">
          <TakeIn />
          <Button variant={making ? 'secondary' : 'primary'} aria-expanded={making} onClick={() => setMaking(!making)}>
            {making ? boardWords.close : boardWords.newJob}
          </Button>
        </div>
      </div>
      {making && (
        <Suspense>
          <NewJob />
        </Suspense>
      )}
      <MadeHere />
      {all === 0 && <p>{q === '' ? boardWords.noJobYetMake : boardWords.noSiteOrJob}</p>}
      {parts.map(({ part, count, jobs }) => (
        <section key={part}>
          <div className="day">
            <h2>{PART_NAMES[part]}</h2>
          </div>
          {jobs.map((job) => (
            <Row key={job.id} job={job} part={part} />
          ))}
          {count > jobs.length && <p className="soft">{boardWords.moreOfThem({ more: count - jobs.length })}</p>}
        </section>
      ))}
    </main>
  );
}

/** What was not done or stays open of a point that was handed over. */
const openAt = ({ marks, worries }: ListedJob['points'][number]): number =>
  // The last rung is the handing over itself
  marks.slice(0, -1).filter((state) => state !== 'done').length + worries;

function Row({ job, part }: { readonly job: BoardJob; readonly part: BoardPartId }) {
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
