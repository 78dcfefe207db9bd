import { britain230 } from './britain230';
import { northAmerica120 } from './northAmerica120';
import type { RegionPack } from './pack';

export const REGION_PACKS: readonly RegionPack[] = [northAmerica120, britain230];
export const DEFAULT_REGION = northAmerica120;

/** The pack of a site; the default where the site has not named its region yet. */
export const regionPack = (id: string | null | undefined): RegionPack =>
  REGION_PACKS.find((pack) => pack.id === id) ?? DEFAULT_REGION;
