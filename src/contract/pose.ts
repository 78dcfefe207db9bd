import { array, number, tuple } from 'yup';
import { isNearLine, lengthOf, minus, poseFrom, unit, type FoundPose, type Lens } from '@/core/view';
import { exact } from './exact';
import { MOST, finite, place, refuse, vec, yesOrNo } from './geometry';
import { checkLens, lensFields } from './lens';

/** Request of POST /api/v1/compute/pose. */
export const poseRequest = exact({
  camera: exact({ ...lensFields, position: place() }),
  marks: array(exact({ point: place(), pixel: tuple([number().defined(), number().defined()]).defined() }))
    .min(1)
    .max(MOST.marks)
    .defined(),
  level: yesOrNo(),
});
export type PoseRequest = ReturnType<typeof poseRequest.validateSync>;

/** Marks whose rays are nearer to one line leave the roll open, degrees. */
const NEAR_LINE_DEG = 0.5;

/** Answers a parsed request. @throws ProblemError 422 where lens or marks are impossible, or no pose has all points in front */
export function answerPose({ camera, marks, level }: PoseRequest): FoundPose {
  const lens: Lens = camera;
  checkLens(lens);
  const position = vec(camera.position);
  const known = marks.map(({ point, pixel: [x, y] }, i) => {
    const at = vec(point);
    if (lengthOf(minus(at, position)) === 0) refuse(`marks[${i}].point`, 'is where the camera is');
    return { point: at, pixel: [x, y] as const };
  });
  if (!level) {
    if (known.length < 2) refuse('marks', 'two are needed where the camera may not be level');
    const rays = known.map(({ point }) => unit(minus(point, position)));
    if (isNearLine(rays, NEAR_LINE_DEG)) refuse('marks', 'all lie on one line through the camera');
  }
  const found = poseFrom(lens, position, known, level);
  return finite(found ?? refuse('marks', 'no pose has all of them in front of the camera'), 'marks');
}
