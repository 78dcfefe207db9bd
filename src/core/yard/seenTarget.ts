import {
  PIXEL_CLASSES,
  aimAt,
  degreesOf,
  isHidden,
  isInside,
  lengthOf,
  minus,
  radiansOf,
  sees,
  type PixelClass,
  type SeenPoint,
  type Solid,
} from '../view';
import {
  boxOf,
  cameraAt,
  isItself,
  jointOf,
  mountingOf,
  lensPlace,
  standing,
  targetPlace,
  type Aim,
  type ObstacleKind,
  type Scene,
  type Target,
  type Wanted,
} from './scene';
import type { ShapeKind } from '../site';

/** Why a target is missed; null where it is met. */
export type Miss = 'hidden' | 'outOfPicture' | 'tooCoarse' | 'inPicture';

export interface SeenTarget {
  readonly target: Target;
  readonly seen: SeenPoint;
  readonly miss: Miss | null;
  /** How steeply it is looked down upon, degrees below the horizon; from 20° on a face is seen badly, over 30° only caps. */
  readonly downDeg: number;
}

/** From here on a face is seen badly, and from there only caps (domain/mount). */
export const STEEP_DEG = { badly: 20, caps: 30 } as const;

/** By how much a head misses a target where its joint comes nearest to it, degrees; 0 where it looks straight at it. */
export const jointMissDeg = (scene: Scene, aim: Pick<Aim, 'lensM'>, target: Target): number =>
  aimAt(mountingOf(scene), lensPlace(scene, aim), jointOf(scene.camera), targetPlace(scene, target)).missDeg;

/** Lower than this a fixture is in reach of hands: an engineering default, metres. */
const LEAST_LENS_M = 2;

/**
 * The greatest height from which a face at a target is more than a cap.
 * @returns null where that is in reach of hands: another spot or a second camera is asked for
 */
export function lensForFace(scene: Scene, target: Target): number | null {
  const [x, y, z] = targetPlace(scene, target);
  const [lensX, lensY] = lensPlace(scene, { lensM: 0 });
  const highest = z + Math.hypot(x - lensX, y - lensY) * Math.tan(radiansOf(STEEP_DEG.caps));
  return highest < LEAST_LENS_M ? null : highest;
}

const rank = (of: PixelClass | Wanted | null): number => {
  const i = PIXEL_CLASSES.findIndex(({ id }) => id === of);
  return i < 0 ? PIXEL_CLASSES.length : i;
};

/** Pixels per metre that a class asks for; 0 of what is to be out of the picture. */
export const askedPxPerM = (wants: Wanted): number => PIXEL_CLASSES.find(({ id }) => id === wants)?.fromPxPerM ?? 0;

function missOf({ wants }: Target, seen: SeenPoint): Miss | null {
  const shows = seen.inFrame && !seen.hidden;
  if (wants === 'out') return shows ? 'inPicture' : null;
  if (seen.hidden) return 'hidden';
  if (!seen.inFrame) return 'outOfPicture';
  return rank(seen.class) <= rank(wants) ? null : 'tooCoarse';
}

/** What may hide a target: all that stands there but itself. */
export const boxesFor = (scene: Scene, target: Target): readonly Solid[] =>
  standing({ ...scene, obstacles: scene.obstacles.filter((one) => !isItself(one, target)) });

/** How each target is seen by a head that hangs so. */
export function seenTargets(scene: Scene, aim: Aim): readonly SeenTarget[] {
  const camera = cameraAt(scene, aim);
  const lens = lensPlace(scene, aim);
  return scene.targets.map((target) => {
    const place = targetPlace(scene, target);
    const seen = sees(camera, boxesFor(scene, target))(place);
    const way = minus(place, lens);
    return {
      target,
      seen,
      miss: missOf(target, seen),
      downDeg: degreesOf(Math.asin(-way[2] / lengthOf(way))),
    };
  });
}

/** What the lens stands inside of: something of its plan is placed wrongly; null where it stands free. */
export function lensInside(scene: Scene, aim: Aim): ObstacleKind | ShapeKind | null {
  const lens = lensPlace(scene, aim);
  const obstacle = scene.obstacles.find((one) => isInside(boxOf(scene, one), lens));
  return obstacle?.stands ?? scene.around?.solids.find(({ prism }) => isInside(prism, lens))?.shape.what ?? null;
}

/** What hides a target, first in its list; null where only the house itself does. */
export function hiddenBehind(scene: Scene, aim: Aim, target: Target): ObstacleKind | ShapeKind | null {
  const lens = lensPlace(scene, aim);
  const hides = (solid: Solid): boolean => isHidden([solid], lens, targetPlace(scene, target));
  const obstacle = scene.obstacles.find((one) => !isItself(one, target) && hides(boxOf(scene, one)));
  return obstacle?.stands ?? scene.around?.solids.find(({ prism }) => hides(prism))?.shape.what ?? null;
}
