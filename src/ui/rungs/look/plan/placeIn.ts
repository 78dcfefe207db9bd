import type { PointerEvent } from 'react';
import type { Corner } from '@/core/site';
import type { PlanScale } from '../../../drawing/PlanDrawing';

/** Where on the plan a pointer is; null before the drawing stands. */
export function placeIn(draw: PlanScale, event: PointerEvent<SVGGraphicsElement>): Corner | null {
  const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
  if (!box) return null;
  return draw.at(
    ((event.clientX - box.left) / box.width) * draw.width,
    ((event.clientY - box.top) / box.height) * draw.height,
  );
}
