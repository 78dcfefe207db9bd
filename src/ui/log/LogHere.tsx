'use client';
import { jobWords } from '@/words/screens';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import type { HandedLog } from './handed';
import { keptLog } from './keptLog';
import { headHere } from './newJobs';

interface Props {
  /** Null: the page was made for no job in particular, and the browser knows which. */
  readonly log: HandedLog | null;
  /** What stands until the browser has looked. */
  readonly ahead?: ReactNode;
  readonly children: (log: HandedLog) => ReactNode;
}

/** A page of a job, by the log that the server handed over, or by what this browser knows: made here, opened here, kept ahead. */
export function LogHere({ log, ahead = <main id="main" aria-busy="true" />, children }: Props) {
  return log === null ? <Kept ahead={ahead}>{children}</Kept> : children(log);
}

function Kept({ ahead, children }: Pick<Props, 'ahead' | 'children'>) {
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
  if (known?.of !== jobId) return ahead;
  if (known.log !== null) return children(known.log);
  return (
    <main id="main" className="page">
      <p role="alert">{jobWords.notOnThisDevice}</p>
      <Link href="/">{jobWords.toTheBoard}</Link>
    </main>
  );
}
