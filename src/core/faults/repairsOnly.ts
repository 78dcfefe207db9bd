import { NOWHERE, standsAt, type Plan, type PlanGround } from './planGround';

/** Faults that are still open while repairs are put in order: one list for all questions, as it is asked for at every branch. */
let stillOpen = new Int32Array(32);

/**
 * Repairs one after the other, no test in between: next is always the one that ends most of the search a minute, its walk
 * counted.
 * @param weights of the faults
 * @param from where one stands
 */
export function repairsOnly(ground: PlanGround, weights: Float64Array, from: number): Plan {
  const { repairFrom, repairAt } = ground;
  if (stillOpen.length < weights.length) stillOpen = new Int32Array(weights.length);
  // Asked for at every branch of every plan: plain loops over what is still open
  const left = stillOpen;
  let [count, open] = [0, 0];
  for (let i = 0; i < weights.length; i++) {
    const weight = weights[i] ?? 0;
    if (weight <= 0) continue;
    left[count++] = i;
    open += weight;
  }
  let [cost, at, first] = [0, from, NOWHERE];
  while (count > 0) {
    const minutes = repairFrom[at + 1];
    if (!minutes) break;
    let [best, bestRate] = [0, -1];
    for (let k = 0; k < count; k++) {
      const i = left[k] ?? 0;
      // No minutes at all: ∞ a minute
      const rate = (weights[i] ?? 0) / (minutes[i] ?? 0);
      if (rate > bestRate) {
        best = k;
        bestRate = rate;
      }
    }
    const fault = left[best] ?? 0;
    if (first === NOWHERE) first = fault;
    cost += open * (minutes[fault] ?? 0);
    open -= weights[fault] ?? 0;
    at = standsAt(at, repairAt[fault] ?? NOWHERE);
    left[best] = left[--count] ?? 0;
  }
  return { cost, first: first === NOWHERE ? null : { repair: first } };
}
