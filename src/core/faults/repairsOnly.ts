import { NOWHERE, standsAt, type Plan, type PlanGround } from './planGround';

/**
 * Repairs one after the other, no test in between: next is always the one that ends most of the search a minute, its walk
 * counted.
 * @param weights of the faults
 * @param from where one stands
 */
export function repairsOnly(ground: PlanGround, weights: Float64Array, from: number): Plan {
  const { repairMinutes, repairAt, walks } = ground;
  // Asked for at every branch of every plan: plain loops over what is still open
  const left: number[] = [];
  let open = 0;
  for (let i = 0; i < weights.length; i++) {
    const weight = weights[i] ?? 0;
    if (weight <= 0) continue;
    left.push(i);
    open += weight;
  }
  let [cost, at, first] = [0, from, NOWHERE];
  while (left.length > 0) {
    const row = at === NOWHERE ? undefined : walks[at];
    let [best, bestRate, bestMinutes] = [0, -1, 0];
    for (let k = 0; k < left.length; k++) {
      const i = left[k] ?? 0;
      const place = repairAt[i] ?? NOWHERE;
      const minutes = (row === undefined || place === NOWHERE ? 0 : (row[place] ?? 0)) + (repairMinutes[i] ?? 0);
      const rate = minutes > 0 ? (weights[i] ?? 0) / minutes : Infinity;
      if (rate > bestRate) {
        best = k;
        bestRate = rate;
        bestMinutes = minutes;
      }
    }
    const fault = left[best] ?? 0;
    if (first === NOWHERE) first = fault;
    cost += open * bestMinutes;
    open -= weights[fault] ?? 0;
    at = standsAt(at, repairAt[fault] ?? NOWHERE);
    left[best] = left.at(-1) ?? 0;
    left.pop();
  }
  return { cost, first: first === NOWHERE ? null : { repair: first } };
}
