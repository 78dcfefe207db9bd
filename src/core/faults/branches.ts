/** Weights once a repair did not help. */
export function without(weights: Float64Array, fault: number): Float64Array {
  const left = Float64Array.from(weights);
  left[fault] = 0;
  return left;
}

/** Weights once a test gave an answer. */
export function answered(weights: Float64Array, chance: Float64Array): Float64Array {
  // Asked for at every branch of every plan: plain loops
  const left = new Float64Array(weights.length);
  for (let i = 0; i < weights.length; i++) left[i] = (weights[i] ?? 0) * (chance[i] ?? 0);
  return left;
}

/** Chances that differ by less are the same. */
export const SAME_CHANCE = 1e-12;

/** Whether a test can change anything: its answers are not equally likely under all faults that are open. */
export function tells(chances: readonly Float64Array[], weights: Float64Array): boolean {
  return chances.some((chance) => {
    let first = NaN;
    for (let i = 0; i < weights.length; i++) {
      if ((weights[i] ?? 0) <= 0) continue;
      const here = chance[i] ?? 0;
      if (Number.isNaN(first)) first = here;
      else if (Math.abs(here - first) > SAME_CHANCE) return true;
    }
    return false;
  });
}
