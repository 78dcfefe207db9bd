import type { WifiSayings } from '@/core/wifi';
import type { Sentences } from '../sentence';
import type { Terms } from '../terms';

/** A signal with a minus that is one. */
export const signal = (dbm: number, t: Terms): string => `${dbm < 0 ? '−' : ''}${t.number(Math.abs(dbm))} dBm`;

export const wifi: Sentences<WifiSayings> = {
  good: 'good',
  workable: 'workable',
  on24GHz: 'on 2.4 GHz',
  // wifi/wifi
  atTheEdge: 'at the edge',
  planExtenderFirst: 'plan an extender first',
  oneReadingTry: 'one reading; try again',
  middleReadings: ({ readingsCount }) => `middle of ${readingsCount} readings`,
  butOnlyMbit: ({ dbm, up, many }, t) =>
    `${signal(dbm, t)}, but only ${up} Mbit/s up: one HD device needs 2 (${many}).`,
  mbitSUp: ({ dbm, up, many }, t) => `${signal(dbm, t)}, ${up} Mbit/s up where 2 are wanted (${many}).`,
  atTheSpot: ({ dbm, up, many }, t) =>
    `${signal(dbm, t)}${up === null ? '' : `, ${up} Mbit/s up`} at the spot (${many}).`,
  predictedBand: ({ lowDbm, highDbm }, t) => `${signal(lowDbm, t)} to ${signal(highDbm, t)} predicted.`,
  predictedEither: ({ lowDbm, highDbm, atLow, atHigh }, t) =>
    `${signal(lowDbm, t)} to ${signal(highDbm, t)} predicted; ${atLow} or ${atHigh} once measured.`,
  mNearer: ({ metres }, t) => `${t.length(metres)} nearer`,
  pastWall: ({ wall }) => `past the ${wall} wall`,
  oneMoreTimber: 'one more timber wall',
};
