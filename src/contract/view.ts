import { array } from 'yup';
import { axesOf, lengthOf, minus, sees, type Axes, type Camera, type SeenPoint } from '@/core/view';
import { exact } from './exact';
import { MOST, boxes, boxesOf, degrees, finite, id, notInside, place, refuse, vec } from './geometry';
import { checkLens, lensFields } from './lens';
import { uniqueIds } from './uniqueIds';

/** Request of POST /api/v1/compute/view: metres, x east, y north, z up. */
export const viewRequest = exact({
  camera: exact({
    ...lensFields,
    position: place(),
    bearingDeg: degrees(),
    tiltDownDeg: degrees(),
    rollDeg: degrees(),
  }),
  boxes: boxes(),
  points: array(exact({ id: id(), point: place() }))
    .min(1)
    .max(MOST.points)
    .defined(),
});
export type ViewRequest = ReturnType<typeof viewRequest.validateSync>;

export interface ViewAnswer {
  readonly axes: Axes;
  readonly points: readonly (SeenPoint & { readonly id: string })[];
}

/** Answers a parsed request. @throws ProblemError 422 where a lens, a box or a point is impossible */
export function answerView(request: ViewRequest): ViewAnswer {
  const camera: Camera = { ...request.camera, position: vec(request.camera.position) };
  checkLens(camera);
  const solid = boxesOf(request.boxes);
  notInside(solid, camera.position, 'camera.position');
  uniqueIds('points', request.points);
  const see = sees(camera, solid);
  return finite(
    {
      axes: axesOf(camera),
      points: request.points.map((one, i) => {
        const point = vec(one.point);
        if (lengthOf(minus(point, camera.position)) === 0) refuse(`points[${i}].point`, 'is where the camera is');
        return { id: one.id, ...see(point) };
      }),
    },
    'points',
  );
}
