import { cameraAt, jointOf, lensOf, lensPlace, targetPlace, type Aim, type Scene } from './scene';
import { askedPxPerM, boxesFor } from './seenTarget';
import {
  alongAxes,
  axesOf,
  focalPx,
  isHidden,
  isInFrame,
  lengthOf,
  minus,
  projecting,
  type Vec3,
  type Axes,
  type Lens,
  type Projecting,
} from '../view';

interface Known {
  readonly offset: Vec3;
  readonly distanceM: number;
  readonly isHidden: boolean;
  readonly isOut: boolean;
  readonly asked: number;
}

/** What meeting a target weighs against keeping another out of the picture, and against standing near the middle. */
const WORTH = { met: 10, keptOut: 8, middle: 1 } as const;
/** A picture that leans by 45° is worth one target less: under an eave a head that turns leans it. */
const LEANS = Math.SQRT1_2;

/** Of a lens, what is the same for every aim. */
interface Drawn {
  readonly camera: Lens;
  readonly project: Projecting;
  readonly f: number;
  readonly half: number;
}

const drawnBy = (camera: Lens): Drawn => ({
  camera,
  project: projecting(camera),
  f: focalPx(camera),
  half: Math.hypot(camera.widthPx, camera.heightPx) / 2,
});

/** Axes by whole degrees of the joint, on a wall and under an eave: hundreds of spots ask for the same few thousand. */
const AXES: Readonly<Record<Scene['surface'], Map<number, Axes>>> = { wall: new Map(), eave: new Map() };

function axesAt(scene: Scene, aim: Aim): Axes {
  const known = AXES[scene.surface];
  const key = 1e6 * (scene.turnedDeg ?? 0) + 1000 * aim.panDeg + aim.jointDeg;
  const before = known.get(key);
  if (before) return before;
  const axes = axesOf(cameraAt(scene, aim));
  known.set(key, axes);
  return axes;
}

/** How well a head that stands so does: targets met and kept out, then how near the met ones are to the middle. */
function worthOf(scene: Scene, aim: Aim, known: readonly Known[], lens: Drawn): number {
  const { camera, project, f, half } = lens;
  const axes = axesAt(scene, aim);
  let worth = (-WORTH.met * Math.abs(axes.right[2])) / LEANS;
  for (const { offset, distanceM, isHidden: hidden, isOut, asked } of known) {
    const [right, down, forward] = alongAxes(axes, offset);
    const pixel = project(right, down, forward);
    const shows = !hidden && pixel !== null && isInFrame(camera, pixel);
    if (isOut) worth += shows ? 0 : WORTH.keptOut;
    else if (shows && pixel) {
      const pxPerM = f / (camera.model === 'equidistant' ? distanceM : forward);
      if (pxPerM >= asked) worth += WORTH.met;
      worth += WORTH.middle * (1 - Math.hypot(pixel[0] - camera.widthPx / 2, pixel[1] - camera.heightPx / 2) / half);
    }
  }
  return worth;
}

/**
 * Whole degrees of the joint that do best at a height: first coarse, then round the best. Of equal ones the least turn.
 * @returns null without targets
 */
export function proposeAim(scene: Scene, lensM: number): Aim | null {
  if (scene.targets.length === 0) return null;
  const lens = lensPlace(scene, { lensM });
  const known = scene.targets.map((target): Known => {
    const place = targetPlace(scene, target);
    const offset = minus(place, lens);
    return {
      offset,
      distanceM: lengthOf(offset),
      isHidden: isHidden(boxesFor(scene, target), lens, place),
      isOut: target.wants === 'out',
      asked: askedPxPerM(target.wants),
    };
  });
  const drawn = drawnBy(lensOf(scene.camera));
  const { panDeg, tiltDeg } = jointOf(scene.camera);
  let best: { readonly aim: Aim; readonly worth: number } | null = null;
  const look = (pan: number, tilt: number): void => {
    if (pan < panDeg[0] || pan > panDeg[1] || tilt < tiltDeg[0] || tilt > tiltDeg[1]) return;
    const aim = { lensM, panDeg: pan, jointDeg: tilt };
    const worth = worthOf(scene, aim, known, drawn);
    const ahead = best ? worth - best.worth : 1;
    if (ahead > 1e-9 || (best && ahead > -1e-9 && Math.abs(pan) < Math.abs(best.aim.panDeg))) best = { aim, worth };
  };
  const steps = (from: number, to: number, step: number): readonly number[] =>
    Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, i) => from + i * step);
  for (const pan of steps(panDeg[0], panDeg[1], 5))
    for (const tilt of steps(tiltDeg[0], tiltDeg[1], 5)) look(pan, tilt);
  const coarse = best as { readonly aim: Aim } | null;
  if (coarse)
    for (const pan of steps(coarse.aim.panDeg - 5, coarse.aim.panDeg + 5, 1))
      for (const tilt of steps(coarse.aim.jointDeg - 5, coarse.aim.jointDeg + 5, 1)) look(pan, tilt);
  return (best as { readonly aim: Aim } | null)?.aim ?? null;
}
