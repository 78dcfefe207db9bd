import type { None, Text } from '../said';

interface PredictedBand {
  readonly lowDbm: number;
  readonly highDbm: number;
  readonly atLow: Text;
  readonly atHigh: Text;
}

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface WifiSayings {
  /** What is predicted, as a band, dBm; either of two words once measured where they differ. */
  predictedBand: PredictedBand;
  predictedEither: PredictedBand;
  good: None;
  workable: None;
  on24GHz: None;
  // wifi
  atTheEdge: None;
  planExtenderFirst: None;
  oneReadingTry: None;
  middleReadings: { readonly readingsCount: number };
  butOnlyMbit: { readonly dbm: number; readonly up: number; readonly many: Text };
  mbitSUp: { readonly dbm: number; readonly up: number; readonly many: Text };
  atTheSpot: { readonly dbm: number; readonly up: number | null; readonly many: Text };
  mNearer: { readonly metres: number };
  pastWall: { readonly wall: Text };
  oneMoreTimber: None;
}

declare module '../said/said' {
  interface Sayings extends WifiSayings {}
}
