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
  fusedSpurHere: None;
  enclosureOwnRail: None;
  alwaysNotBehind: None;
  plugAdapterAc: None;
  inlineConnectors: None;
  outletMustAlways: None;
  transformerBoxCover: None;
  beforeSwitchBell: None;
  spareBattery: None;
  plugSounder: None;
  somebodyRechargeClips: None;
  surfaceClipped: None;
  cableClipsCount: { readonly count: number };
  pinHammer: None;
  inTrunking: None;
  miniTrunking: { readonly metres: number };
  fineSaw: None;
  fishedWall: None;
  fillerPaintMake: None;
  rodsChain: None;
  detectorWiresPipes: None;
  onlyInsidePermitted: None;
  throughAttic: None;
  cableTies: { readonly count: number };
  boardsOnlyOld: None;
  throughCrawlSpace: None;
  staplesCable: { readonly count: number };
  kneePads: None;
  throughOutsideWall: None;
  sealantHole: { readonly holes: number };
  hammerDrillLong: None;
  angledDownOutside: None;
  awayMainsCablesToo: None;
  bellCable: { readonly metres: number; readonly mm2: number };
}

declare module '../said/said' {
  interface Sayings extends SupplySayings {}
}
