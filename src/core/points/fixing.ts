import { said, type Text } from '../said';
import type { Job } from '../job/job';
import { EAVE_CLEAR_M, LADDER_FOOT_SHARE } from '../mount';
import { climbOf } from './climbs';
import type { Point } from './point';
import { yardSceneOf } from './yardScene';

/** One thing about how a point is held, and whether it asks for care. */
export interface FixingLine {
  readonly words: Text;
  readonly isCaution: boolean;
}

const line = (words: Text): FixingLine => ({ words, isCaution: false });
const caution = (words: Text): FixingLine => ({ words, isCaution: true });

/** How far the eaves of its house are over a lens; null where they are on no plan. */
function underEaves(job: Job, point: Point, lensM: number): number | null {
  const around = yardSceneOf(job, point)?.scene.around;
  const eaves = around?.solids.find(({ id, shape }) => shape.id === point.onPlan.shapeId && id !== shape.id);
  return eaves ? eaves.prism.baseM - lensM : null;
}

/** What holds a point at its wall, what its ladder must reach, what stays clear: as far as it is known now. */
export function fixingOf(job: Job, point: Point): readonly FixingLine[] {
  const held = climbOf(point).heldBy(job, point);
  const yard = yardSceneOf(job, point);
  if (!yard) return held.map(line);
  const lensM = point.mount.heightM ?? yard.aim.lensM;
  const isOnEave = yard.scene.surface === 'eave';
  const clearM = isOnEave ? null : underEaves(job, point, lensM);
  return [
    ...held.map(line),
    ...(clearM === null
      ? []
      : clearM < EAVE_CLEAR_M
        ? [caution(said('eaveTooNear', { metres: Math.max(0, clearM), least: EAVE_CLEAR_M }))]
        : [line(said('eaveOver', { metres: clearM }))]),
    line(said('ladderFor', { lengthM: lensM * Math.hypot(1, LADDER_FOOT_SHARE), footM: lensM * LADDER_FOOT_SHARE })),
  ];
}
