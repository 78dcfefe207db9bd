import { doorView } from './doorView';
import { tiltAdvice, type TiltAdvice } from './wedge';

/** Heights at which a doorbell can still be reached and pressed. */
const REACH = { leastM: 0.9, mostM: 1.6, stepM: 0.01 } as const;
const WORTH: Readonly<Record<TiltAdvice['sees'], number>> = { both: 3, faces: 2, parcel: 1, neither: 0 };

export interface HeightAdvice extends TiltAdvice {
  readonly heightM: number;
}

/**
 * The nearest height from which more is in frame than from where the lens is, with the wedge that it takes.
 * @returns null where no height within reach shows more
 */
export function betterHeight(lensM: number, verticalDeg: number): HeightAdvice | null {
  const here = WORTH[tiltAdvice(doorView(lensM, verticalDeg)).sees];
  const steps = Math.round((REACH.mostM - REACH.leastM) / REACH.stepM);
  const all = Array.from({ length: steps + 1 }, (_, i) => {
    const heightM = REACH.leastM + i * REACH.stepM;
    return { heightM, ...tiltAdvice(doorView(heightM, verticalDeg)) };
  });
  const better = all
    .filter(({ sees }) => WORTH[sees] > here)
    .sort((a, b) => WORTH[b.sees] - WORTH[a.sees] || Math.abs(a.heightM - lensM) - Math.abs(b.heightM - lensM));
  return better[0] ?? null;
}
