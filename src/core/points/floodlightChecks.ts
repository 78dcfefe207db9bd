import type { Job } from '../job/job';
import { floodlightChecks, type Check, type PredictedBand } from '../prove';
import { sensorReach } from '../yard';
import type { Point } from './point';
import { yardSceneOf } from './yardScene';

/** What is gone through at a floodlight camera, whatever feeds it. */
export const checksAtSpot = ({ yard }: Pick<Point, 'yard'>): readonly Check[] =>
  floodlightChecks(yard.targets.length > 0);

/** A sensor is level within so much, and reaches by its sheet within this share. Engineering defaults. */
const LEVEL_DEG = 2;
const SHARE = 0.2;

/** How far off a sensor fires, as it hangs or is planned to; null where nothing was chosen. Metres along the ground. */
export function sensorBand(job: Job, point: Point): PredictedBand | null {
  const yard = yardSceneOf(job, point);
  if (!yard) return null;
  const { scene } = yard;
  const aim = yard.built ?? yard.aim;
  const reach = (more: number): number =>
    sensorReach(
      scene.camera,
      { lensM: aim.lensM, sensorDownDeg: (aim.sensorDownDeg ?? 0) + more },
      scene.fallShare ?? 0,
    ).reachM;
  return { low: (1 - SHARE) * reach(LEVEL_DEG), high: (1 + SHARE) * reach(-LEVEL_DEG) };
}
