import { answerName } from '../kinds/factText';
import { said, type Text } from '../said';
import { wifiMeasured, wifiPredicted, type WifiPath, type WifiVerdict } from '../wifi';
import type { Job } from '../job/job';
import type { PointView } from './pointView';

/** The way from router to spot; null until the distance is known. */
export function wifiPathOf(job: Job, point: PointView): WifiPath | null {
  const { routerM, routerWalls } = point.look;
  if (routerM === undefined) return null;
  // Many devices join on 2.4 GHz; 5 is believed only where the house has nothing else
  return { distanceM: routerM, walls: routerWalls ?? [], band: job.customer.wifiBand === '5' ? '5' : '2.4' };
}

export interface WifiStanding extends WifiVerdict {
  readonly measured: boolean;
  readonly dbm: number;
}

/** How the Wi-Fi at a point stands: what was read rules, else what is predicted; null where neither is there. */
export function wifiOf(job: Job, point: PointView): WifiStanding | null {
  const here = point.wifi.filter(({ data }) => !data.spot);
  const measured = wifiMeasured((here.length > 0 ? here : point.wifi).map(({ data }) => data));
  if (measured) return { ...measured, measured: true };
  const path = wifiPathOf(job, point);
  return path && { ...wifiPredicted(path), measured: false };
}

/** Walls on the way in words. */
export const wallsText = (path: WifiPath): Text =>
  path.walls.length === 0
    ? said('noWall')
    : said('listed', { items: path.walls.map((wall) => answerName('pointDescribed', 'routerWalls', wall)) });
