import type { TroubleCase } from '../faults';
import { regionOf, type Job } from '../job';
import { finderAt, openTrouble, rememberingAssess, type RepairsFound, type Trouble } from '../points';

/** The house of a job’s point as the fault finder knows it, for trying in it what would be read if something were out of order. */
export interface OwnHouse {
  readonly jobId: string;
  readonly title: string;
  readonly point: string;
  readonly regionId: string;
  readonly asked: TroubleCase;
}

/**
 * The house of one point of a job. A trouble that is open there gives the complaint, else the device is offline.
 * @param found what repairs have taught so far
 * @param at now, ISO 8601
 * @returns null where no point of that id stands in the job
 */
export function ownHouse(job: Job, pointId: string, found: RepairsFound, at: string): OwnHouse | null {
  const point = job.points.find(({ id }) => id === pointId);
  if (!point) return null;
  const trouble: Trouble = {
    entryId: '',
    by: { id: '', name: '' },
    at,
    data: { troubleId: '', pointId, symptom: openTrouble(point)?.data.symptom ?? 'offline' },
    acts: [],
    closed: null,
  };
  const assessment = rememberingAssess(1)(job, point);
  const asked = finderAt(point).caseOf({ job, point, assessment }, trouble, found);
  return { jobId: job.id, title: job.title, point: point.name, regionId: regionOf(job).id, asked };
}
