import type { None } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface RegionSayings {
  classTwoSupply: None;
  railSupply: None;
  lineBrownNeutral: None;
  oldColoursHere: None;
  spurOrLighting: None;
  workConsumerUnit: None;
  coverConsumerUnit: None;
  blueMayOld: None;
  sourceOutsideBathroom: None;
  oldSoffits: None;
  hotBlackRed: None;
  clothTwoAlike: None;
  breakerFor: None;
  permitsMayApply: None;
  panelsCoverStays: None;
  whiteMayBeen: None;
  heatingsOwnTransformer: None;
  oldStucco: None;
}

declare module '../said/said' {
  interface Sayings extends RegionSayings {}
}
