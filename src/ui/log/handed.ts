import { useMemo } from 'react';
import { fold, type Job, type JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';

/** A job’s log as a page hands it over: one text, because what renders pages walks through objects value by value. */
export type HandedLog = string;

interface Handed {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
}

/** The log that a page handed over: of this program’s own making, of this very moment. */
export const useHanded = (log: HandedLog): Handed => useMemo(() => JSON.parse(log) as Handed, [log]);

/** Its job. */
export function useHandedJob(log: HandedLog): Job {
  const { head, entries } = useHanded(log);
  return useMemo(() => fold(head, entries), [head, entries]);
}
