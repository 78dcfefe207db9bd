export { SHEET_SIZES, type ColourClaims, type RegionPack, type SheetSize } from './pack';
export { DEFAULT_REGION, REGION_PACKS, regionPack } from './packs';
export { WORKS, isForLicence, type LicenceLine, type Work } from './works';
export type { RegionSayings } from './sayings';
