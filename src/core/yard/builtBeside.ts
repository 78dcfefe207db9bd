import { angleBetween, axesOf, degreesOf } from '../view';
import { nearEdgeM } from './coverage';
import { luxAt } from './lamps';
import { cameraAt, type Aim, type Scene, type Target } from './scene';
import { seenTargets, type SeenTarget } from './seenTarget';
import { sensorReach } from './sensor';

/** What became of a target of the plan on the wall. */
export type Became = 'holds' | 'lost' | 'won' | 'missedAsPlanned';

export interface BuiltTarget {
  readonly target: Target;
  readonly planned: SeenTarget;
  readonly now: SeenTarget;
  readonly became: Became;
  readonly luxPlanned: number;
  readonly luxNow: number;
}

/** A figure by the plan and on the wall. */
export interface Beside {
  readonly planned: number;
  readonly now: number;
}

/** How a head hangs beside how it was planned, and what the difference does. */
export interface BuiltBeside {
  readonly targets: readonly BuiltTarget[];
  readonly sensorReachM: Beside;
  /** The nearest ground that is seen; null where one of the two sees none. */
  readonly nearM: Beside | null;
  /** Between where it should look and where it looks; masks and zones move by it. */
  readonly offDeg: number;
}

/** From here on a mask no longer lies where it was drawn: an engineering default. */
export const MASK_OFF_DEG = 2;

const becameOf = (planned: SeenTarget, now: SeenTarget): Became => {
  if (planned.miss === null) return now.miss === null ? 'holds' : 'lost';
  return now.miss === null ? 'won' : 'missedAsPlanned';
};

/** @param now as it was measured on the wall */
export function builtBeside(scene: Scene, plan: Aim, now: Aim): BuiltBeside {
  const [before, after] = [seenTargets(scene, plan), seenTargets(scene, now)];
  const [nearBefore, nearAfter] = [nearEdgeM(scene, plan), nearEdgeM(scene, now)];
  const forward = (aim: Aim) => axesOf(cameraAt(scene, aim)).forward;
  return {
    targets: before.flatMap((planned, i): readonly BuiltTarget[] => {
      const here = after[i];
      const { target } = planned;
      return here
        ? [
            {
              target,
              planned,
              now: here,
              became: becameOf(planned, here),
              luxPlanned: luxAt(scene, plan, target),
              luxNow: luxAt(scene, now, target),
            },
          ]
        : [];
    }),
    sensorReachM: { planned: sensorReach(scene.camera, plan).reachM, now: sensorReach(scene.camera, now).reachM },
    nearM: nearBefore === null || nearAfter === null ? null : { planned: nearBefore, now: nearAfter },
    offDeg: degreesOf(angleBetween(forward(plan), forward(now))),
  };
}
