import type { Job } from '../job/job';
import { isKeptForLicence } from '../job/region';
import type { Step } from '../wiring';
import { pointSteps } from './planOf';
import type { Point } from './point';
import type { Tick } from './pointView';

/** A piece of work that is for somebody with a licence, or was done by one. */
export interface LicensedStep {
  readonly step: Step;
  /** Whether the place or the firm keeps it for a licence; else somebody called in did it all the same. */
  readonly isKept: boolean;
  /** Who did it, and when; null while it is open. */
  readonly tick: Tick | null;
}

/** What of a point’s work is for a licence, or was done by somebody called in, in its order. */
export const licensedSteps = (job: Job, point: Point): readonly LicensedStep[] =>
  pointSteps(point).flatMap((step) => {
    const tick = point.ticks[step.id] ?? null;
    const isKept = step.touches === 'mains' && isKeptForLicence(job, step.work ?? null);
    return isKept || tick?.how === 'bySomebodyElse' ? [{ step, isKept, tick }] : [];
  });

/** Points at which an electrician has work, or had it. */
export const pointsForLicence = (job: Job): readonly Point[] =>
  job.points.filter((point) => licensedSteps(job, point).length > 0);
