/** Weights once a repair did not help. */
export function without(weights: Float64Array, fault: number): Float64Array {
  const left = Float64Array.from(weights);
  left[fault] = 0;
  return left;
}

/** Weights once a test gave an answer. */
export const answered = (weights: Float64Array, chance: Float64Array): Float64Array =>
  weights.map((weight, i) => weight * (chance[i] ?? 0));

/** Whether a test can change anything: its answers are not equally likely under all faults that are open. */
export function tells(chances: readonly Float64Array[], weights: Float64Array): boolean {
  return chances.some((chance) => {
    let first = NaN;
    for (const [i, weight] of weights.entries()) {
      if (weight <= 0) continue;
      const here = chance[i] ?? 0;
      if (Number.isNaN(first)) first = here;
      else if (Math.abs(here - first) > 1e-12) return true;
    }
    return false;
  });
}
