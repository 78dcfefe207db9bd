import type { Text } from '../../said';
import { BAG, type BagItem } from '../../catalogue';
import { treatmentById } from '../../chime';
import { WALL_FIXINGS } from '../../mount';
import type { Job } from '../../job/job';
import type { BagAnswer, Doorbell } from './doorbell';

export interface BagLine {
  readonly item: BagItem;
  readonly answer: BagAnswer | null;
}

/** What has to be looked at in the bag for this point: it follows from the choice, the wall and the firm's policy. */
export function bagList(job: Job, point: Doorbell): readonly BagLine[] {
  const path = point.choice ? treatmentById(point.choice.data.treatmentId)?.standing.path : undefined;
  const { wall } = point.look;
  const needed = ({ needs }: BagItem): boolean => {
    switch (needs) {
      case 'module':
        return path === undefined || path === 'shunt';
      case 'fuseLink':
        return path === undefined || path === 'link';
      case 'anchors':
        return job.policy.fixings === 'bag' && (wall === undefined || WALL_FIXINGS[wall].anchorM > 0);
      case 'benchPower':
        return job.policy.registering === 'bench';
      default:
        return true;
    }
  };
  return BAG.filter(needed).map((item) => ({ item, answer: point.bag[item.id] ?? null }));
}

/** What the bag lacks, as parts to bring. */
export const bringForBag = (job: Job, point: Doorbell): readonly Text[] =>
  bagList(job, point).flatMap(({ item, answer }) =>
    answer?.state === 'missing' || answer?.state === 'wrong' ? [item.bring] : [],
  );
