import { boolean, number, string } from 'yup';
import { BAG } from '../catalogue';
import { LIMITS, TEXT, fact, schemasOf } from '../facts';
import { WALLS, WALL_FIXINGS } from '../mount';
import { WIFI_WALLS, WIFI_WALL_FACTS } from '../wifi';
import { deviceProfile, profileName } from './device';
import { exact, maybe, oneOf, reference } from './fields';

export const POINT_KINDS = ['doorbell', 'floodlight', 'plugFloodlight'] as const;
export type PointKind = (typeof POINT_KINDS)[number];
/** What hangs where a floodlight camera is to go. */
export const OLD_FIXTURES = ['lamp', 'sensorLight', 'floodlight', 'nothing'] as const;
export const MOUNTED_ON = ['wall', 'eave', 'post'] as const;
/** What the visitor pressed before. */
export const WAS_THERE = ['button', 'videoDoorbell', 'entryPhone', 'nothing'] as const;
/** What becomes of the cable that an entry phone had of its own. */
export const OWN_CABLES = ['kept', 'left'] as const;
export const SHOULD_SEE = ['faces', 'parcel', 'gate', 'bins', 'car'] as const;
export const MUST_NOT_SEE = ['neighbour', 'street', 'window'] as const;
export const RAINS = ['sheltered', 'someRain', 'drivenRain'] as const;
export const SUNS = ['shade', 'lowSun', 'fullSun'] as const;
export const NIGHT_LIGHTS = ['lit', 'dim', 'dark'] as const;
/** Screws of a chime that a door may hang on. */
export const CHIME_TERMINALS = ['Front', 'Rear'] as const;

/** What of the house a point hangs on, by id. One that nothing was said of before comes into being with it. */
const hangs = {
  supplyId: maybe.text(64),
  chimeId: maybe.text(64),
  terminal: maybe.choice(CHIME_TERMINALS),
  boxId: maybe.text(64),
};

export const pointAdded = exact({
  pointId: reference(),
  pointKind: string<(typeof POINT_KINDS)[number]>().oneOf(POINT_KINDS).defined(),
  name: string().min(1).max(TEXT.short).defined(),
  ...hangs,
});

/** A point hangs on something else than was said, or is of another kind. */
export const pointHung = exact({
  pointId: reference(),
  pointKind: maybe.choice(POINT_KINDS),
  ...hangs,
});

export const THINGS = ['box', 'supply', 'chime'] as const;
export type ThingKind = (typeof THINGS)[number];

/** A transformer, chime or box that was found and no point hangs on yet. */
export const thingFound = exact({
  thingId: reference(),
  thing: oneOf(THINGS),
  name: maybe.text(),
  /** Of a chime: what feeds it. */
  supplyId: maybe.text(64),
});

/** Words of the answers of a table of facts. */
const named = <T extends string, F>(values: readonly T[], table: Readonly<Record<T, F>>, name: (one: F) => string) =>
  // Every value has its entry: the table’s type says so
  Object.fromEntries(values.map((value) => [value, name(table[value])])) as Record<T, string>;

export const POINT_FACTS = {
  name: fact.text('name of the point'),
  deviceId: fact.text('device to fit', 64),
  /** Its figures as the catalogue had them when it was asked for. */
  device: fact.other('device to fit', deviceProfile.nullable().optional(), profileName),
  wall: fact.choice(
    'wall',
    WALLS,
    named(WALLS, WALL_FIXINGS, ({ name }) => name),
  ),
  wasThere: fact.choice('what was there before', WAS_THERE, {
    button: 'a button',
    videoDoorbell: 'a video doorbell',
    entryPhone: 'an entry phone',
    nothing: 'nothing',
  }),
  /** Where it had a cable of its own kind: kept for the doorbell, or left in the wall and a new one pulled. */
  ownCable: fact.choice('its own cable is', OWN_CABLES, { kept: 'kept for the doorbell', left: 'left in the wall' }),
  leadReachM: fact.tape('lead reaches out of the hole', LIMITS.tapeM),
  oldMarksM: fact.tape('old holes and stain, height', LIMITS.tapeM),
  /** Of the wire's hole, over the ground the visitor stands on. */
  holeHeightM: fact.tape('hole over standing ground', LIMITS.heightM),
  /** To reveal, frame or downpipe. */
  sideClearM: fact.tape('free wall to the nearer side', LIMITS.tapeM),
  /** A lip is what a plate can't lie across. */
  lipAboveM: fact.tape('lip above the hole, up to it', LIMITS.tapeM),
  lipBelowM: fact.tape('lip below the hole, down to it', LIMITS.tapeM),
  proudM: fact.tape('sheath or box stands out by', LIMITS.tapeM),
  revealM: fact.tape('frame or reveal, depth', LIMITS.tapeM),
  even: fact.yesNo('wall is even where the plate goes'),
  oldFixture: fact.choice('what hangs there now', OLD_FIXTURES, {
    lamp: 'a lamp',
    sensorLight: 'a light with a sensor',
    floodlight: 'a floodlight camera',
    nothing: 'nothing',
  }),
  mountedOn: fact.choice('mounted on', MOUNTED_ON, { wall: 'wall', eave: 'eave', post: 'post' }),
  fixtureHeightM: fact.tape('height over the ground', LIMITS.fixtureHeightM),
  switchedBy: fact.text('switch that turns it off'),
  shouldSee: fact.choices('should be seen', SHOULD_SEE, {
    faces: 'faces',
    parcel: 'parcel on the mat',
    gate: 'gate',
    bins: 'bins',
    car: 'car',
  }),
  mustNotSee: fact.choices('must not be seen', MUST_NOT_SEE, {
    neighbour: 'neighbour’s garden',
    street: 'street',
    window: 'somebody’s window',
  }),
  rain: fact.choice('rain', RAINS, { sheltered: 'sheltered', someRain: 'some rain', drivenRain: 'driven rain' }),
  sun: fact.choice('sun', SUNS, { shade: 'shade', lowSun: 'low sun into it', fullSun: 'full sun' }),
  nightLight: fact.choice('light at night', NIGHT_LIGHTS, { lit: 'lit', dim: 'dim', dark: 'dark' }),
  routerM: fact.run('distance to the router', LIMITS.routerM),
  routerWalls: fact.choices(
    'walls between',
    WIFI_WALLS,
    named(WIFI_WALLS, WIFI_WALL_FACTS, ({ words }) => words),
    LIMITS.routerWalls.most,
  ),
} as const;

/** What is seen at the spot of a point, of whatever kind. */
export const pointDescribed = exact({ pointId: reference(), ...schemasOf(POINT_FACTS) });

/** The Wi-Fi at the spot, with the door shut. */
export const wifiRead = exact({
  pointId: reference(),
  dbm: number().min(LIMITS.dbm.least).max(LIMITS.dbm.most).defined(),
  upMbit: number().min(LIMITS.mbitPerSecond.least).max(LIMITS.mbitPerSecond.most),
  downMbit: number().min(LIMITS.mbitPerSecond.least).max(LIMITS.mbitPerSecond.most),
  /** Where, if it was not at the spot of the point itself. */
  spot: maybe.text(),
  simulated: boolean(),
});

/** What was found in the bag at the van. */
export const BAG_STATES = ['there', 'missing', 'wrong'] as const;
export const bagChecked = exact({
  pointId: reference(),
  item: oneOf(BAG.map(({ id }) => id)),
  state: maybe.choice(BAG_STATES),
  note: maybe.text(),
});
