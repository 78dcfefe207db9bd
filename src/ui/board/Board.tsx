'use client';
import { boardWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import type { OwnItem } from '@/core/catalogue';
import type { BoardJob, BoardPart, BoardPartId, ListedJob } from '@/contract/listedJob';
import { keepDay } from '../frame/dayAhead';
import { useFirm } from '../frame/useFirm';
import { momentText } from '../figures/momentText';
import { BoardRow } from './BoardRow';
import { MadeHere } from './MadeHere';
import { TakeIn } from './TakeIn';
import { useRowsHere, type RowsHere } from './useRowsHere';

const newJob = () => import('./NewJob').then(({ NewJob }) => ({ default: NewJob }));
const NewJob = lazy(newJob);

const PART_NAMES: Readonly<Record<BoardPartId, string>> = {
  today: boardWords.today,
  earlier: boardWords.leftOver,
  coming: boardWords.coming,
  noDay: boardWords.noDayYet,
  finished: boardWords.finished,
};

const openJobs = (parts: readonly BoardPart[]): readonly ListedJob[] =>
  parts.flatMap(({ part, jobs }) => (part === 'finished' ? [] : jobs));

/** So soon it is looked again where rows are being made, ms. */
const LOOK_AGAIN_MS = 1500;

/** A job as this browser knows it, where it knows more than the firm’s server did. */
function withHere(job: BoardJob, rows: RowsHere): BoardJob {
  const here = rows.get(job.id);
  return here ? { ...job, ...here, fault: null, isBehind: false } : job;
}

interface Props {
  readonly parts: readonly BoardPart[];
  readonly q: string;
  /** When the firm’s server made it, ISO 8601: a page that lies here may be of this morning. */
  readonly madeAt: string;
  /** What the firm has in its catalogue beside what ships. */
  readonly own: readonly OwnItem[];
}

/** All jobs in rows: when, where, each point's ladder, the one next move and the verdict. */
export function Board({ parts, q, madeAt, own }: Props) {
  const [making, setMaking] = useState(false);
  // Fetched once the rows stand; where it can’t be had now it is asked for again when it is opened
  useEffect(() => void newJob().catch(() => undefined), []);
  // All that a day may need is in the phone before the cellar
  useEffect(() => {
    if (q !== '') return;
    return keepDay(() => Promise.resolve({ jobs: openJobs(parts), at: madeAt }));
  }, [parts, q, madeAt]);
  const rows = useRowsHere(
    useMemo(() => parts.flatMap(({ jobs }) => jobs), [parts]),
    own,
  );
  const { isAway } = useFirm();
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
        {isAway && <span className="soft">{boardWords.asItWas({ when: momentText(Date.parse(madeAt)) })}</span>}
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
      <MadeHere rows={rows} />
      {all === 0 && <p>{q === '' ? boardWords.noJobYetMake : boardWords.noSiteOrJob}</p>}
      {parts.map(({ part, count, jobs }) => (
        <section key={part}>
          <div className="day">
            <h2>{PART_NAMES[part]}</h2>
          </div>
          {jobs.map((job) => (
            <BoardRow key={job.id} job={withHere(job, rows)} part={part} />
          ))}
          {count > jobs.length && <p className="soft">{boardWords.moreOfThem({ more: count - jobs.length })}</p>}
        </section>
      ))}
    </main>
  );
}
