import { luxOf, type Lamp } from '../light';
import { minus, sees, type Vec3 } from '../view';
import { boxesFor } from './seenTarget';
import { cameraAt, lensPlace, targetPlace, type Aim, type Scene, type Target } from './scene';

/** How lamps stand where nobody said: turned out by this, and down, at least. Engineering defaults. */
const USUAL_LAMP = { outDeg: 20, downDeg: 40 } as const;
const LAMP_M = { aside: 0.12, beforeLens: 0.02 } as const;

/** How its lamps stand, or are taken to where nobody said: down so far that their beam stays below the horizon. */
export const lampSet = (
  { camera: { lampBeamDeg } }: Pick<Scene, 'camera'>,
  { lampDownDeg, lampOutDeg }: Pick<Aim, 'lampDownDeg' | 'lampOutDeg'>,
): Required<Pick<Aim, 'lampDownDeg' | 'lampOutDeg'>> => ({
  lampDownDeg: lampDownDeg ?? Math.max(USUAL_LAMP.downDeg, Math.ceil(lampBeamDeg / 2)),
  lampOutDeg: lampOutDeg ?? USUAL_LAMP.outDeg,
});

/** The lamp heads of a fixture: spread to both sides of where its camera looks. */
export function lampsOf(scene: Scene, aim: Aim): readonly Lamp[] {
  const { lamps, lampLm, lampBeamDeg } = scene.camera;
  const { bearingDeg } = cameraAt(scene, aim);
  const [x, y, z] = lensPlace(scene, aim);
  const { lampDownDeg, lampOutDeg } = lampSet(scene, aim);
  return Array.from({ length: lamps }, (_, i) => {
    const side = lamps === 1 ? 0 : 2 * (i / (lamps - 1)) - 1;
    return {
      position: [x + side * LAMP_M.aside, y + LAMP_M.beforeLens, z] as const,
      bearingDeg: bearingDeg + side * lampOutDeg,
      tiltDownDeg: lampDownDeg,
      fluxLm: lampLm,
      beamDeg: lampBeamDeg,
    };
  });
}

/** Lux on a plane at a target that faces the fixture: a face, or a neighbour’s window. */
export function luxAt(scene: Scene, aim: Aim, target: Target): number {
  const place = targetPlace(scene, target);
  const to = minus(lensPlace(scene, aim), place);
  const facing: Vec3 = [to[0], to[1], 0];
  const boxes = boxesFor(scene, target);
  return lampsOf(scene, aim).reduce((sum, lamp) => sum + luxOf(lamp, boxes)({ point: place, normal: facing }), 0);
}

/** Whether light of a lamp goes over the horizon at half its strength or more: it blinds, and lights the sky. */
export const isOverHorizon = ({ tiltDownDeg, beamDeg }: Lamp): boolean => tiltDownDeg < beamDeg / 2;

/** Which lamps stand in the picture, from left to right looking out: a lit one blinds the lens. */
export function lampsInPicture(scene: Scene, aim: Aim): readonly number[] {
  const look = sees(cameraAt(scene, aim), []);
  return lampsOf(scene, aim).flatMap(({ position }, i) => (look(position).inFrame ? [i] : []));
}
