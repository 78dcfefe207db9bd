import { luxOf, type Lamp } from '../light';
import { minus, type Vec3 } from '../view';
import { boxesFor } from './seenTarget';
import { cameraAt, lensPlace, targetPlace, type Aim, type Scene, type Target } from './scene';

/** How lamps stand where nobody said: turned out by this, and down (domain/mount). Engineering defaults. */
const LAMP = { outDeg: 20, downDeg: 40, asideM: 0.12, beforeLensM: 0.02 } as const;

/** The lamp heads of a fixture: spread to both sides of where its camera looks. */
export function lampsOf(scene: Scene, aim: Aim): readonly Lamp[] {
  const { lamps, lampLm, lampBeamDeg } = scene.camera;
  const { bearingDeg } = cameraAt(scene, aim);
  const [x, y, z] = lensPlace(scene, aim);
  return Array.from({ length: lamps }, (_, i) => {
    const side = lamps === 1 ? 0 : 2 * (i / (lamps - 1)) - 1;
    return {
      position: [x + side * LAMP.asideM, y + LAMP.beforeLensM, z] as const,
      bearingDeg: bearingDeg + side * LAMP.outDeg,
      tiltDownDeg: LAMP.downDeg,
      fluxLm: lampLm,
      beamDeg: lampBeamDeg,
    };
  });
}

/** Lux on a plane at a target that faces the fixture: a face, or a neighbour’s window. */
export function luxAt(scene: Scene, aim: Aim, target: Target): number {
  const place = targetPlace(target);
  const to = minus(lensPlace(scene, aim), place);
  const facing: Vec3 = [to[0], to[1], 0];
  const boxes = boxesFor(scene, target);
  return lampsOf(scene, aim).reduce((sum, lamp) => sum + luxOf(lamp, boxes)({ point: place, normal: facing }), 0);
}
