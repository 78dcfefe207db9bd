/** Step of the derivatives, radians. */
const NUDGE = 1e-6;
const MOST_STEPS = 60;
/** How far down: near the ground, or to where nothing is gained any more; the gain of a step, as a share. */
const GAIN = { near: 1e-3, end: 1e-13 } as const;
export type Until = keyof typeof GAIN;

/** Solves (A + λ diag A) x = b for a few unknowns by Gauss’s elimination; null where it has no answer. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): readonly number[] | null {
  const rows = matrix.map((row, i) => [...row, right[i] ?? 0]);
  const n = rows.length;
  for (let i = 0; i < n; i++) {
    const pivot = rows.slice(i).reduce((best, row) => (Math.abs(row[i] ?? 0) > Math.abs(best[i] ?? 0) ? row : best));
    const from = rows.indexOf(pivot);
    [rows[i], rows[from]] = [pivot, rows[i] ?? pivot];
    const head = pivot[i] ?? 0;
    if (head === 0) return null;
    for (const row of rows.slice(i + 1)) {
      const share = (row[i] ?? 0) / head;
      for (let k = i; k <= n; k++) row[k] = (row[k] ?? 0) - share * (pivot[k] ?? 0);
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    const row = rows[i] ?? [];
    let rest = row[n] ?? 0;
    for (let k = i + 1; k < n; k++) rest -= (row[k] ?? 0) * (x[k] ?? 0);
    x[i] = rest / (row[i] ?? 1);
  }
  return x;
}

/** Sum of products, by a plain loop: it is asked for most of the time. */
function inner(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] ?? 0) * (b[i] ?? 0);
  return sum;
}

/** Sum of squares; endless where there are none. */
export const squaresOf = (residuals: Float64Array | null): number =>
  residuals === null ? Infinity : inner(residuals, residuals);

/**
 * Levenberg and Marquardt: walks down to the least sum of squares near where it starts, by steps of a few parameters.
 * @param count of the parameters
 * @param at residuals a step away from where it stands; null where there are none
 * @param move takes a step
 * @param until how far down
 * @returns the sum of squares where it ends
 */
export function leastSquares(
  count: number,
  at: (step: readonly number[]) => Float64Array | null,
  move: (step: readonly number[]) => void,
  until: Until,
): { readonly squares: number } {
  const nothing = new Array<number>(count).fill(0);
  let here = at(nothing);
  if (!here) return { squares: Infinity };
  let squares = squaresOf(here);
  let damping = 1e-3;
  for (let i = 0; i < MOST_STEPS && squares > 0; i++) {
    const now: Float64Array = here;
    const slopes = nothing.map((_, k) => {
      const nudged = (by: number) => at(nothing.map((none, m) => (m === k ? by : none)));
      const [ahead, behind] = [nudged(NUDGE), nudged(-NUDGE)];
      const slope = new Float64Array(now.length);
      if (ahead && behind)
        for (let m = 0; m < slope.length; m++) slope[m] = ((ahead[m] ?? 0) - (behind[m] ?? 0)) / (2 * NUDGE);
      return slope;
    });
    const normal = slopes.map((a) => slopes.map((b) => inner(a, b)));
    const gradient = slopes.map((a) => -inner(a, now));
    let better = false;
    for (let tries = 0; tries < 12 && !better; tries++) {
      const damped = normal.map((row, k) => row.map((one, m) => (m === k ? one * (1 + damping) + 1e-12 : one)));
      const step = solved(damped, gradient);
      const there = step && at(step);
      const less = squaresOf(there);
      if (step && there && less < squares) {
        const gain = squares - less;
        move(step);
        here = there;
        squares = less;
        damping = Math.max(1e-12, damping / 10);
        if (gain <= GAIN[until] * squares) return { squares };
        better = true;
      } else damping *= 10;
    }
    if (!better) return { squares };
  }
  return { squares };
}
