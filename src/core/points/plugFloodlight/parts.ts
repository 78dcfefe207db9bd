import { said, type Text } from '../../said';
import type { Job } from '../../job/job';
import { lengthsOf } from '../../job/region';
import { WALL_FIXINGS } from '../../mount';
import { inTheWall } from '../inTheWall';
import { clipsFor, plateScrew } from './plan';
import type { PlugFloodlight } from './plugFloodlight';

/** What a floodlight with a plug takes: the camera, what holds it, clips for its lead. */
export function plugParts(job: Job, { fixture, look, outlet }: PlugFloodlight): readonly Text[] {
  if (!fixture) return [];
  const { name } = fixture.data.fixture;
  const lengths = lengthsOf(job);
  const { wall } = look;
  return [
    name,
    ...(wall && WALL_FIXINGS[wall].anchorM > 0 ? [WALL_FIXINGS[wall].anchor] : []),
    ...(wall
      ? [said('plateScrews', { plateScrew: plateScrew(wall, lengths) }), said('bit', { bit: WALL_FIXINGS[wall].bit })]
      : []),
    ...(outlet.wayM === undefined ? [] : [said('leadClips', { clipsFor: clipsFor(outlet.wayM) })]),
  ];
}

/** What holds a floodlight with a plug at its wall, and its lead. */
export function plugHeldBy(job: Job, point: PlugFloodlight): readonly Text[] {
  const { fixture, look, outlet } = point;
  if (!fixture) return [];
  const { wall } = look;
  return [
    ...(wall
      ? [
          ...(WALL_FIXINGS[wall].anchorM > 0 ? [WALL_FIXINGS[wall].anchor] : []),
          said('plateScrews', { plateScrew: plateScrew(wall, lengthsOf(job)) }),
          said('bit', { bit: WALL_FIXINGS[wall].bit }),
        ]
      : [said('wallNotSaid')]),
    said('gasketAllRound'),
    ...(outlet.wayM === undefined ? [] : [said('leadClips', { clipsFor: clipsFor(outlet.wayM) })]),
    ...inTheWall(point),
  ];
}
