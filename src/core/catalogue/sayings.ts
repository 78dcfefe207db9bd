import type { None } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface CatalogueSayings {
  devicePlate: None;
  noCrackSeal: None;
  setUpCode: None;
  photographedBeforeGoes: None;
  setUpCodeCustomer: None;
  powerModuleInBag: None;
  versionDeviceAsks: None;
  powerModuleRight: None;
  continuity: None;
  bigEnoughFolded: None;
  connectorsOneSize: None;
  extensionLeads: None;
  bothEndsTinned: None;
  anchorsScrews: None;
  rightWallLong: None;
  anchorsScrewsWall: None;
  wedge: None;
  angleDoorNeeds: None;
  wedgeDoorNeeds: None;
  securityDriver: None;
  fitsBottomScrew: None;
  benchSupply: None;
  deviceStartsShows: None;
  benchSupplyHere: None;
}

declare module '../said/said' {
  interface Sayings extends CatalogueSayings {}
}
