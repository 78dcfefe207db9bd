import { toLocal, type PointFrame } from '../site';
import type { PixelClass } from '../view';
import { classOfCode, classRaster, type Stretch } from './coverage';
import type { Aim, Scene } from './scene';

/** A camera of a site: where it hangs on the plan, what lies before it, how it is aimed. */
export interface SiteCamera {
  readonly frame: PointFrame;
  readonly scene: Scene;
  readonly aim: Aim;
}

/** The part of a plan that is looked over. */
export interface SiteExtent {
  readonly leftM: number;
  readonly lowM: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly cellM: number;
}

/** What all cameras of a site see together. */
export interface SiteCoverage {
  /** Rows from below, stretches that are seen alike. */
  readonly stretches: readonly Stretch[];
  /** Square metres that are seen so finely by the camera that sees them best; `none` is blind. */
  readonly areaM2: Readonly<Record<PixelClass, number>>;
}

/** A camera is asked about so far out: farther off hardly anything is told apart. */
const REACH_M = 40;

/**
 * How finely a face is seen at every place of a site, by the camera that sees it best.
 * @param tell is told after each camera how many are done
 */
export function siteCoverage(
  cameras: readonly SiteCamera[],
  { leftM, lowM, widthM, heightM, cellM }: SiteExtent,
  tell: (done: number) => void = () => undefined,
): SiteCoverage {
  const columns = Math.max(1, Math.round(widthM / cellM));
  const rows = Math.max(1, Math.round(heightM / cellM));
  const best = new Uint8Array(columns * rows);
  for (const [k, { frame, scene, aim }] of cameras.entries()) {
    const local = classRaster(scene, aim, { acrossM: REACH_M, awayM: REACH_M, cellM });
    for (let j = 0; j < rows; j++)
      for (let i = 0; i < columns; i++) {
        const [right, out] = toLocal(frame, [leftM + (i + 0.5) * cellM, lowM + (j + 0.5) * cellM]);
        const [column, row] = [Math.floor((right + REACH_M) / cellM), Math.floor(out / cellM)];
        if (row < 0 || row >= local.rows || column < 0 || column >= local.columns) continue;
        const code = local.codes[row * local.columns + column] ?? 0;
        const at = j * columns + i;
        if (code > (best[at] ?? 0)) best[at] = code;
      }
    tell(k + 1);
  }
  const areaM2: Record<PixelClass, number> = {
    identify: 0,
    recognise: 0,
    observe: 0,
    detect: 0,
    monitor: 0,
    none: 0,
  };
  const stretches: Stretch[] = [];
  for (let j = 0; j < rows; j++) {
    let open = { i: 0, code: best[j * columns] ?? 0 };
    for (let i = 0; i <= columns; i++) {
      const here = i === columns ? -1 : (best[j * columns + i] ?? 0);
      if (here === open.code) continue;
      const seen = classOfCode(open.code);
      areaM2[seen] += (i - open.i) * cellM * cellM;
      if (seen !== 'none')
        stretches.push({
          y: lowM + (j + 0.5) * cellM,
          fromX: leftM + open.i * cellM,
          toX: leftM + i * cellM,
          class: seen,
        });
      open = { i, code: here };
    }
  }
  return { stretches, areaM2 };
}
