/**
 * Where a cloud of draws has gone, as a Gaussian over the unknowns that the readings told something of. The others are
 * still standard normal numbers and need no shape.
 */
export interface CloudShape {
  /** Places of the informed unknowns in a draw. */
  readonly informed: Int32Array;
  readonly others: Int32Array;
  readonly mean: Float64Array;
  /** Lower triangle L of the covariance `L·Lᵀ`, row by row. */
  readonly lower: Float64Array;
}

/** An unknown counts as informed where its mean or its variance has left those of the prior by this. */
const INFORMED = { mean: 0.12, variance: 0.12 } as const;
/** A little wider than the cloud, so that its edges are walked too. */
const WIDER = 1.15;
const LEAST_VARIANCE = 1e-8;
/** So many draws tell the shape well enough. */
const MOST_MEASURED = 1500;

/** Measures a cloud of draws. @param z draws one after the other, `unknowns` numbers each */
export function cloudShape(z: Float64Array, unknowns: number): CloudShape {
  const step = Math.ceil(z.length / unknowns / MOST_MEASURED);
  const count = Math.floor(z.length / unknowns / step);
  const means = new Float64Array(unknowns);
  const squares = new Float64Array(unknowns);
  for (let i = 0; i < count; i++)
    for (let u = 0; u < unknowns; u++) {
      const value = z[i * step * unknowns + u] ?? 0;
      means[u] = (means[u] ?? 0) + value / count;
      squares[u] = (squares[u] ?? 0) + (value * value) / count;
    }
  const isInformed = (u: number): boolean => {
    const mean = means[u] ?? 0;
    const variance = (squares[u] ?? 0) - mean * mean;
    return Math.abs(mean) > INFORMED.mean || Math.abs(variance - 1) > INFORMED.variance;
  };
  const all = Array.from({ length: unknowns }, (_, u) => u);
  const informed = Int32Array.from(all.filter(isInformed));
  const others = Int32Array.from(all.filter((u) => !isInformed(u)));
  const size = informed.length;
  const mean = Float64Array.from(informed, (u) => means[u] ?? 0);
  const lower = new Float64Array(size * size);
  const off = new Float64Array(size);
  for (let i = 0; i < count; i++) {
    for (let a = 0; a < size; a++) off[a] = (z[i * step * unknowns + (informed[a] ?? 0)] ?? 0) - (mean[a] ?? 0);
    for (let a = 0; a < size; a++)
      for (let b = 0; b <= a; b++)
        lower[a * size + b] = (lower[a * size + b] ?? 0) + (WIDER * (off[a] ?? 0) * (off[b] ?? 0)) / count;
  }
  // Cholesky in place
  for (let a = 0; a < size; a++)
    for (let b = 0; b <= a; b++) {
      let sum = lower[a * size + b] ?? 0;
      for (let k = 0; k < b; k++) sum -= (lower[a * size + k] ?? 0) * (lower[b * size + k] ?? 0);
      lower[a * size + b] = a === b ? Math.sqrt(Math.max(LEAST_VARIANCE, sum)) : sum / (lower[b * size + b] ?? 1);
    }
  return { informed, others, mean, lower };
}
