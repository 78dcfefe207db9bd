import { yardWords } from '@/words/screens';
import type { Say } from '@/words';
import { lengthsOf, type Job } from '@/core/job';
import { yardSceneOf, type Point } from '@/core/points';
import { doubtOf, seenTargets } from '@/core/yard';
import { AimCard } from './AimCard';
import { TargetTable } from './TargetTable';
import { YardPicture } from './YardPicture';
import { YardPlan } from './YardPlan';
import { yardNames } from './yardText';

interface Props {
  readonly say: Say;
  readonly job: Job;
  readonly point: Point;
}

/** What a floodlight camera sees as it hangs, or as it is planned to where nobody measured it yet: plan, picture, aim. */
export function YardOnSheet({ say, job, point }: Props) {
  const yard = yardSceneOf(job, point);
  if (!yard || yard.scene.targets.length === 0 || !(yard.isPlanned || yard.built)) return null;
  const { scene } = yard;
  const aim = yard.built ?? yard.aim;
  const seen = seenTargets(scene, aim);
  const lengths = lengthsOf(job);
  const names = yardNames(say);
  return (
    <section className="keep-together">
      <h2>{yard.built ? yardWords.seenAsItHangs : yardWords.seenAsPlanned}</h2>
      <div className="yard-views">
        <YardPlan
          {...names}
          scene={scene}
          aim={aim}
          seen={seen}
          lengths={lengths}
          tape={null}
          firedM={point.checks.sensorWalk?.data.figure ?? null}
        />
        <div>
          <YardPicture scene={scene} aim={aim} seen={seen} name={names.name} />
          <AimCard yard={yard} aim={aim} lengths={lengths} />
        </div>
      </div>
      <TargetTable
        {...names}
        scene={scene}
        aim={aim}
        seen={seen}
        doubt={doubtOf(scene, aim)}
        lengths={lengths}
        picked={null}
      />
    </section>
  );
}
