import { alongAxes, axesOf, isHidden, isInFrame, plus, projecting, sinDeg, times, type Vec3, cosDeg } from '../view';
import { cameraAt, lensPlace, standing, type Aim, type Scene } from './scene';

/** Where the sun stands at a moment: bearing clockwise from north, and height over the horizon, degrees. An almanac tells. */
export type Almanac = (atMs: number) => { readonly bearingDeg: number; readonly heightDeg: number };

/** Where on earth a wall stands, and where it looks, clockwise from north. */
export interface UnderSun {
  readonly almanac: Almanac;
  readonly longitudeDeg: number;
  readonly wallBearingDeg: number;
}

/** When in a month the sun stands in the picture, on its 15th: milliseconds of the first and the last quarter of an hour. */
export interface SunInFrame {
  /** 0 is January. */
  readonly month: number;
  readonly fromMs: number;
  readonly toMs: number;
}

const MIDDLE_DAY = 15;
const STEP_MS = 15 * 60_000;
const DAY_MS = 24 * 3_600_000;
const FAR_M = 500;
/** A sun this near to the horizon is dim, or behind what stands far off: an engineering default, degrees. */
const LOWEST_DEG = 1;

/** The way to the sun in the frame of a wall, length 1; null while it is down. */
function toSun(atMs: number, { almanac, wallBearingDeg }: UnderSun): Vec3 | null {
  const { bearingDeg, heightDeg } = almanac(atMs);
  if (heightDeg < LOWEST_DEG) return null;
  const turn = bearingDeg - wallBearingDeg;
  return [sinDeg(turn) * cosDeg(heightDeg), cosDeg(turn) * cosDeg(heightDeg), sinDeg(heightDeg)];
}

/** Months and hours in which the sun itself stands in the picture, past what stands there. @param year of the almanac */
export function sunInFrame(scene: Scene, aim: Aim, under: UnderSun, year: number): readonly SunInFrame[] {
  const camera = cameraAt(scene, aim);
  const axes = axesOf(camera);
  const project = projecting(camera);
  const from = lensPlace(scene, aim);
  const solids = standing(scene);
  const isIn = (at: number): boolean => {
    const way = toSun(at, under);
    if (!way) return false;
    const [right, down, forward] = alongAxes(axes, way);
    if (camera.model === 'rectilinear' && forward <= 0) return false;
    const pixel = project(right, down, forward);
    return pixel !== null && isInFrame(camera, pixel) && !isHidden(solids, from, plus(from, times(way, FAR_M)));
  };
  return Array.from({ length: 12 }, (_, month) => {
    // A day of the sun there: from midnight to midnight by its longitude
    const start = Date.UTC(year, month, MIDDLE_DAY) - (under.longitudeDeg / 360) * DAY_MS;
    const hits = Array.from({ length: DAY_MS / STEP_MS }, (__, i) => start + i * STEP_MS).filter(isIn);
    const [fromMs, toMs] = [hits[0], hits.at(-1)];
    return fromMs === undefined || toMs === undefined ? [] : [{ month, fromMs, toMs }];
  }).flat();
}
