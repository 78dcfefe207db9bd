const PER_DEGREE = Math.PI / 180;

export const radiansOf = (degrees: number): number => degrees * PER_DEGREE;
export const degreesOf = (radians: number): number => radians / PER_DEGREE;

/** Sine of an angle in degrees, exact at quarter turns. */
export function sinDeg(degrees: number): number {
  const turned = degrees % 360;
  if (turned % 180 === 0) return 0;
  if (turned === 90 || turned === -270) return 1;
  if (turned === 270 || turned === -90) return -1;
  return Math.sin(radiansOf(turned));
}

export const cosDeg = (degrees: number): number => sinDeg((degrees % 360) + 90);

/** So close to the end of a turn an angle is the end: rounding decides nothing, degrees. */
const AT_END_DEG = 1e-9;

/** A bearing as it is told: 0 ≤ b < 360. */
export function bearingOf(degrees: number): number {
  const turned = ((degrees % 360) + 360) % 360;
  return turned > 360 - AT_END_DEG ? 0 : turned;
}

/** An angle as it is told: −180 < a ≤ 180. */
export function turnOf(degrees: number): number {
  const turned = bearingOf(degrees);
  if (turned > 180 + AT_END_DEG) return turned - 360;
  return Math.min(turned, 180);
}
