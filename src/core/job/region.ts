import { isForLicence, regionPack, type RegionPack, type Work } from '../region';
import type { Job } from './job';

export const regionOf = (job: Pick<Job, 'site'>): RegionPack => regionPack(job.site.region);

/** How this site writes lengths: as it said, else as its region does. */
export const lengthsOf = (job: Job): RegionPack['lengths'] => job.site.lengths ?? regionOf(job).lengths;

/** What decides how things are said here: the region, and the lengths that the site asked for. */
export const placeOf = (job: Job): { readonly region: RegionPack; readonly lengths: RegionPack['lengths'] } => ({
  region: regionOf(job),
  lengths: lengthsOf(job),
});

/** Whether a piece of work is kept for a licence at a job: by its place, or by the firm. @param work null: ordinary work on mains */
export const isKeptForLicence = (job: Pick<Job, 'site' | 'policy'>, work: Work | null): boolean =>
  isForLicence(job.policy.licensedWork, regionOf(job).reserved, work);
