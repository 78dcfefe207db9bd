import { array, boolean, number, string, tuple } from 'yup';
import { isInside, type Box, type Vec3 } from '@/core/view';
import { exact } from './exact';
import { ProblemError } from './problem';

// What the requests of view, light, aim and pose have in common.

export const MOST = { points: 1000, boxes: 200, lamps: 50, marks: 100 } as const;

/** Refuses what is of the right type and impossible. */
export const refuse = (path: string, message: string): never => {
  throw new ProblemError(422, `${path}: ${message}.`, [{ path, message }]);
};

export const place = () => tuple([number().defined(), number().defined(), number().defined()]).defined();
export const id = () => string().min(1).max(64).defined();
export const degrees = () => number().defined();
export const yesOrNo = () => boolean().defined();
export const boxes = () =>
  array(exact({ min: place(), max: place() }))
    .max(MOST.boxes)
    .defined();

/** Boxes as they are worked with. @throws ProblemError 422 where a min is not under its max */
export function boxesOf(
  given: readonly { readonly min: readonly number[]; readonly max: readonly number[] }[],
): readonly Box[] {
  return given.map(({ min, max }, i) => {
    for (const k of [0, 1, 2]) if (!((min[k] ?? 0) < (max[k] ?? 0))) refuse(`boxes[${i}]`, 'min is not under max');
    return { min: vec(min), max: vec(max) };
  });
}

export const vec = ([x = 0, y = 0, z = 0]: readonly number[]): Vec3 => [x, y, z];

/** @throws ProblemError 422 where a place lies inside a box */
export function notInside(all: readonly Box[], at: Vec3, path: string): void {
  const i = all.findIndex((box) => isInside(box, at));
  if (i >= 0) refuse(path, `lies inside boxes[${i}]`);
}

/** Figures that can be told. @throws ProblemError 422 where one left what a number holds */
export function finite<T>(answer: T, path: string): T {
  const open: unknown[] = [answer];
  for (let one = open.pop(); one !== undefined; one = open.pop()) {
    if (typeof one === 'number' && !Number.isFinite(one)) refuse(path, 'the figures leave what can be worked with');
    if (typeof one === 'object' && one !== null) open.push(...(Object.values(one) as readonly unknown[]));
  }
  return answer;
}
