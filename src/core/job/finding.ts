import { transformerSearch, type HouseClues, type TransformerPlace, type TransformerSearch } from '../search';
import { WIFI_WALL_FACTS, wifiMeasured, wifiPredicted, type WifiPath, type WifiVerdict } from '../wifi';
import type { Job, Point } from './job';
import { regionOf } from './survey';

/** Whether there is an old transformer to be found at all. */
export const needsTransformer = ({ look, chime }: Point): boolean =>
  look.wasThere !== undefined &&
  look.wasThere !== 'nothing' &&
  chime.chimeKind !== 'wireless' &&
  chime.chimeKind !== 'boxedMains';

/** Whether a bell that dies with a switch was seen. */
export const diesWithLight = ({ switches, transformer }: Point): boolean =>
  transformer.alwaysFed === 'no' || switches.some(({ bellDies }) => bellDies);

/** The house as the search sees it. */
export function cluesOf(job: Job, point: Point): HouseClues {
  const { site } = job;
  return {
    mainsVolts: regionOf(job).mains.nominalVolts,
    yearBuilt: site.yearBuilt,
    basement: site.basement,
    attic: site.attic,
    heating: site.heating,
    droppedCeiling: site.droppedCeiling,
    garage: site.garage,
    boardArea: site.boardArea,
    chimeKind: point.chime.chimeKind,
    cableLeaves: point.transformer.cableLeaves,
    diesWithLight: diesWithLight(point) || undefined,
    humAt: point.transformer.humAt,
  };
}

/** The search for a point's transformer as it stands. */
export const searchOf = (job: Job, point: Point): TransformerSearch =>
  // Keys of `looked` come from the entries, whose schema lets places through and nothing else
  transformerSearch(cluesOf(job, point), Object.keys(point.looked) as TransformerPlace[]);

/** The way from router to spot; null until the distance is known. */
export function wifiPathOf(job: Job, point: Point): WifiPath | null {
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
export function wifiOf(job: Job, point: Point): WifiStanding | null {
  const here = point.wifi.filter(({ data }) => !data.spot);
  const measured = wifiMeasured((here.length > 0 ? here : point.wifi).map(({ data }) => data));
  if (measured) return { ...measured, measured: true };
  const path = wifiPathOf(job, point);
  return path && { ...wifiPredicted(path), measured: false };
}

/** Walls on the way in words. */
export const wallsText = (path: WifiPath): string =>
  path.walls.map((wall) => WIFI_WALL_FACTS[wall].words).join(', ') || 'no wall';
