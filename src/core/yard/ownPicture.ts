import { isNearLine, minus, poseFrom, turnOf, unit, type FoundPose, type Vec3 } from '../view';
import { overTarget } from './ground';
import { boxOf, lensOf, lensPlace, type Scene } from './scene';

// How a head stands by its own picture: known places of the yard are pointed at in it.

/** A place of the yard that can be found in a picture. */
export interface Landmark {
  readonly id: string;
  /** Of a target or an obstacle, and which part of it: its foot, or an upper corner. */
  readonly of: string;
  readonly part: 'foot' | 'leftCorner' | 'rightCorner';
  readonly place: Vec3;
}

/** What can be pointed at: feet of targets, and the upper corners of what stands there on the side of the wall. */
export function landmarksOf(scene: Scene): readonly Landmark[] {
  return [
    ...scene.targets.map((target): Landmark => ({
      id: `${target.id}-foot`,
      of: target.what,
      part: 'foot',
      place: overTarget(scene, target, 0),
    })),
    ...scene.obstacles.flatMap((one): readonly Landmark[] => {
      const { min, max } = boxOf(scene, one);
      const [x0, y0] = min;
      const [x1, , z1] = max;
      return [
        { id: `${one.id}-left`, of: one.stands, part: 'leftCorner', place: [x0, y0, z1] },
        { id: `${one.id}-right`, of: one.stands, part: 'rightCorner', place: [x1, y0, z1] },
      ];
    }),
  ];
}

/** A landmark in a picture: as shares of its width and height, whatever size the picture came in. */
export interface PictureMark {
  readonly place: Vec3;
  readonly right: number;
  readonly down: number;
}

export type OwnPicture =
  | { readonly pose: FoundPose; readonly turnDeg: number }
  /** Why nothing can be told: too few marks, all in one line with the camera, or no pose has them all in front. */
  | { readonly refused: 'noMarks' | 'oneSpot' | 'oneLine' | 'behind' };

/** Marks whose rays are nearer to one line leave the roll open, degrees. */
const NEAR_LINE_DEG = 0.5;

/** Two marks of different places that are nearer in the picture are one tap, as a share of its width. */
const ONE_SPOT = 0.002;

const onOneSpot = (marks: readonly PictureMark[]): boolean =>
  marks.some((one, i) =>
    marks.slice(0, i).some((other) => Math.hypot(one.right - other.right, one.down - other.down) < ONE_SPOT),
  );

/** How a head stands that is so high. By one mark it is taken to be level; from two on its lean is found too. */
export function poseOfPicture(scene: Scene, lensM: number, marks: readonly PictureMark[]): OwnPicture {
  if (marks.length === 0) return { refused: 'noMarks' };
  if (onOneSpot(marks)) return { refused: 'oneSpot' };
  const position = lensPlace(scene, { lensM });
  const lens = lensOf(scene.camera);
  const isLevel = marks.length === 1;
  const rays = marks.map(({ place }) => unit(minus(place, position)));
  if (!isLevel && isNearLine(rays, NEAR_LINE_DEG)) return { refused: 'oneLine' };
  const pose = poseFrom(
    lens,
    position,
    marks.map(({ place, right, down }) => ({
      point: place,
      pixel: [right * lens.widthPx, down * lens.heightPx] as const,
    })),
    isLevel,
  );
  return pose ? { pose, turnDeg: turnOf(pose.bearingDeg) } : { refused: 'behind' };
}
