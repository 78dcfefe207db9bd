import type { Facts } from '../kinds/said';
import type { Yard } from '../points/pointView';
import type { Obstacle, Target, Where } from '../yard';

/** Where something is; null until it was said. Paced, where nobody said how. */
function whereOf({ distanceM, turnDeg, how, gone }: Facts<'targetPlaced'> | Facts<'obstacleStands'>): Where | null {
  if (distanceM === undefined || gone === 'yes') return null;
  return { distanceM, turnDeg: turnDeg ?? 0, how: how ?? 'paced' };
}

/** What was placed in the yard before a point, by their ids in the order in which they were placed. */
export function yardOf(
  placed: readonly string[],
  facts: <K extends 'targetPlaced' | 'obstacleStands'>(kind: K, id: string) => Facts<K>,
  planned: Facts<'aimPlanned'>,
): Yard {
  const targets = placed.flatMap((id): readonly Target[] => {
    const said = facts('targetPlaced', id);
    const where = whereOf(said);
    if (!where) return [];
    const { what = 'other', wants = 'recognise', groundM } = said;
    return [{ id, ...where, what, wants, ...(groundM === undefined ? {} : { groundM }) }];
  });
  const obstacles = placed.flatMap((id): readonly Obstacle[] => {
    const said = facts('obstacleStands', id);
    const where = whereOf(said);
    return where
      ? [
          {
            id,
            ...where,
            stands: said.stands ?? 'other',
            widthM: said.widthM ?? 1,
            depthM: said.depthM ?? 1,
            tallM: said.tallM ?? 1.5,
          },
        ]
      : [];
  });
  return { targets, obstacles, planned };
}
