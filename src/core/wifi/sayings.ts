import type { None, Text } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface WifiSayings {
  good: None;
  workable: None;
  on24GHz: None;
  // wifi
  atTheEdge: None;
  planExtenderFirst: None;
  oneReadingTry: None;
  middleReadings: { readonly readingsCount: number };
  butOnlyMbit: { readonly dbm: Text; readonly up: number; readonly many: Text };
  mbitSUp: { readonly dbm: Text; readonly up: number; readonly many: Text };
  upMbit: { readonly up: number };
  atTheSpot: { readonly dbm: Text; readonly up: Text; readonly many: Text };
  onceMeasured: { readonly word: Text; readonly word2: Text };
  toPredicted: { readonly dbm: Text; readonly dbm2: Text; readonly sure: Text };
  mNearer: { readonly metres: number };
  pastWall: { readonly wall: Text };
  oneMoreTimber: None;
}

declare module '../said/said' {
  interface Sayings extends WifiSayings {}
}
