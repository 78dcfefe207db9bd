import { regionPack, type RegionPack } from '../region';
import type { Job } from './job';

export const regionOf = (job: Job): RegionPack => regionPack(job.site.region);

/** How this site writes lengths: as it said, else as its region does. */
export const lengthsOf = (job: Job): RegionPack['lengths'] => job.site.lengths ?? regionOf(job).lengths;

/** What decides how things are said here: the region, and the lengths that the site asked for. */
export const placeOf = (job: Job): { readonly region: RegionPack; readonly lengths: RegionPack['lengths'] } => ({
  region: regionOf(job),
  lengths: lengthsOf(job),
});
