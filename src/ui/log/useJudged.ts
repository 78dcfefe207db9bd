import { startTransition, useEffect, useMemo, useReducer, useState } from 'react';
import type { Catalogue } from '@/core/catalogue';
import type { Job } from '@/core/job';
import { assessmentKey, plugAt, rememberingAssess, type Assessment, type Point } from '@/core/points';
import { Judge, type Judged } from './judge';

/** A point as the log says it, with and without what is being typed. */
export interface Seen {
  readonly job: Job;
  readonly keptJob: Job;
  readonly point: Point;
  readonly kept: Point;
}

export interface SeenJudged extends Seen {
  readonly assessment: Assessment;
  /** What was written last is being judged: all stands as it was before it. */
  readonly isJudging: boolean;
}

const KEPT = 24;

/** What is known of live and dead, as one text. */
const standingOf = (job: Job, point: Point): string => JSON.stringify([job.circuits, plugAt(job, point)]);

/**
 * A point with its judgement. Most entries change nothing about a circuit, and stand at once; where one does, all stays as it
 * was until it was judged, so that no figure stands beside the verdict of another.
 * @param asked what is judged, for the thread that does it
 * @returns null while it is judged for the first time
 */
export function useJudged(seen: Seen, asked: Judged, catalogue: Catalogue): SeenJudged | null {
  const { job, keptJob, point, kept } = seen;
  const [judge] = useState(() => new Judge(catalogue));
  const [assess] = useState(() => rememberingAssess(KEPT, catalogue));
  const key = useMemo(() => {
    const typed = assessmentKey(job, point);
    return typed === null ? null : `${point.id}\n${typed}\n${job === keptJob ? '' : assessmentKey(keptJob, kept)}`;
  }, [job, kept, keptJob, point]);
  // What an answer changes is drawn bit by bit, between two keystrokes
  const [, told] = useReducer((times: number) => times + 1, 0);
  useEffect(() => judge.subscribe(() => startTransition(told)), [judge]);
  useEffect(() => () => judge.stop(), [judge]);
  const [last, setLast] = useState<SeenJudged | null>(null);
  // What is live or dead waits for no judgement: the page then judges by itself
  const isSwitched = useMemo(
    () =>
      last?.point.id === point.id &&
      last.keptJob !== keptJob &&
      standingOf(last.keptJob, last.kept) !== standingOf(keptJob, kept),
    [kept, keptJob, last, point.id],
  );
  const here = key === null || judge.isBroken() || isSwitched;
  const answered = here ? null : judge.answered(key);
  useEffect(() => {
    if (!here && !answered) judge.ask(key, asked);
  }, [answered, asked, here, judge, key]);
  const judged = useMemo((): SeenJudged | null => {
    const assessment = here ? assess(job, point).adviseBy(assess(keptJob, kept)) : answered;
    return assessment && { job, keptJob, point, kept, assessment, isJudging: false };
  }, [answered, assess, here, job, kept, keptJob, point]);
  if (judged && judged !== last) setLast(judged);
  return useMemo(() => {
    if (judged) return judged;
    // Of another point nothing is shown
    return last?.point.id === point.id ? { ...last, isJudging: last.keptJob !== keptJob } : null;
  }, [judged, keptJob, last, point.id]);
}
