/** A place or a direction in the world: x east, y north, z up; metres, or without unit. */
export type Vec3 = readonly [number, number, number];

export const plus = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a: Vec3, by: number): Vec3 => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const lengthOf = (a: Vec3): number => Math.sqrt(dot(a, a));
/** The same direction with length 1. */
export const unit = (a: Vec3): Vec3 => times(a, 1 / lengthOf(a));

/** The angle between two directions, radians, exact also where it is tiny. */
export const angleBetween = (a: Vec3, b: Vec3): number => Math.atan2(lengthOf(cross(a, b)), dot(a, b));
