import type { OBSTACLES, TARGETS, WANTED } from '../kinds/yard';
import { cosDeg, sinDeg } from '../view';

// What is placed in a yard, as it was paced and turned to from below the lens.

export type TargetKind = (typeof TARGETS)[number];
export type Wanted = (typeof WANTED)[number];
export type ObstacleKind = (typeof OBSTACLES)[number];

/** Where something is: along the ground from below the lens, and by how much to the right. */
export interface Where {
  readonly distanceM: number;
  readonly turnDeg: number;
  readonly how: 'paced' | 'taped';
}

/** Something that is to be seen, or not. */
export interface Target extends Where {
  readonly id: string;
  readonly what: TargetKind;
  readonly wants: Wanted;
  /** Its ground over that below the lens, where somebody measured it. */
  readonly groundM?: number;
}

/** Something that stands in the way; its middle is where it is measured to. */
export interface Obstacle extends Where {
  readonly id: string;
  readonly stands: ObstacleKind;
  readonly widthM: number;
  readonly depthM: number;
  readonly tallM: number;
}

/** Where something is that was paced and turned to: to the right looking out of the wall, and away from it, metres. */
export const placeAt = ({ distanceM, turnDeg }: Pick<Where, 'distanceM' | 'turnDeg'>): readonly [number, number] => [
  distanceM * sinDeg(turnDeg),
  distanceM * cosDeg(turnDeg),
];
