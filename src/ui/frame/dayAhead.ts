import { answer } from '@/contract/answers';
import { KEPT } from '@/contract/keptHere';
import { isFields, isFigure, isText } from '@/contract/shapes';
import { Refused, call } from '../log/api';
import { firmNow } from '../log/firm';
import { keepLogsAhead, type OpenJob } from '../log/logsAhead';
import { signedOutNow } from '../log/signedOut';
import { canKeepPages, keepPages } from './serviceWorker';

// All that a day may need lies in the phone before the cellar: the pages of the program, and the logs of the open jobs.

/** The pages of the program; those of jobs without a job, for any that the browser knows. */
const PAGES = ['/', '/catalogue', '/settings', '/practice', '/outbox', '/accounts'] as const;
const OF_ANY_JOB = ['', '/sheet', '/papers', '/before', '/compare', '/label/any'] as const;
/** So much later it is tried again, where not all of it came. */
const AGAIN_MS = 15_000;

/** The open jobs, as the firm knew them at a moment. */
export interface Day {
  readonly jobs: readonly OpenJob[];
  /** ISO 8601. */
  readonly at: string;
}

/** When all of a day lay here last. */
export interface Ahead {
  /** As of when, ISO 8601. */
  readonly at: string;
  readonly jobs: number;
}

/** When all of a day lay here last; null: never, or it was forgotten since. */
export function aheadHere(): Ahead | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT.dayAhead) ?? 'null');
    if (!isFields(kept) || !isText(kept.at) || Number.isNaN(Date.parse(kept.at)) || !isFigure(kept.jobs)) return null;
    return { at: kept.at, jobs: kept.jobs };
  } catch {
    return null;
  }
}

const listeners = new Set<() => void>();
/** Told when all of a day lies here. @returns how to stop it */
export const onAhead = (told: () => void): (() => void) => {
  listeners.add(told);
  return () => void listeners.delete(told);
};

/** Each page anew whenever something has changed. */
function statesOf({ jobs }: Day): Readonly<Record<string, string>> {
  const last = jobs
    .map(({ updatedAt }) => updatedAt)
    .toSorted()
    .at(-1);
  return Object.fromEntries(
    [...PAGES, ...OF_ANY_JOB.map((of) => `/jobs/blank${of}`)].map((path) => [path, last ?? '']),
  );
}

async function isHere(day: Day): Promise<boolean> {
  const hasLogs = await keepLogsAhead(day.jobs);
  return (await keepPages(statesOf(day))) && hasLogs;
}

/** Has a day in this browser, and tries again until all of it is here. @returns how to stop it */
export function keepDay(know: () => Promise<Day>): () => void {
  let isOver = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const go = async (): Promise<void> => {
    const day = firmNow().isAway || signedOutNow() ? null : await know();
    if (day && (await isHere(day))) {
      localStorage.setItem(KEPT.dayAhead, JSON.stringify({ at: day.at, jobs: day.jobs.length } satisfies Ahead));
      for (const told of listeners) told();
    } else if (canKeepPages()) again();
  };
  const again = (): void => {
    if (!isOver) timer = setTimeout(begin, AGAIN_MS);
  };
  const begin = (): void =>
    void go().catch((error: unknown) => {
      console.warn(error);
      // Whoever may not see the jobs is told so each time
      if (!(error instanceof Refused)) again();
    });
  begin();
  return () => {
    isOver = true;
    clearTimeout(timer);
  };
}

interface Listing {
  readonly jobs: readonly (OpenJob & { readonly finished: boolean })[];
}
const isListing = (value: unknown): value is Listing =>
  isFields(value) &&
  Array.isArray(value.jobs) &&
  value.jobs.every((job: unknown) => isFields(job) && isText(job.id) && isText(job.updatedAt));

/** The open jobs among those that were changed last, for pages that do not show them. @throws NotTaken */
export async function openJobs(): Promise<Day> {
  const at = new Date().toISOString();
  const { jobs } = await call('/jobs?limit=200', answer(isListing));
  return { at, jobs: jobs.filter(({ finished }) => !finished) };
}
