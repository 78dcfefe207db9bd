import type { Facts } from '../kinds/said';
import { USUAL_TALL_M, type Shape, type SitePlan } from '../site';

/** The plan of a site, by the ids of its shapes in the order in which they were drawn. */
export function sitePlanOf(
  drawn: readonly string[],
  facts: (id: string) => Facts<'shapeDrawn'>,
  said: Facts<'planDescribed'>,
): SitePlan {
  const shapes = drawn.flatMap((id): readonly Shape[] => {
    const { what, corners, tallM, eaveM, groundM, closingM, gone } = facts(id);
    if (!what || !corners || gone === 'yes') return [];
    return [
      {
        id,
        what,
        corners,
        tallM: tallM ?? USUAL_TALL_M[what],
        eaveM: eaveM ?? 0,
        groundM: groundM ?? 0,
        closingM: closingM ?? null,
      },
    ];
  });
  const { northDeg, latitudeDeg, longitudeDeg, zone, underlay, underlayLeftM, underlayTopM, underlayWidthM } = said;
  return {
    shapes,
    northDeg: northDeg ?? null,
    onEarth: latitudeDeg === undefined || longitudeDeg === undefined ? null : { latitudeDeg, longitudeDeg },
    zone: zone ?? null,
    underlay:
      underlay === undefined
        ? null
        : { sha256: underlay, leftM: underlayLeftM ?? 0, topM: underlayTopM ?? 0, widthM: underlayWidthM ?? 20 },
  };
}
