import type { None } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface SearchSayings {
  // transformerPlaces
  besideBoard: None;
  knockOutsDin: None;
  furnaceBoilerRoom: None;
  notHeatingsOwn: None;
  basementCeilingJoist: None;
  underChimeUnder: None;
  lightsBox: None;
  utilityClosetStair: None;
  aboveDroppedCeiling: None;
  liftTileChime: None;
  behindInsideChime: None;
  thickChimeMains: None;
  atticOverDoor: None;
  boardsOnlyWatch: None;
  wallSharedHouse: None;
  closetNearDoor: None;
  upperBackWall: None;
  underStairs: None;
  meterOver: None;
}

declare module '../said/said' {
  interface Sayings extends SearchSayings {}
}
