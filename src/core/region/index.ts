export type { ColourClaims, RegionPack } from './pack';
export { DEFAULT_REGION, REGION_PACKS, regionPack } from './packs';
export type { RegionSayings } from './sayings';
