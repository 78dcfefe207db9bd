import { directionOf, lookOf, radiansOf, type Box, type Camera, type Lens, type Look, type Vec3 } from '../view';
import type { Wedge } from '../catalogue';
import { LENS_BEFORE_WALL_M } from './platePlace';
import { stackProudM } from './wedge';

// The door before its doorbell: x to the right looking out of the wall, y away from it, z over the ground on which the visitor
// stands; the origin is below the lens, in the wall.

/** What of a device decides what it sees. */
export interface DoorDevice {
  readonly viewDeg: { readonly horizontal: number; readonly vertical: number };
  readonly plateM: { readonly height: number; readonly width: number };
}

/** A side of the wall, looking out of it. */
export type Side = 'left' | 'right';

/** All that decides what a doorbell sees beside how it hangs. */
export interface DoorScene {
  readonly device: DoorDevice;
  /** Wedges that are at hand. */
  readonly wedges: readonly Wedge[];
  /** To the crown. */
  readonly shortestM: number;
  readonly tallestM: number;
  /** From the wall to where a visitor stands close up, and a step back. */
  readonly nearestM: number;
  readonly farthestM: number;
  /** The middle of the mat, to the right looking out; left is less than 0. */
  readonly matRightM: number;
  /** By how much the mat lies higher than where the visitor stands. */
  readonly stepM: number;
  /** A frame, pipe or wall that stands out at one side; null where none does. */
  readonly reveal: { readonly side: Side; readonly clearM: number; readonly outM: number } | null;
}

/** How a doorbell hangs: its lens over the ground where the visitor stands, and its wedges, looking down and to the right positive. */
export interface DoorHangs {
  readonly lensM: number;
  readonly tiltDeg: number;
  readonly sideDeg: number;
}

/** What is taken where nobody said (domain/mount). */
export const USUAL_SCENE: Omit<DoorScene, 'device' | 'wedges' | 'reveal'> = {
  shortestM: 1.0,
  tallestM: 1.95,
  nearestM: 0.6,
  farthestM: 1.2,
  matRightM: 0,
  stepM: 0,
};

/** From crown to chin, and half the width of a face. */
export const FACE_M = { tall: 0.24, halfWide: 0.08 } as const;
/** The parcel lies close to the wall: its middle, and its sides. */
export const PARCEL_M = { outM: 0.35, sizeM: 0.3 } as const;

/** From here on straight lines no longer stay straight (domain/mount). */
const WIDEST_RECTILINEAR_DEG = 110;
const WIDTH_PX = 1600;

/** The lens of a device whose sheet gives two fields of view. */
export function lensOf({ viewDeg: { horizontal, vertical } }: DoorDevice): Lens {
  const isStraight = horizontal <= WIDEST_RECTILINEAR_DEG;
  const half = (deg: number): number => (isStraight ? Math.tan(radiansOf(deg / 2)) : deg);
  return {
    model: isStraight ? 'rectilinear' : 'equidistant',
    hfovDeg: horizontal,
    widthPx: WIDTH_PX,
    heightPx: (WIDTH_PX * half(vertical)) / half(horizontal),
  };
}

/** How a device looks on its wedges: the side wedge on the wall and the tilt wedge outside it keep the horizon level. */
export const lookOnWedges = ({ tiltDeg, sideDeg }: Pick<DoorHangs, 'tiltDeg' | 'sideDeg'>): Look => ({
  bearingDeg: sideDeg,
  tiltDownDeg: tiltDeg,
  rollDeg: 0,
});

/** The same wedges the other way round: the tilt wedge on the wall, the side wedge outside it. The horizon leans. */
export function lookWrongOrder({ tiltDeg, sideDeg }: Pick<DoorHangs, 'tiltDeg' | 'sideDeg'>): Look {
  // The side wedge turns about the axis that the tilt wedge leaned
  const ahead = directionOf(0, tiltDeg);
  const down = directionOf(0, tiltDeg + 90);
  const [s, c] = [Math.sin(radiansOf(sideDeg)), Math.cos(radiansOf(sideDeg))];
  const forward: Vec3 = [s, c * ahead[1], c * ahead[2]];
  return lookOf({ forward, down });
}

/** The camera of a doorbell as it hangs. */
export const doorCamera = (scene: DoorScene, hangs: DoorHangs): Camera => ({
  ...lensOf(scene.device),
  ...lookOnWedges(hangs),
  position: [0, LENS_BEFORE_WALL_M + stackProudM(scene.wedges, scene.device.plateM, hangs), hangs.lensM],
});

/** What stands out beside the plate, as a box; none where nothing does. */
export function revealBoxes({ reveal }: Pick<DoorScene, 'reveal'>): readonly Box[] {
  if (!reveal || reveal.outM <= 0) return [];
  const { side, clearM, outM } = reveal;
  const [near, far] = [Math.max(clearM, 0.001), Math.max(clearM, 0.001) + 3];
  return [
    side === 'right'
      ? { min: [near, -0.1, -1], max: [far, outM, 4] }
      : { min: [-far, -0.1, -1], max: [-near, outM, 4] },
  ];
}

/** A visitor before the door. */
export interface Visitor {
  readonly id: 'tallNear' | 'tallFar' | 'shortNear' | 'shortFar';
  readonly tallM: number;
  readonly outM: number;
}

/** The visitors that are asked about: the tallest and the shortest, close up and a step back. */
export const visitorsOf = ({ tallestM, shortestM, nearestM, farthestM }: DoorScene): readonly Visitor[] => [
  { id: 'tallNear', tallM: tallestM, outM: nearestM },
  { id: 'tallFar', tallM: tallestM, outM: farthestM },
  { id: 'shortNear', tallM: shortestM, outM: nearestM },
  { id: 'shortFar', tallM: shortestM, outM: farthestM },
];
