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
}

/** Usual height of a lens over the ground (domain/mount): assumed until it is taped. */
export const USUAL_LENS_M = 2.9;

/** @returns null where no floodlight camera was chosen, and at a door */
export function yardSceneOf(job: Job, point: Point): YardScene | null {
  const { fixture } = buildOf(point).besideWiring(job, point);
  if (!fixture) return null;
  const { camera, assumed } = cameraOf(fixture);
  const { targets, obstacles, planned } = point.yard;
  const scene: Scene = { camera, surface: point.look.mountedOn === 'eave' ? 'eave' : 'wall', targets, obstacles };
  const known = planned.lensM ?? point.look.fixtureHeightM;
  const lensM = known ?? USUAL_LENS_M;
  const proposed = proposeAim(scene, lensM);
  const isPlanned = planned.panDeg !== undefined && planned.jointDeg !== undefined;
  return {
    scene,
    name: fixture.name,
    assumed,
    proposed,
    isPlanned,
    isLensKnown: known !== undefined,
    aim: {
      lensM,
      panDeg: planned.panDeg ?? proposed?.panDeg ?? 0,
      jointDeg: planned.jointDeg ?? proposed?.jointDeg ?? (scene.surface === 'eave' ? 75 : 15),
    },
  };
}
