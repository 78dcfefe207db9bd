import type { EntryData } from '@/core/kinds';
import { yardSceneOf } from '@/core/points';
import type { DemoLog } from './demoLog';

/** The plan of a site: what stands where, metres to the right and up. */
export function demoPlan(log: DemoLog, northDeg: number, shapes: Readonly<Record<string, DrawnShape>>): void {
  log.write('planDescribed', { northDeg });
  for (const [shapeId, said] of Object.entries(shapes)) log.write('shapeDrawn', { shapeId, ...said });
}

/** Takes the aim that is proposed. */
export function demoAim(log: DemoLog, pointId: string): void {
  const point = log.job.points.find(({ id }) => id === pointId);
  const aim = point && yardSceneOf(log.job, point)?.proposed;
  if (!aim) throw new Error(`nothing to aim at from ${pointId}`);
  log.write('aimPlanned', { pointId, ...aim });
}

type DrawnShape = Omit<EntryData<'shapeDrawn'>, 'shapeId'>;
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
