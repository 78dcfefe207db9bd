import type { EntryData } from '@/core/kinds';
import { yardSceneOf } from '@/core/points';
import type { DemoLog } from './demoLog';

/** Takes the aim that is proposed. */
export function demoAim(log: DemoLog, pointId: string): void {
  const point = log.job.points.find(({ id }) => id === pointId);
  const aim = point && yardSceneOf(log.job, point)?.proposed;
  if (!aim) throw new Error(`nothing to aim at from ${pointId}`);
  log.write('aimPlanned', { pointId, ...aim });
}

type Target = Omit<EntryData<'targetPlaced'>, 'pointId' | 'targetId'>;
type Obstacle = Omit<EntryData<'obstacleStands'>, 'pointId' | 'obstacleId'>;

/** What is to be seen from a floodlight, and what stands in the way, as somebody paced it. */
export function demoYard(
  log: DemoLog,
  pointId: string,
  targets: Readonly<Record<string, Target>>,
  obstacles: Readonly<Record<string, Obstacle>>,
): void {
  for (const [targetId, said] of Object.entries(targets)) log.write('targetPlaced', { pointId, targetId, ...said });
  for (const [obstacleId, said] of Object.entries(obstacles))
    log.write('obstacleStands', { pointId, obstacleId, ...said });
}
