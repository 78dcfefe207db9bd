import { said, type Text } from '../said';

/** What a signal passes on its way, with its loss in dB: domain/survey. */
export const WIFI_WALLS = ['timber', 'brick', 'block', 'concrete', 'stuccoLath', 'foilOrLowE', 'plainGlass'] as const;
export type WifiWall = (typeof WIFI_WALLS)[number];

export const WIFI_WALL_FACTS: Readonly<Record<WifiWall, { readonly lossDb: number }>> = {
  timber: { lossDb: 4 },
  brick: { lossDb: 8 },
  block: { lossDb: 10 },
  concrete: { lossDb: 20 },
  stuccoLath: { lossDb: 20 },
  foilOrLowE: { lossDb: 25 },
  plainGlass: { lossDb: 3 },
};

export type WifiBand = '2.4' | '5';

/** The way from the router to the spot. */
export interface WifiPath {
  readonly distanceM: number;
  readonly walls: readonly WifiWall[];
  readonly band: WifiBand;
}

/** Log-distance law (domain/survey): at 1 m, and how fast it falls indoors. */
const AT_ONE_METRE_DBM = { '2.4': -32, '5': -40 } as const;
const EXPONENT = 2.7;
/** A prediction is off by this much either way (5 and 95 %): an engineering default. */
export const WIFI_SPREAD_DB = 8;

/** Signal at the spot in dBm. Nearer than a metre counts as a metre. */
export const predictDbm = ({ distanceM, walls, band }: WifiPath): number =>
  AT_ONE_METRE_DBM[band] -
  10 * EXPONENT * Math.log10(Math.max(1, distanceM)) -
  walls.reduce((loss, wall) => loss + WIFI_WALL_FACTS[wall].lossDb, 0);

/** Limits of domain/survey: dBm, and Mbit/s up for one HD device. */
export const WIFI_LIMITS = { goodDbm: -60, workableDbm: -67, extenderDbm: -70, upMbit: 2, upLeastMbit: 1 } as const;

export type WifiWord = 'good' | 'workable' | 'doubtful' | 'extender';
export const WIFI_WORDS: Readonly<Record<WifiWord, Text>> = {
  good: said('good'),
  workable: said('workable'),
  doubtful: said('atTheEdge'),
  extender: said('planExtenderFirst'),
};

export interface WifiVerdict {
  readonly word: WifiWord;
  readonly reason: Text;
}

/** What a signal is good for; between workable and the extender’s limit it is at the edge. */
const wordOf = (dbm: number): WifiWord => {
  const { goodDbm, workableDbm, extenderDbm } = WIFI_LIMITS;
  return dbm >= goodDbm ? 'good' : dbm >= workableDbm ? 'workable' : dbm >= extenderDbm ? 'doubtful' : 'extender';
};

/** One reading at the spot with the door shut. */
export interface WifiReading {
  readonly dbm: number;
  readonly upMbit?: number | undefined;
}

const middle = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return ((sorted[Math.ceil(half) - 1] ?? 0) + (sorted[Math.floor(half)] ?? 0)) / 2;
};

/** The readings rule, by their middle one; a slow uplink takes a good signal down with it. @returns null without any */
export function wifiMeasured(readings: readonly WifiReading[]): (WifiVerdict & { readonly dbm: number }) | null {
  if (readings.length === 0) return null;
  const dbm = middle(readings.map((reading) => reading.dbm));
  const ups = readings.flatMap(({ upMbit }) => (upMbit === undefined ? [] : [upMbit]));
  const up = ups.length > 0 ? middle(ups) : null;
  const signal = wordOf(dbm);
  const many =
    readings.length === 1 ? said('oneReadingTry') : said('middleReadings', { readingsCount: readings.length });
  if (up !== null && up < WIFI_LIMITS.upLeastMbit)
    return {
      dbm,
      word: 'extender',
      reason: said('butOnlyMbit', { dbm, up, many }),
    };
  if (up !== null && up < WIFI_LIMITS.upMbit && (signal === 'good' || signal === 'workable'))
    return { dbm, word: 'doubtful', reason: said('mbitSUp', { dbm, up, many }) };
  return {
    dbm,
    word: signal,
    reason: said('atTheSpot', { dbm, up, many }),
  };
}

/** What a path predicts, with its spread: only a help in choosing the spot. */
export function wifiPredicted(
  path: WifiPath,
): WifiVerdict & { readonly dbm: number; readonly low: number; readonly high: number } {
  const dbm = predictDbm(path);
  const [low, high] = [dbm - WIFI_SPREAD_DB, dbm + WIFI_SPREAD_DB];
  const word = wordOf(dbm);
  const open = wordOf(low) !== wordOf(high);
  return {
    dbm,
    low,
    high,
    word,
    reason: said(open ? 'predictedEither' : 'predictedBand', {
      lowDbm: low,
      highDbm: high,
      atLow: WIFI_WORDS[wordOf(low)],
      atHigh: WIFI_WORDS[wordOf(high)],
    }),
  };
}

/** A change of the path and what comes of it. */
export interface WifiChange {
  readonly words: Text;
  readonly gainDb: number;
  readonly dbm: number;
  readonly word: WifiWord;
}

const METRE_STEPS = [1, 3] as const;

/**
 * What a wall more or less and some metres less would change, from where the signal stands now.
 * @param nowDbm measured where there is a reading, else predicted
 */
export function wifiChanges(path: WifiPath, nowDbm: number): readonly WifiChange[] {
  const here = predictDbm(path);
  const change = (words: Text, next: WifiPath): WifiChange => {
    const gainDb = predictDbm(next) - here;
    return { words, gainDb, dbm: nowDbm + gainDb, word: wordOf(nowDbm + gainDb) };
  };
  const heaviest = [...path.walls].sort((a, b) => WIFI_WALL_FACTS[b].lossDb - WIFI_WALL_FACTS[a].lossDb)[0];
  const without = path.walls.filter((_wall, i) => i !== path.walls.indexOf(heaviest ?? 'timber'));
  return [
    ...METRE_STEPS.filter((metres) => path.distanceM - metres >= 1).map((metres) =>
      change(said('mNearer', { metres }), { ...path, distanceM: path.distanceM - metres }),
    ),
    ...(heaviest
      ? [
          change(
            said('pastWall', {
              wall: said('answer', { kind: 'pointDescribed', field: 'routerWalls', value: heaviest }),
            }),
            { ...path, walls: without },
          ),
        ]
      : []),
    change(said('oneMoreTimber'), { ...path, walls: [...path.walls, 'timber'] }),
    ...(path.band === '5' ? [change(said('on24GHz'), { ...path, band: '2.4' })] : []),
  ];
}
