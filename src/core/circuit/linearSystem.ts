/** A dense complex matrix, factored once (LU with partial pivoting) to be solved for many right sides. */
export interface FactoredSystem {
  /** Solves in place: `re`, `im` hold the right side before and the unknowns after. */
  readonly solve: (re: Float64Array, im: Float64Array) => void;
}

/** A pivot under this share of the largest entry: the row says nothing that the others don't. */
const NO_PIVOT = 1e-13;

/**
 * Factors a complex matrix given row by row; the arrays are overwritten. An unknown that no row determines (a loop of
 * bare links) is given as 0.
 * @param size unknowns  @param re real parts, size²  @param im imaginary parts, size²
 */
export function factorSystem(size: number, re: Float64Array, im: Float64Array): FactoredSystem {
  const order = new Int32Array(size);
  const free = new Uint8Array(size);
  for (let i = 0; i < size; i++) order[i] = i;
  let largest = 0;
  for (let k = 0; k < re.length; k++) largest = Math.max(largest, Math.abs(re[k] ?? 0), Math.abs(im[k] ?? 0));
  for (let column = 0; column < size; column++) {
    let best = column;
    let most = -1;
    for (let row = column; row < size; row++) {
      const at = row * size + column;
      const a = re[at] ?? 0;
      const b = im[at] ?? 0;
      const square = a * a + b * b;
      if (square > most) {
        most = square;
        best = row;
      }
    }
    if (best !== column) {
      for (let k = 0; k < size; k++) {
        const a = column * size + k;
        const b = best * size + k;
        const keptRe = re[a] ?? 0;
        const keptIm = im[a] ?? 0;
        re[a] = re[b] ?? 0;
        im[a] = im[b] ?? 0;
        re[b] = keptRe;
        im[b] = keptIm;
      }
      const kept = order[column] ?? 0;
      order[column] = order[best] ?? 0;
      order[best] = kept;
    }
    const least = NO_PIVOT * largest;
    if (most <= least * least) {
      free[column] = 1;
      continue;
    }
    const at = column * size + column;
    const pivotRe = (re[at] ?? 0) / most;
    const pivotIm = -(im[at] ?? 0) / most;
    for (let row = column + 1; row < size; row++) {
      const first = row * size + column;
      const a = re[first] ?? 0;
      const b = im[first] ?? 0;
      if (a === 0 && b === 0) continue;
      const factorRe = a * pivotRe - b * pivotIm;
      const factorIm = a * pivotIm + b * pivotRe;
      re[first] = factorRe;
      im[first] = factorIm;
      for (let k = column + 1; k < size; k++) {
        const above = column * size + k;
        const c = re[above] ?? 0;
        const d = im[above] ?? 0;
        const here = row * size + k;
        re[here] = (re[here] ?? 0) - (factorRe * c - factorIm * d);
        im[here] = (im[here] ?? 0) - (factorRe * d + factorIm * c);
      }
    }
  }
  const right = new Float64Array(2 * size);
  return {
    solve: (outRe, outIm) => {
      for (let i = 0; i < size; i++) {
        const from = order[i] ?? 0;
        right[2 * i] = outRe[from] ?? 0;
        right[2 * i + 1] = outIm[from] ?? 0;
      }
      for (let i = 0; i < size; i++) {
        let a = right[2 * i] ?? 0;
        let b = right[2 * i + 1] ?? 0;
        for (let k = 0; k < i; k++) {
          if (free[k]) continue;
          const at = i * size + k;
          a -= (re[at] ?? 0) * (right[2 * k] ?? 0) - (im[at] ?? 0) * (right[2 * k + 1] ?? 0);
          b -= (re[at] ?? 0) * (right[2 * k + 1] ?? 0) + (im[at] ?? 0) * (right[2 * k] ?? 0);
        }
        right[2 * i] = a;
        right[2 * i + 1] = b;
      }
      for (let i = size - 1; i >= 0; i--) {
        let a = right[2 * i] ?? 0;
        let b = right[2 * i + 1] ?? 0;
        for (let k = i + 1; k < size; k++) {
          const at = i * size + k;
          a -= (re[at] ?? 0) * (outRe[k] ?? 0) - (im[at] ?? 0) * (outIm[k] ?? 0);
          b -= (re[at] ?? 0) * (outIm[k] ?? 0) + (im[at] ?? 0) * (outRe[k] ?? 0);
        }
        const c = re[i * size + i] ?? 0;
        const d = im[i * size + i] ?? 0;
        const square = c * c + d * d;
        outRe[i] = free[i] ? 0 : (a * c + b * d) / square;
        outIm[i] = free[i] ? 0 : (b * c - a * d) / square;
      }
    },
  };
}
