'use client';
import { jobWords } from '@/words/screens';
import Link from 'next/link';
import { usePathname, useSearchParams } from 'next/navigation';
import { lazy, Suspense, useEffect, useState, type ComponentProps } from 'react';
import { RUNGS } from '@/core/kinds';
import { OnClient } from '../frame/OnClient';
import type { HandedLog } from '../log/handed';
import { keptLog } from '../log/keptLog';
import { headHere } from '../log/newJobs';
import { jobScreen } from './screenCode';

const asked = () => jobScreen().then(({ JobScreen }) => ({ default: JobScreen }));
// As soon as this is read: the page stands meanwhile with what the board knows
const fetched = typeof window === 'undefined' ? null : asked();
const JobScreen = lazy(() => fetched ?? asked());

type Shown = Omit<ComponentProps<typeof JobScreen>, 'pointId' | 'firstRung' | 'firstArea'>;
type Props = Omit<Shown, 'log'> & {
  /** Null: the page was made for no job in particular, and the browser knows which. */
  readonly log: HandedLog | null;
};

/** The job’s screen, drawn in the browser only. */
export function JobLater({ log, ...props }: Props) {
  return (
    <OnClient ahead={props.ahead}>
      <Suspense fallback={props.ahead}>{log === null ? <Here {...props} /> : <At {...props} log={log} />}</Suspense>
    </OnClient>
  );
}

/** Where in the job is read off the address here: a page that lies in the browser was made for another part of it. */
function At(props: Shown) {
  const at = useSearchParams();
  const rung = at.get('rung');
  return (
    <JobScreen
      {...props}
      pointId={at.get('point') ?? ''}
      firstRung={RUNGS.find((one) => one === rung) ?? null}
      firstArea={at.get('area')}
    />
  );
}

/** A job as this browser alone knows it: made here, or opened here before. */
function Here(props: Omit<Props, 'log'>) {
  const jobId = /^\/jobs\/([^/]+)/.exec(usePathname())?.[1] ?? '';
  const [known, setKnown] = useState<{ readonly of: string; readonly log: HandedLog | null } | null>(null);
  useEffect(() => {
    let isWanted = true;
    const read = async (): Promise<HandedLog | null> => {
      const head = await headHere(jobId);
      return head && JSON.stringify({ head, entries: await keptLog(jobId) });
    };
    read().then(
      (log) => isWanted && setKnown({ of: jobId, log }),
      (error: unknown) => {
        console.warn(error);
        if (isWanted) setKnown({ of: jobId, log: null });
      },
    );
    return () => {
      isWanted = false;
    };
  }, [jobId]);
  if (known?.of !== jobId) return props.ahead;
  if (known.log !== null) return <At {...props} log={known.log} />;
  return (
    <main id="main" className="page">
      <p role="alert">{jobWords.notOnThisDevice}</p>
      <Link href="/">{jobWords.toTheBoard}</Link>
    </main>
  );
}
