/** The 5, 50 and 95 % points of something not exactly known. */
export interface Band {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/**
 * Puts the value of rank `k` (from 0) of a stretch in its place, smaller ones before it, larger ones after it (Hoare’s
 * selection). A table of ways asks for some thousand percentiles: sorting for each took as long as solving.
 */
export function select(values: Float64Array, from: number, to: number, k: number): void {
  let [low, high] = [from, to];
  while (low < high) {
    const pivot = values[(low + high) >> 1] ?? NaN;
    let [i, j] = [low, high];
    while (i <= j) {
      while ((values[i] ?? 0) < pivot) i++;
      while ((values[j] ?? 0) > pivot) j--;
      if (i > j) break;
      const kept = values[i] ?? 0;
      values[i] = values[j] ?? 0;
      values[j] = kept;
      i++;
      j--;
    }
    if (k <= j) high = j;
    else if (k >= i) low = i;
    else return;
  }
}

/** Value at a share of the ranks, between two neighbours where it falls there. `from`: all before are smaller already. */
function at(values: Float64Array, share: number, from: number): number {
  const place = share * (values.length - 1);
  const rank = Math.floor(place);
  select(values, from, values.length - 1, rank);
  const below = values[rank] ?? NaN;
  if (place === rank) return below;
  let above = Infinity;
  for (let i = rank + 1; i < values.length; i++) above = Math.min(above, values[i] ?? Infinity);
  return below + (above - below) * (place - rank);
}

/** Band of equally likely values. */
export function bandOf(given: Iterable<number>): Band {
  // A column is copied whole; going through its iterator would take as long as the selection
  const values = given instanceof Float64Array ? given.slice() : Float64Array.from(given);
  const low = at(values, 0.05, 0);
  const likely = at(values, 0.5, Math.floor(0.05 * (values.length - 1)));
  const high = at(values, 0.95, Math.floor(0.5 * (values.length - 1)));
  return { low, likely, high };
}

/** The value of a rank (from 0) among many. */
export function ofRank(given: Float64Array, rank: number): number {
  const values = given.slice();
  select(values, 0, values.length - 1, rank);
  return values[rank] ?? NaN;
}
