import type { Random } from './random';

/** 5 and 95 % points of the standard normal lie at ∓ this. */
export const Z95 = 1.6448536269514722;

/** Fills an array with standard normal numbers (Box–Muller). */
export function normals(count: number, random: Random): Float64Array {
  const out = new Float64Array(count);
  for (let i = 0; i < count; i += 2) {
    const radius = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    out[i] = radius * Math.cos(angle);
    if (i + 1 < count) out[i + 1] = radius * Math.sin(angle);
  }
  return out;
}

/** Share of a standard normal below z (Abramowitz and Stegun 26.2.17, error under 1e-7). */
function exactShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    0.3989422804014327 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}

/** The spread asks for shares some hundred thousand times at each keystroke: a table between these limits serves. */
const TABLE = { from: -6, to: 6, perUnit: 256 } as const;
const SHARES = Float64Array.from({ length: (TABLE.to - TABLE.from) * TABLE.perUnit + 2 }, (_, i) =>
  exactShare(TABLE.from + i / TABLE.perUnit),
);

/** Share of a standard normal below z, error under 1e-6. */
export function normalShare(z: number): number {
  const place = (z - TABLE.from) * TABLE.perUnit;
  if (place <= 0) return 0;
  if (place >= SHARES.length - 2) return 1;
  const index = Math.floor(place);
  const below = SHARES[index] ?? 0;
  return below + (place - index) * ((SHARES[index + 1] ?? 0) - below);
}

// Coefficients of Acklam’s approximation: middle, and tails
const MIDDLE_OVER = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
] as const;
const MIDDLE_UNDER = [
  -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
] as const;
const TAIL_OVER = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
] as const;
const TAIL_UNDER = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416] as const;
const TAIL = 0.02425;

// A house is made of many of these, and thousands of houses are drawn: a plain loop
function polynomial(of: readonly number[], x: number): number {
  let sum = 0;
  for (let i = 0; i < of.length; i++) sum = sum * x + (of[i] ?? 0);
  return sum;
}

/** The z below which a share of a standard normal lies (Acklam 2003, relative error under 1.2e-9); share from 0 to 1, both excluded. */
export function normalAt(share: number): number {
  if (share < TAIL || share > 1 - TAIL) {
    const q = Math.sqrt(-2 * Math.log(Math.min(share, 1 - share)));
    const tail = polynomial(TAIL_OVER, q) / (polynomial(TAIL_UNDER, q) * q + 1);
    return share < 0.5 ? tail : -tail;
  }
  const q = share - 0.5;
  const r = q * q;
  return (polynomial(MIDDLE_OVER, r) * q) / (polynomial(MIDDLE_UNDER, r) * r + 1);
}
