import { distinct, said, type Text } from '../said';
import type { Job } from '../job/job';
import { climbOf } from './climbs';
import type { Point } from './point';
import { wifiOf } from './wifi';

/** What has to be in the bag for this point, each once. */
export const partsOf = (job: Job, point: Point): readonly Text[] =>
  distinct([
    ...climbOf(point).parts(job, point),
    ...(point.yard.planned.bracket ? [point.yard.planned.bracket.name] : []),
    ...(wifiOf(job, point)?.word === 'extender' ? [said('wiFiExtender')] : []),
  ]);
