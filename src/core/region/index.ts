export type { ColourClaims, RegionPack } from './pack';
export { DEFAULT_REGION, REGION_PACKS, regionPack } from './packs';
