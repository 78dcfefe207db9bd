import {
  alongAxes,
  axesOf,
  isHidden,
  isInFrame,
  minus,
  projecting,
  rayOf,
  stops,
  plus,
  times,
  type Camera,
  type Vec3,
} from '../view';
import {
  FACE_M,
  PARCEL_M,
  doorCamera,
  revealBoxes,
  visitorsOf,
  type DoorHangs,
  type DoorScene,
  type Visitor,
} from './doorScene';

/** What is in frame as a doorbell hangs. */
export interface DoorSeen {
  /** Visitors whose face is not whole in frame. */
  readonly cut: readonly Visitor['id'][];
  /** Share of the parcel that is in frame. */
  readonly parcel: number;
  readonly sees: Sees;
}
export type Sees = 'both' | 'faces' | 'parcel' | 'neither';

/** So much of a parcel must be in frame for it to be seen. */
export const PARCEL_ASKED = 0.9;
/** A parcel is asked about at so many places along each side. */
const PARCEL_GRID = 6;

type Shows = (place: Vec3) => boolean;

/** Whether a camera shows a place, past what stands out beside it. */
function showing(scene: DoorScene, camera: Camera): Shows {
  const axes = axesOf(camera);
  const project = projecting(camera);
  const boxes = revealBoxes(scene);
  return (place) => {
    const [right, down, forward] = alongAxes(axes, minus(place, camera.position));
    if (camera.model === 'rectilinear' && forward <= 0) return false;
    const pixel = project(right, down, forward);
    return pixel !== null && isInFrame(camera, pixel) && !isHidden(boxes, camera.position, place);
  };
}

const faceShows = (scene: DoorScene, shows: Shows, { tallM, outM }: Visitor): boolean => {
  const x = scene.matRightM;
  const middle = tallM - FACE_M.tall / 2;
  return (
    shows([x, outM, tallM]) &&
    shows([x, outM, tallM - FACE_M.tall]) &&
    shows([x - FACE_M.halfWide, outM, middle]) &&
    shows([x + FACE_M.halfWide, outM, middle])
  );
};

function parcelShare({ matRightM, stepM }: DoorScene, shows: Shows): number {
  const { outM, sizeM } = PARCEL_M;
  const along = (from: number, i: number): number => from + (sizeM * (i + 0.5)) / PARCEL_GRID;
  let seen = 0;
  for (let i = 0; i < PARCEL_GRID; i++)
    for (let j = 0; j < PARCEL_GRID; j++)
      for (let k = 0; k < PARCEL_GRID; k++)
        if (shows([along(matRightM - sizeM / 2, i), along(outM - sizeM / 2, j), along(stepM, k)])) seen++;
  return seen / PARCEL_GRID ** 3;
}

const wordOf = (faces: boolean, parcel: boolean): Sees =>
  faces ? (parcel ? 'both' : 'faces') : parcel ? 'parcel' : 'neither';

/** What is in frame at a height and on wedges, by the full projection. */
export function doorSeen(scene: DoorScene, hangs: DoorHangs): DoorSeen {
  const shows = showing(scene, doorCamera(scene, hangs));
  const cut = visitorsOf(scene)
    .filter((visitor) => !faceShows(scene, shows, visitor))
    .map(({ id }) => id);
  const parcel = parcelShare(scene, shows);
  return { cut, parcel, sees: wordOf(cut.length === 0, parcel >= PARCEL_ASKED) };
}

/** Pixels along each side at which a picture is asked what it looks at. */
const PICTURE_GRID = { across: 48, down: 36 } as const;
/** So far a look goes on. */
const FAR_M = 200;

/** A part of a picture, in pixels. */
export interface Cell {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The cells of a picture that look at something, and those of them that look at the wall or at what stands out beside the plate. */
function cellsOf(scene: DoorScene, hangs: DoorHangs): { readonly all: number; readonly lost: readonly Cell[] } {
  const camera = doorCamera(scene, hangs);
  const axes = axesOf(camera);
  const boxes = revealBoxes(scene);
  const [width, height] = [camera.widthPx / PICTURE_GRID.across, camera.heightPx / PICTURE_GRID.down];
  const lost: Cell[] = [];
  let all = 0;
  for (let i = 0; i < PICTURE_GRID.across; i++)
    for (let j = 0; j < PICTURE_GRID.down; j++) {
      const ray = rayOf(camera, axes, [(i + 0.5) * width, (j + 0.5) * height]);
      if (!ray) continue;
      all++;
      const end = plus(camera.position, times(ray, FAR_M));
      if (ray[1] < 0 || boxes.some((box) => stops(box, camera.position, end)))
        lost.push({ x: i * width, y: j * height, width, height });
    }
  return { all, lost };
}

export const lostCells = (scene: DoorScene, hangs: DoorHangs): readonly Cell[] => cellsOf(scene, hangs).lost;

/** Share of the picture that is lost to the wall itself and to what stands out beside the plate. */
export function wallShare(scene: DoorScene, hangs: DoorHangs): number {
  const { all, lost } = cellsOf(scene, hangs);
  return all === 0 ? 0 : lost.length / all;
}

/** Angles between which something stays in frame. */
export interface Interval {
  readonly fromDeg: number;
  readonly toDeg: number;
}

const SWEEP_DEG = { most: 60, step: 1, exact: 0.01 } as const;

/** The widest run of angles in which something holds; null where it never does. */
function intervalOf(holds: (deg: number) => boolean): Interval | null {
  const edge = (inside: number, outside: number): number => {
    let [good, bad] = [inside, outside];
    while (Math.abs(good - bad) > SWEEP_DEG.exact) {
      const middle = (good + bad) / 2;
      if (holds(middle)) good = middle;
      else bad = middle;
    }
    return good;
  };
  let best: Interval | null = null;
  let from: number | null = null;
  for (let deg = -SWEEP_DEG.most; deg <= SWEEP_DEG.most + SWEEP_DEG.step; deg += SWEEP_DEG.step) {
    const inside = deg <= SWEEP_DEG.most && holds(deg);
    if (inside && from === null) from = deg > -SWEEP_DEG.most ? edge(deg, deg - SWEEP_DEG.step) : deg;
    if (!inside && from !== null) {
      const toDeg = deg > SWEEP_DEG.most ? SWEEP_DEG.most : edge(deg - SWEEP_DEG.step, deg);
      if (!best || toDeg - from > best.toDeg - best.fromDeg) best = { fromDeg: from, toDeg };
      from = null;
    }
  }
  return best;
}

/** What is looked for at a door: a visitor’s whole face, or enough of the parcel. */
export type LookedFor = Visitor | 'parcel';

const holdsAt = (scene: DoorScene, what: LookedFor, hangs: DoorHangs): boolean => {
  const shows = showing(scene, doorCamera(scene, hangs));
  return what === 'parcel' ? parcelShare(scene, shows) >= PARCEL_ASKED : faceShows(scene, shows, what);
};

/** Tilts, down positive, that keep something in frame at a height and on a side wedge; null where none does. */
export const tiltInterval = (scene: DoorScene, what: LookedFor, hangs: Omit<DoorHangs, 'tiltDeg'>): Interval | null =>
  intervalOf((tiltDeg) => holdsAt(scene, what, { ...hangs, tiltDeg }));

/** Turns, to the right positive, that keep something in frame at a height and on a tilt wedge; null where none does. */
export const panInterval = (scene: DoorScene, what: LookedFor, hangs: Omit<DoorHangs, 'sideDeg'>): Interval | null =>
  intervalOf((sideDeg) => holdsAt(scene, what, { ...hangs, sideDeg }));
