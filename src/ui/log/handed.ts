import { useEffect, useMemo, useState } from 'react';
import { fold, type Job, type JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { farther, keptLog } from './keptLog';
import { waitingFor } from './shelf';
import { unnumbered } from './useEntryLog';

/** A job’s log as a page hands it over: one text, because what renders pages walks through objects value by value. */
export type HandedLog = string;

interface Handed {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
}

/** The log that a page handed over: of this program’s own making, of this very moment or of when the page was put away. */
export const useHanded = (log: HandedLog): Handed => useMemo(() => JSON.parse(log) as Handed, [log]);

/** A log with what this browser knows beyond it: what it read since, and what it wrote and has not sent yet. */
export async function withKept({ head, entries }: Handed): Promise<readonly Entry[]> {
  const known = farther(entries, await keptLog(head.id));
  const waiting = await waitingFor(head.id);
  const standing = waiting.flatMap(({ entry, refused }) => (refused === undefined ? [entry] : []));
  const more = unnumbered(known, standing);
  return more.length > 0 ? [...known, ...more] : known;
}

/** A handed log with all that this browser knows beyond it, as text again. */
export function useKnownLog(log: HandedLog): { readonly text: HandedLog; readonly job: Job } {
  const handed = useHanded(log);
  const [kept, setKept] = useState<{ readonly of: Handed; readonly entries: readonly Entry[] } | null>(null);
  useEffect(() => {
    let isWanted = true;
    withKept(handed).then(
      (entries) => isWanted && entries !== handed.entries && setKept({ of: handed, entries }),
      (error: unknown) => console.warn(error),
    );
    return () => {
      isWanted = false;
    };
  }, [handed]);
  const entries = kept?.of === handed ? kept.entries : handed.entries;
  return useMemo(() => {
    const { head } = handed;
    return { text: entries === handed.entries ? log : JSON.stringify({ head, entries }), job: fold(head, entries) };
  }, [handed, entries, log]);
}

/** Its job. */
export const useHandedJob = (log: HandedLog): Job => useKnownLog(log).job;
