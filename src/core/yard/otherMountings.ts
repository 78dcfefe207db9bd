import type { Bracket, CameraProfile } from '../catalogue';
import { proposeAim } from './proposeAim';
import { cameraAt, type Aim, type Scene } from './scene';
import { seenTargets } from './seenTarget';

/** A camera that could hang there. */
export interface ListedCamera {
  readonly id: string;
  readonly name: string;
  readonly camera: CameraProfile;
  readonly cost: number;
}

/** A bracket as it would be put on: with the side to which it turns. */
export interface SetBracket extends Bracket {
  readonly side: 'left' | 'right' | null;
}

/** What another camera or a bracket would come to on the same spot. */
export interface OtherMounting {
  readonly camera: ListedCamera;
  readonly bracket: SetBracket | null;
  readonly aim: Aim;
  readonly met: number;
  /** By how much its picture leans. */
  readonly leanDeg: number;
  /** Where it would look: to the right looking out, and below the horizon. */
  readonly turnDeg: number;
  readonly downDeg: number;
}

/** How a yard lies before a camera on a bracket. */
export const onBracket = (scene: Scene, bracket: SetBracket | null): Scene =>
  bracket === null
    ? scene
    : {
        ...scene,
        surface: bracket.upright ? 'wall' : scene.surface,
        turnedDeg: bracket.side === null ? 0 : bracket.side === 'left' ? -bracket.turnDeg : bracket.turnDeg,
        outM: bracket.outM,
      };

const bothSides = (bracket: Bracket): readonly SetBracket[] =>
  bracket.turnDeg === 0
    ? [{ ...bracket, side: null }]
    : (['left', 'right'] as const).map((side) => ({ ...bracket, side }));

/** From here on it is worth another mounting that a picture leans so much less. */
export const LEANS_LESS_DEG = 15;
const SHOWN = 3;

/**
 * Cameras of the list and brackets that meet more on the same spot than it does now, or as much with a picture that leans far
 * less: those that meet most first, then the
 * cheapest: a bracket, another camera, both.
 * @param scene without a bracket
 * @param now what hangs there, how many targets it meets, and by how much its picture leans
 */
export function otherMountings(
  scene: Scene,
  lensM: number,
  now: { readonly cameraId: string; readonly met: number; readonly leanDeg: number },
  cameras: readonly ListedCamera[],
  brackets: readonly Bracket[],
): readonly OtherMounting[] {
  const own = cameras.find(({ id }) => id === now.cameraId);
  const costOf = ({ camera, bracket }: OtherMounting): number =>
    (camera.id === own?.id ? 0 : camera.cost) + (bracket?.cost ?? 0);
  const all = cameras.flatMap((camera) =>
    [null, ...brackets.flatMap(bothSides)].flatMap((bracket): readonly OtherMounting[] => {
      const there = onBracket({ ...scene, camera: camera.camera }, bracket);
      const aim = proposeAim(there, lensM);
      if (!aim) return [];
      const met = seenTargets(there, aim).filter(({ miss }) => miss === null).length;
      const { bearingDeg, tiltDownDeg, rollDeg } = cameraAt(there, aim);
      return [{ camera, bracket, aim, met, leanDeg: Math.abs(rollDeg), turnDeg: bearingDeg, downDeg: tiltDownDeg }];
    }),
  );
  return all
    .filter(({ met, leanDeg }) => met > now.met || (met === now.met && leanDeg < now.leanDeg - LEANS_LESS_DEG))
    .sort((a, b) => b.met - a.met || costOf(a) - costOf(b))
    .slice(0, SHOWN);
}
