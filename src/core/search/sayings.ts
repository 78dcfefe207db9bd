import type { None } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface SearchSayings {
  // transformerPlaces
  knockOutsDin: None;
  notHeatingsOwn: None;
  underChimeUnder: None;
  utilityClosetStair: None;
  liftTileChime: None;
  thickChimeMains: None;
  boardsOnlyWatch: None;
  wallSharedHouse: None;
  upperBackWall: None;
  underStairs: None;
  meterOver: None;
}

declare module '../said/said' {
  interface Sayings extends SearchSayings {}
}
