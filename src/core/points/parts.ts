import type { Job } from '../job/job';
import { climbOf } from './climbs';
import type { Point } from './point';
import { wifiOf } from './wifi';

/** What has to be in the bag for this point, each once. */
export const partsOf = (job: Job, point: Point): readonly string[] => [
  ...new Set([
    ...climbOf(point).parts(job, point),
    ...(wifiOf(job, point)?.word === 'extender' ? ['Wi-Fi extender'] : []),
  ]),
];
