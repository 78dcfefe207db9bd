import type { CAMERA_FIELDS, Handling } from '../catalogue';
import { cameraOf } from '../catalogue';
import type { Job } from '../job/job';
import {
  USUAL_TALL_M,
  frameOf,
  isArea,
  solidsFor,
  toLocal,
  type PointFrame,
  type Shape,
  type SitePlan,
  type SolidShape,
} from '../site';
import type { Vec3 } from '../view';
import {
  groundAt,
  onBracket,
  proposeAim,
  type Aim,
  type Level,
  type PrivateArea,
  type Scene,
  type SetBracket,
  type Surroundings,
} from '../yard';
import { buildOf } from './builds';
import type { Point } from './point';

/** The yard before a point with the camera that was chosen for it. */
export interface YardScene {
  readonly scene: Scene;
  /** The same without its bracket. */
  readonly before: Scene;
  readonly cameraId: string;
  readonly bracket: SetBracket | null;
  /** How its head is handled; null of what its sheet does not say. */
  readonly handling: { readonly [K in keyof Handling]: Handling[K] | null };
  readonly name: string;
  /** What its sheet does not say, and is assumed. */
  readonly assumed: readonly (typeof CAMERA_FIELDS)[number][];
  /** How it is planned to hang, or what is proposed where nobody planned it. */
  readonly aim: Aim;
  /** Whether somebody took it for the plan. */
  readonly isPlanned: boolean;
  /** What whole degrees do best; null without targets. */
  readonly proposed: Aim | null;
  readonly isLensKnown: boolean;
  /** How it hangs, as it was measured; null until height, turn and tilt were. */
  readonly built: Aim | null;
}

/** Usual height of a lens over the ground (domain/mount): assumed until it is taped. */
export const USUAL_LENS_M = 2.9;

/** How its lamps are to stand, where somebody said. */
const lampsAsPlanned = ({
  lampDownDeg,
  lampOutDeg,
}: Point['yard']['planned']): Pick<Aim, 'lampDownDeg' | 'lampOutDeg'> => ({
  ...(lampDownDeg === undefined ? {} : { lampDownDeg }),
  ...(lampOutDeg === undefined ? {} : { lampOutDeg }),
});

/** How a head was measured to hang; null while something of it is not known. */
function builtOf({ mount, yard: { planned } }: Point): Aim | null {
  const { heightM, panDeg, downDeg, rollDeg = 0, sensorDownDeg } = mount;
  if (heightM === undefined || panDeg === undefined || downDeg === undefined) return null;
  return {
    lensM: heightM,
    panDeg,
    jointDeg: downDeg,
    measured: { bearingDeg: panDeg, tiltDownDeg: downDeg, rollDeg },
    ...lampsAsPlanned(planned),
    ...(sensorDownDeg === undefined ? {} : { sensorDownDeg }),
  };
}

/** Where a point hangs on the plan; null where it is on none. */
export function frameOfPoint(job: Job, { onPlan: { shapeId, side, alongM } }: Point): PointFrame | null {
  return shapeId === undefined || side === undefined ? null : frameOf(job.plan, { shapeId, side, alongM: alongM ?? 0 });
}

/** Of a window whose height nobody said: its sill and its head over the ground. Engineering defaults. */
const WINDOW_M = { sill: 1, head: 2.2 } as const;

/** What lies higher than the ground about it stands in the way of what lies lower behind it. */
const raisedGround = ({ shapes }: SitePlan, levels: readonly Level[]): readonly SolidShape[] =>
  levels.flatMap(({ id, outline, heightM }) => {
    const shape = shapes.find((one) => one.id === id);
    return shape && shape.groundM > 0
      ? [
          {
            id: `${id}-ground`,
            shape,
            floorM: heightM - shape.groundM,
            prism: { footprint: outline, baseM: heightM - shape.groundM, topM: heightM },
          },
        ]
      : [];
  });

/** A ladder’s foot is looked for so far before the wall. */
const LADDER_M = 0.3;

/** What of a plan lies before a point. @param fallShare by how much its ground falls away */
export function aroundOf(plan: SitePlan, frame: PointFrame, fallShare: number): Surroundings {
  const local = ({ corners }: Shape) => corners.map((corner) => toLocal(frame, corner));
  const of = (...what: readonly Shape['what'][]) => plan.shapes.filter((shape) => what.includes(shape.what));
  const flat: readonly Level[] = plan.shapes
    .filter((shape) => shape.groundM !== 0 && isArea(shape) && USUAL_TALL_M[shape.what] === null)
    .map((shape) => ({ id: shape.id, outline: local(shape), heightM: shape.groundM }));
  // Heights count from where a ladder would stand, which may be on a terrace
  const hereM = groundAt({ around: { levels: flat, baseM: 0 } }, [0, LADDER_M]);
  const groundOf = (shape: Shape): number => {
    const corners = local(shape);
    const out = corners.reduce((sum, [, y]) => sum + y, 0) / corners.length;
    // What was said to lie at a height of its own lies level there
    const falls = flat.some(({ id }) => id === shape.id) ? 0 : fallShare * Math.max(0, out);
    return shape.groundM - hereM - falls;
  };
  const levels = flat.map((level) => ({ ...level, heightM: level.heightM - hereM }));
  return {
    solids: [...solidsFor(plan, frame, groundOf), ...raisedGround(plan, levels)],
    levels,
    baseM: -hereM,
    walks: of('path').map(local),
    areas: [
      ...of('street', 'garden').map((shape): PrivateArea => ({
        id: shape.id,
        what: shape.what,
        corners: local(shape).map(([x, y]): Vec3 => [x, y, groundOf(shape)]),
      })),
      ...of('window').map((shape): PrivateArea => {
        const [a = [0, 0], b = a] = local(shape);
        const [sill, head] = [groundOf(shape) + WINDOW_M.sill, groundOf(shape) + (shape.tallM ?? WINDOW_M.head)];
        return {
          id: shape.id,
          what: shape.what,
          corners: [
            [a[0], a[1], sill],
            [b[0], b[1], sill],
            [b[0], b[1], head],
            [a[0], a[1], head],
          ],
        };
      }),
    ],
  };
}

/** By how much the eaves of its house stand out by the plan; null where it is on none. */
const eaveOver = (job: Job, { onPlan: { shapeId } }: Point): number | null =>
  job.plan.shapes.find(({ id }) => id === shapeId)?.eaveM ?? null;

const known = new WeakMap<Point, { readonly scene: YardScene | null }>();

/**
 * Worked out once for each fold: the proposal is dear.
 * @returns null where no floodlight camera was chosen, and at a door
 */
export function yardSceneOf(job: Job, point: Point): YardScene | null {
  const before = known.get(point);
  if (before) return before.scene;
  const scene = workOut(job, point);
  known.set(point, { scene });
  return scene;
}

function workOut(job: Job, point: Point): YardScene | null {
  const { fixture } = buildOf(point).besideWiring(job, point);
  if (!fixture) return null;
  const { camera, assumed } = cameraOf(fixture);
  const { targets, obstacles, planned } = point.yard;
  const surface = point.look.mountedOn === 'eave' ? 'eave' : 'wall';
  const frame = frameOfPoint(job, point);
  const fallShare = (point.look.fallPercent ?? 0) / 100;
  const before: Scene = {
    camera,
    surface,
    targets,
    obstacles,
    overhangM: surface === 'eave' ? (point.look.overhangM ?? eaveOver(job, point)) : null,
    fallShare,
    around: frame && aroundOf(job.plan, frame, fallShare),
  };
  const scene = onBracket(before, planned.bracket ?? null);
  const lens = planned.lensM ?? point.look.fixtureHeightM;
  const lensM = lens ?? USUAL_LENS_M;
  const proposed = proposeAim(scene, lensM);
  return {
    scene,
    before,
    cameraId: fixture.id,
    handling: { collars: fixture.collars ?? null, aimOrder: fixture.aimOrder ?? null },
    bracket: planned.bracket ?? null,
    name: fixture.name,
    assumed,
    proposed,
    isPlanned: planned.panDeg !== undefined && planned.jointDeg !== undefined,
    isLensKnown: lens !== undefined,
    aim: {
      lensM,
      panDeg: planned.panDeg ?? proposed?.panDeg ?? 0,
      jointDeg: planned.jointDeg ?? proposed?.jointDeg ?? (scene.surface === 'eave' ? 75 : 15),
      ...lampsAsPlanned(planned),
    },
    built: builtOf(point),
  };
}
