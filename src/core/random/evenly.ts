import type { Random } from './random';

/**
 * Numbers from 0 to under 1 that fill a box of so many dimensions evenly, one coordinate after the other (Kronecker sequence of
 * the generalised golden ratio, Roberts 2018): what is told from some thousand points scatters far less than by chance.
 */
export function evenly(dimensions: number): Random {
  // The root of x^(d+1) = x + 1, by iteration
  let root = 1.5;
  for (let i = 0; i < 60; i++) root = (1 + root) ** (1 / (dimensions + 1));
  const steps = Array.from({ length: dimensions }, (_, i) => root ** -(i + 1) % 1);
  let [point, dimension] = [0, 0];
  return () => {
    const at = (0.5 + (point + 1) * (steps[dimension] ?? 0)) % 1;
    if (++dimension === dimensions) [point, dimension] = [point + 1, 0];
    return at;
  };
}
