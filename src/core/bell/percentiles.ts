/** The 5, 50 and 95 % points of something not exactly known. */
export interface Band {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

const at = (sorted: Float64Array, share: number): number => {
  const place = share * (sorted.length - 1);
  const below = sorted[Math.floor(place)] ?? NaN;
  const above = sorted[Math.ceil(place)] ?? NaN;
  return below + (above - below) * (place - Math.floor(place));
};

/** Band of equally likely values. */
export function bandOf(values: Iterable<number>): Band {
  const sorted = Float64Array.from(values).sort();
  return { low: at(sorted, 0.05), likely: at(sorted, 0.5), high: at(sorted, 0.95) };
}
