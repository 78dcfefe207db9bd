import type { ReactNode } from 'react';
import { lengthsOf, placeOf, type Job } from '@/core/job';
import { yardSceneOf, type Point } from '@/core/points';
import { seenTargets } from '@/core/yard';
import { sayIn } from '@/words';
import { YardPlan } from './YardPlan';
import { yardNames } from './yardText';

/** What a floodlight camera sees from above, as it hangs or is to; nothing where nobody aimed it. */
export function seenFromAbove(job: Job, point: Point): ReactNode {
  const yard = yardSceneOf(job, point);
  if (!yard || yard.scene.targets.length === 0 || !(yard.isPlanned || yard.built)) return null;
  const { scene } = yard;
  const aim = yard.built ?? yard.aim;
  return (
    <YardPlan
      {...yardNames(sayIn(placeOf(job)))}
      scene={scene}
      aim={aim}
      seen={seenTargets(scene, aim)}
      lengths={lengthsOf(job)}
      tape={null}
      firedM={point.checks.sensorWalk?.data.figure ?? null}
    />
  );
}
