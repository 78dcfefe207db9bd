import type { WifiSayings } from '@/core/wifi';
import type { Sentences } from '../sentence';

export const wifi: Sentences<WifiSayings> = {
  good: 'good',
  workable: 'workable',
  on24GHz: 'on 2.4 GHz',
  // wifi/wifi
  atTheEdge: 'at the edge',
  planExtenderFirst: 'plan an extender first',
  oneReadingTry: 'one reading; try again',
  middleReadings: ({ readingsCount }) => `middle of ${readingsCount} readings`,
  butOnlyMbit: ({ dbm, up, many }) => `${dbm}, but only ${up} Mbit/s up: one HD device needs 2 (${many}).`,
  mbitSUp: ({ dbm, up, many }) => `${dbm}, ${up} Mbit/s up where 2 are wanted (${many}).`,
  upMbit: ({ up }) => `, ${up} Mbit/s up`,
  atTheSpot: ({ dbm, up, many }) => `${dbm}${up} at the spot (${many}).`,
  onceMeasured: ({ word, word2 }) => `; ${word} or ${word2} once measured`,
  toPredicted: ({ dbm, dbm2, sure }) => `${dbm} to ${dbm2} predicted${sure}.`,
  mNearer: ({ metres }) => `${metres} m nearer`,
  pastWall: ({ wall }) => `past the ${wall} wall`,
  oneMoreTimber: 'one more timber wall',
};
