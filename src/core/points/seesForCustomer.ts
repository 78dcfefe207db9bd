import { said, type Text } from '../said';
import { answerName } from '../kinds/factText';
import type { Job } from '../job/job';
import { masksOf, seenTargets } from '../yard';
import type { Point } from './point';
import { yardSceneOf } from './yardScene';

/** What a floodlight camera sees as it hangs, or is to, and what is to be masked in its app; nothing while nobody aimed it. */
export function seesForCustomer(job: Job, point: Point): readonly Text[] {
  const yard = yardSceneOf(job, point);
  if (!yard || !(yard.isPlanned || yard.built)) return [];
  const { scene } = yard;
  const aim = yard.built ?? yard.aim;
  const sees = seenTargets(scene, aim)
    .filter(({ target, miss }) => target.wants !== 'out' && miss === null)
    .map(({ target }) => answerName('targetPlaced', 'what', target.what));
  const masked = [...new Set(masksOf(scene, aim).map(({ area }) => area.what))].map((what) =>
    answerName('shapeDrawn', 'what', what),
  );
  return sees.length === 0 && masked.length === 0
    ? []
    : [said('cameraSees', { name: point.name, hangs: yard.built !== null, sees, masked })];
}
