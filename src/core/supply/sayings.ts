import type { None, Text } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface SupplySayings {
  transformer: None;
  level: None;
  rods: None;
  lamp: None;
  mask: None;
  holesAngledDown: { readonly holes: number };
  stretchOfCable: { readonly way: Text; readonly metres: number };
  // supplyRoute
  transformerBoard: None;
  enclosureClamp: None;
  circuitLabel: None;
  newCircuitLicensed: None;
  fusedSpur3: None;
  enclosureOwnRail: None;
  alwaysNotBehind: None;
  plugAdapterAc: None;
  of2InlineConnectors: None;
  outletMustAlways: None;
  transformerBoxCover: None;
  beforeSwitchBell: None;
  spareBattery: None;
  plugSounder: None;
  somebodyRechargeClips: None;
  surfaceClipped: None;
  cableClips3: { readonly lengthM: number };
  pinHammer: None;
  inTrunking: None;
  miniTrunking: { readonly metres: Text };
  fineSaw: None;
  fishedWall: None;
  fillerPaintMake: None;
  rodsChain: None;
  detectorWiresPipes: None;
  onlyInsidePermitted: None;
  throughAttic: None;
  cableTies: { readonly lengthM: number };
  boardsOnlyOld: None;
  throughCrawlSpace: None;
  staplesCable: { readonly lengthM: number };
  kneePads: None;
  throughOutsideWall: None;
  sealantHole: { readonly holes: number; readonly holes2: Text };
  hammerDrillLong: None;
  angledDownOutside: None;
  awayMainsCables2: None;
  bellCable2: { readonly metres: Text; readonly number: number };
}

declare module '../said/said' {
  interface Sayings extends SupplySayings {}
}
