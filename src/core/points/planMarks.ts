import type { Job } from '../job/job';
import { toSite, type Corner } from '../site';
import { placeAt, type TargetKind } from '../yard';
import { frameOfPoint } from './yardScene';

/** Where a point hangs on the plan of the site, or what it is to see. */
export interface OnPlan {
  readonly id: string;
  readonly name: string;
  readonly place: Corner;
  /** Of a point: which way its wall looks, clockwise from the plan’s up. Null of what it is to see. */
  readonly outDeg: number | null;
}

/** All points of a site that hang on its plan, with what they are to see. @param name of a target */
export const planMarksOf = (job: Job, name: (what: TargetKind) => string): readonly OnPlan[] =>
  job.points.flatMap((point): readonly OnPlan[] => {
    const frame = frameOfPoint(job, point);
    if (!frame) return [];
    return [
      { id: point.id, name: point.name, place: frame.origin, outDeg: frame.outDeg },
      ...point.yard.targets.map((target): OnPlan => {
        const [right, out] = placeAt(target);
        return {
          id: `${point.id}/${target.id}`,
          name: name(target.what),
          place: toSite(frame, [right, out]),
          outDeg: null,
        };
      }),
    ];
  });
