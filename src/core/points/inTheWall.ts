import { distinct, said, type Text } from '../said';
import { WALL_FIXINGS, anchorKeeps } from '../mount';
import type { Point } from './point';

/** How anchors keep their distance in a wall, and what is looked out for in it. */
export function inTheWall({ look: { wall } }: Pick<Point, 'look'>): readonly Text[] {
  if (!wall) return [];
  const { caution: care } = WALL_FIXINGS[wall];
  const keeps = anchorKeeps(wall);
  return distinct([...(keeps ? [said('anchorsKeep', keeps)] : []), ...(care ? [care] : [])]);
}
