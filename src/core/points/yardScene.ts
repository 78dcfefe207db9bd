import type { CAMERA_FIELDS } from '../catalogue';
import { cameraOf } from '../catalogue';
import type { Job } from '../job/job';
import { proposeAim, type Aim, type Scene } from '../yard';
import { buildOf } from './builds';
import type { Point } from './point';

/** The yard before a point with the camera that was chosen for it. */
export interface YardScene {
  readonly scene: Scene;
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

/** How a head was measured to hang; null while something of it is not known. */
function builtOf({ mount }: Point): Aim | null {
  const { heightM, panDeg, downDeg, rollDeg = 0, sensorDownDeg } = mount;
  if (heightM === undefined || panDeg === undefined || downDeg === undefined) return null;
  return {
    lensM: heightM,
    panDeg,
    jointDeg: downDeg,
    measured: { bearingDeg: panDeg, tiltDownDeg: downDeg, rollDeg },
    ...(sensorDownDeg === undefined ? {} : { sensorDownDeg }),
  };
}

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
  const scene: Scene = { camera, surface: point.look.mountedOn === 'eave' ? 'eave' : 'wall', targets, obstacles };
  const lens = planned.lensM ?? point.look.fixtureHeightM;
  const lensM = lens ?? USUAL_LENS_M;
  const proposed = proposeAim(scene, lensM);
  return {
    scene,
    name: fixture.name,
    assumed,
    proposed,
    isPlanned: planned.panDeg !== undefined && planned.jointDeg !== undefined,
    isLensKnown: lens !== undefined,
    aim: {
      lensM,
      panDeg: planned.panDeg ?? proposed?.panDeg ?? 0,
      jointDeg: planned.jointDeg ?? proposed?.jointDeg ?? (scene.surface === 'eave' ? 75 : 15),
    },
    built: builtOf(point),
  };
}
