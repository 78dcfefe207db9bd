import { number, string, tuple } from 'yup';
import { SURFACES, aimAt, lengthOf, minus, type Aim, type Surface } from '@/core/view';
import { exact } from './exact';
import { degrees, finite, place, refuse, vec } from './geometry';

const range = () => tuple([number().defined(), number().defined()]).defined();

/** Request of POST /api/v1/compute/aim. */
export const aimRequest = exact({
  surface: string<Surface>().oneOf(SURFACES).defined(),
  outDeg: degrees(),
  position: place(),
  joint: exact({ panDeg: range(), tiltDeg: range() }),
  target: place(),
});
export type AimRequest = ReturnType<typeof aimRequest.validateSync>;

/** A range of a joint. @throws ProblemError 422 where it is none, or beyond what any joint has */
function rangeOf([low = 0, high = 0]: readonly number[], most: number, path: string): readonly [number, number] {
  if (low < -most || high > most) refuse(path, `is not within −${most} and ${most}`);
  if (low > high) refuse(path, 'its low is over its high');
  return [low, high];
}

/** Answers a parsed request. @throws ProblemError 422 where a range is none or the target is where the head is */
export function answerAim({ surface, outDeg, position, joint, target }: AimRequest): Aim {
  const limits = {
    panDeg: rangeOf(joint.panDeg, 180, 'joint.panDeg'),
    tiltDeg: rangeOf(joint.tiltDeg, 90, 'joint.tiltDeg'),
  };
  const [at, to] = [vec(position), vec(target)];
  if (lengthOf(minus(to, at)) === 0) refuse('target', 'is where the head is');
  return finite(aimAt({ surface, outDeg }, at, limits, to), 'target');
}
