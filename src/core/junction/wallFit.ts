import type { BoxItem } from '../catalogue';

/** A ring or box as a choice holds it; `gasketed` is missing where its sheet was not asked. */
export type WallItem = Pick<BoxItem, 'kind' | 'depthM'> & { readonly gasketed?: 'yes' | 'no' | null | undefined };

/** How a ring or a box sits at the wall. */
export interface WallFit {
  /** How far it stands out of the finished wall, m; 0 where it stays behind it, or on a box that is on the wall anyway. */
  readonly proudM: number;
  /** Whether rain stays out: `open` where its sheet does not say. Always `yes` indoors and for what ends at the wall. */
  readonly dry: 'yes' | 'no' | 'open';
}

/** The box at the wall. A setting that nobody said is flush: the stricter. */
export interface AtTheWall {
  readonly setting: 'flush' | 'surface' | null;
  /** Rim behind the finished wall, m. */
  readonly recessM: number;
}

/**
 * How a ring, a surface box or a deeper box fits the wall (domain/junction: a ring on a flush box stands proud of it, and
 * wet places need a gasketed one). A deeper box takes the old one’s place, behind the plate’s own gasket.
 * @param isWet whether it hangs where rain comes
 */
export function wallFit(
  { kind, depthM, gasketed }: WallItem,
  { setting, recessM }: AtTheWall,
  isWet: boolean,
): WallFit {
  if (kind === 'deeper') return { proudM: 0, dry: 'yes' };
  const proudM = setting === 'surface' ? 0 : Math.max(0, depthM - recessM);
  // Its seam is inside the wall only where it ends behind the finished face of it
  const seamOutside = setting === 'surface' || proudM > 0;
  if (!isWet || !seamOutside || gasketed === 'yes') return { proudM, dry: 'yes' };
  return { proudM, dry: gasketed === 'no' ? 'no' : 'open' };
}
