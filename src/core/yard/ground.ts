import { isInsideOutline, type Vec3 } from '../view';
import { placeAt, type Target, type Where } from './placed';

// Ground before a wall: it may fall away, and parts of it may lie higher or lower. Heights count from the ground below the lens.

/** A part of the ground that lies level at another height: a terrace, a flight of steps. */
export interface Level {
  readonly id: string;
  readonly outline: readonly (readonly [number, number])[];
  readonly heightM: number;
}

/** What decides how high ground lies. */
export interface Ground {
  /** By how much it falls away from the wall, metres in a metre; less than 0 where it rises. */
  readonly fallShare?: number;
  readonly around?: { readonly levels: readonly Level[]; readonly baseM: number } | null;
}

/** How high the ground lies at a place; of levels that overlap the one that was drawn last counts. */
export function groundAt({ fallShare = 0, around }: Ground, [x, y]: readonly [number, number]): number {
  const level = around?.levels.findLast(({ outline }) => isInsideOutline(outline, [x, y]));
  return level?.heightM ?? (around?.baseM ?? 0) - fallShare * y;
}

/** A place so far over the ground there. */
export function overGround(ground: Ground, where: Pick<Where, 'distanceM' | 'turnDeg'>, heightM: number): Vec3 {
  const [x, y] = placeAt(where);
  return [x, y, groundAt(ground, [x, y]) + heightM];
}

/** A place so far over the ground of a target, which somebody may have measured. */
export function overTarget(ground: Ground, target: Target, heightM: number): Vec3 {
  const [x, y] = placeAt(target);
  return [x, y, (target.groundM ?? groundAt(ground, [x, y])) + heightM];
}
