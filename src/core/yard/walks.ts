import { degreesOf, turnOf } from '../view';
import type { ShapeKind } from '../site';
import { boxOf, lensPlace, type Aim, type ObstacleKind, type Scene } from './scene';
import { isSensedAt, sensorReach } from './sensor';

/** How a way is met by the rays of a motion sensor (domain/mount): it sees best what crosses them, worst what comes straight at it. */
export type Crossing = 'strong' | 'fair' | 'weak' | 'notSensed';

export interface WalkPiece {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly crossing: Crossing;
}

/** Angle between the way and the line of sight from which on it crosses so well. */
const CROSSES_DEG = { strong: 45, fair: 20 } as const;
const PIECE_M = 0.5;

/** The ways that people walk, piece by piece. */
export function walkPieces(scene: Scene, aim: Aim): readonly WalkPiece[] {
  const lens = lensPlace(scene, aim);
  const crossingOf = ([ax, ay]: WalkPiece['from'], [bx, by]: WalkPiece['to']): Crossing => {
    const [x, y] = [(ax + bx) / 2 - lens[0], (ay + by) / 2 - lens[1]];
    if (!isSensedAt(scene, aim, [(ax + bx) / 2, (ay + by) / 2])) return 'notSensed';
    const [dx, dy] = [bx - ax, by - ay];
    const between = degreesOf(Math.atan2(Math.abs(dx * y - dy * x), Math.abs(dx * x + dy * y)));
    return between > CROSSES_DEG.strong ? 'strong' : between >= CROSSES_DEG.fair ? 'fair' : 'weak';
  };
  return (scene.around?.walks ?? []).flatMap((walk) =>
    walk.slice(1).flatMap((end, i): readonly WalkPiece[] => {
      const start = walk[i] ?? end;
      const pieces = Math.max(1, Math.round(Math.hypot(end[0] - start[0], end[1] - start[1]) / PIECE_M));
      const at = (share: number) =>
        [start[0] + share * (end[0] - start[0]), start[1] + share * (end[1] - start[1])] as const;
      return Array.from({ length: pieces }, (_, k) => {
        const [from, to] = [at(k / pieces), at((k + 1) / pieces)];
        return { from, to, crossing: crossingOf(from, to) };
      });
    }),
  );
}

/** Places along the sides of an outline, half a metre apart. */
const alongOutline = (corners: readonly (readonly [number, number])[]): readonly (readonly [number, number])[] =>
  corners.flatMap((start, i) => {
    const end = corners[(i + 1) % corners.length] ?? start;
    const steps = Math.max(1, Math.ceil(Math.hypot(end[0] - start[0], end[1] - start[1]) / PIECE_M));
    return Array.from(
      { length: steps },
      (_, k) => [start[0] + (k / steps) * (end[0] - start[0]), start[1] + (k / steps) * (end[1] - start[1])] as const,
    );
  });

/** What sets a sensor off for nothing: what moves, what is warm, what passes by. */
const SETS_OFF = new Set<ObstacleKind>(['hedge', 'vent']);

/** What lies within the reach of the sensor and sets it off for nothing: a street, a hedge that moves, a warm air outlet. */
export function sensorMeets(scene: Scene, aim: Aim): readonly (ShapeKind | ObstacleKind)[] {
  const lens = lensPlace(scene, aim);
  const { reachM } = sensorReach(scene.camera, aim);
  const half = scene.camera.sensorLobeDeg / 2;
  const isMet = (corners: readonly (readonly [number, number])[]): boolean =>
    alongOutline(corners).some(([x, y]) => {
      const [right, out] = [x - lens[0], y - lens[1]];
      return (
        Math.hypot(right, out) <= reachM &&
        Math.abs(turnOf(degreesOf(Math.atan2(right, out)) - (scene.turnedDeg ?? 0))) <= half
      );
    });
  const streets = (scene.around?.areas ?? [])
    .filter(({ what, corners }) => what === 'street' && isMet(corners.map(([x, y]) => [x, y] as const)))
    .map(({ what }) => what);
  const hedges = (scene.around?.solids ?? [])
    .filter(({ shape, prism }) => shape.what === 'hedge' && isMet(prism.footprint))
    .map(({ shape }) => shape.what);
  const placed = scene.obstacles
    .filter((one) => SETS_OFF.has(one.stands))
    .filter((one) => {
      const { min, max } = boxOf(scene, one);
      return isMet([
        [min[0], min[1]],
        [max[0], min[1]],
        [max[0], max[1]],
        [min[0], max[1]],
      ]);
    })
    .map(({ stands }) => stands);
  return [...new Set([...streets, ...hedges, ...placed])];
}

/** How far each kind of crossing goes, metres. */
export function walkLengths(pieces: readonly WalkPiece[]): Readonly<Record<Crossing, number>> {
  const sums = { strong: 0, fair: 0, weak: 0, notSensed: 0 };
  for (const { from, to, crossing } of pieces) sums[crossing] += Math.hypot(to[0] - from[0], to[1] - from[1]);
  return sums;
}
