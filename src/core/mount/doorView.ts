import { said, type Text } from '../said';

const DEGREES = 180 / Math.PI;

/** The people and things that a doorbell camera should see (domain/mount). */
export const SCENE = {
  tallestM: 1.95,
  shortestM: 1.0,
  /** Chin under the crown. */
  faceM: 0.24,
  nearestM: 0.6,
  farthestM: 1.2,
  parcelHeightM: 0.3,
  /** The parcel lies close to the wall: its middle. */
  parcelAtM: 0.35,
} as const;

/** Tilt angles, positive looking down, that keep something in frame. */
export interface TiltInterval {
  readonly fromDeg: number;
  readonly toDeg: number;
}

export interface DoorView {
  /** Whole faces of every visitor at every distance. */
  readonly faces: TiltInterval;
  readonly parcel: TiltInterval;
  /** Both; null where no tilt shows both. */
  readonly both: TiltInterval | null;
}

/** Elevation of a point seen from the lens, degrees, up positive. */
const elevation = (lensM: number, pointM: number, distanceM: number): number =>
  Math.atan2(pointM - lensM, distanceM) * DEGREES;

function intervalFor(elevations: readonly number[], verticalDeg: number): TiltInterval {
  const half = verticalDeg / 2;
  return { fromDeg: -half - Math.min(...elevations), toDeg: half - Math.max(...elevations) };
}

const overlap = (a: TiltInterval, b: TiltInterval): TiltInterval | null => {
  const fromDeg = Math.max(a.fromDeg, b.fromDeg);
  const toDeg = Math.min(a.toDeg, b.toDeg);
  return fromDeg <= toDeg ? { fromDeg, toDeg } : null;
};

/**
 * Tilt intervals in which faces and the parcel on the mat are in frame: a point at elevation e is in frame at a tilt t
 * (down positive) while |e + t| is at most half the vertical field of view.
 * @param lensM height of the lens over the ground the visitor stands on
 * @returns intervals; one whose `fromDeg` is over its `toDeg` is empty
 */
export function doorView(lensM: number, verticalDeg: number): DoorView {
  const { tallestM, shortestM, faceM, nearestM, farthestM, parcelHeightM, parcelAtM } = SCENE;
  const faces = intervalFor(
    [nearestM, farthestM].flatMap((distance) => [
      elevation(lensM, tallestM, distance),
      elevation(lensM, shortestM - faceM, distance),
    ]),
    verticalDeg,
  );
  const parcel = intervalFor([elevation(lensM, parcelHeightM, parcelAtM)], verticalDeg);
  return { faces, parcel, both: overlap(faces, parcel) };
}

/** Whether one visitor's whole face is in frame. */
export function faceSeen(
  lensM: number,
  tiltDeg: number,
  verticalDeg: number,
  visitorM: number,
  distanceM: number,
): boolean {
  return [visitorM, visitorM - SCENE.faceM].every(
    (point) => Math.abs(elevation(lensM, point, distanceM) + tiltDeg) <= verticalDeg / 2,
  );
}

/** The visitors that are asked about: the tallest and the shortest, close up and a step back. */
export const VISITORS = [
  { words: said('tallestCloseUp'), heightM: SCENE.tallestM, distanceM: SCENE.nearestM },
  { words: said('tallestStepBack'), heightM: SCENE.tallestM, distanceM: SCENE.farthestM },
  { words: said('shortestCloseUp'), heightM: SCENE.shortestM, distanceM: SCENE.nearestM },
  { words: said('shortestStepBack'), heightM: SCENE.shortestM, distanceM: SCENE.farthestM },
] as const;

/** Whose face is cut at one tilt, in words; none where every face is whole. */
export const facesCut = (lensM: number, tiltDeg: number, verticalDeg: number): readonly Text[] =>
  VISITORS.filter(({ heightM, distanceM }) => !faceSeen(lensM, tiltDeg, verticalDeg, heightM, distanceM)).map(
    ({ words }) => words,
  );

/** What is in frame at one tilt. */
export const seenAt = (view: DoorView, tiltDeg: number): { readonly faces: boolean; readonly parcel: boolean } => {
  const within = ({ fromDeg, toDeg }: TiltInterval): boolean => tiltDeg >= fromDeg && tiltDeg <= toDeg;
  return { faces: within(view.faces), parcel: within(view.parcel) };
};
