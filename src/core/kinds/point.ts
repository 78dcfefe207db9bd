import { array, boolean, number, string } from 'yup';
import { said, type Text } from '../said';
import { BAG } from '../catalogue';
import { LIMITS, TEXT, fact, schemasOf } from '../facts';
import { WALLS } from '../mount';
import { WIFI_WALLS } from '../wifi';
import { deviceProfile, profileName } from './device';
import { exact, maybe, oneOf, reference } from './fields';
import { READING_IDS } from './reading';

/** Names of a list of things, as they are read. */
const namesOf = (value: unknown): Text =>
  Array.isArray(value)
    ? said('listed', { items: (value as readonly { readonly name: string }[]).map(({ name }) => name) })
    : '';

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

export const POINT_FACTS = {
  name: fact.text(),
  deviceId: fact.text(64),
  /** Its figures as the catalogue had them when it was asked for. */
  device: fact.other(deviceProfile.nullable().optional(), profileName),
  wall: fact.choice(WALLS),
  wasThere: fact.choice(WAS_THERE),
  /** Where it had a cable of its own kind: kept for the doorbell, or left in the wall and a new one pulled. */
  ownCable: fact.choice(OWN_CABLES),
  leadReachM: fact.tape(LIMITS.tapeM),
  oldMarksM: fact.tape(LIMITS.tapeM),
  /** Of the wire's hole, over the ground the visitor stands on. */
  holeHeightM: fact.tape(LIMITS.heightM),
  /** To reveal, frame or downpipe. */
  sideClearM: fact.tape(LIMITS.tapeM),
  /** A lip is what a plate can't lie across. */
  lipAboveM: fact.tape(LIMITS.tapeM),
  lipBelowM: fact.tape(LIMITS.tapeM),
  proudM: fact.tape(LIMITS.tapeM),
  revealM: fact.tape(LIMITS.tapeM),
  even: fact.yesNo(),
  oldFixture: fact.choice(OLD_FIXTURES),
  mountedOn: fact.choice(MOUNTED_ON),
  fixtureHeightM: fact.tape(LIMITS.fixtureHeightM),
  /** By how much the eave stands out under which it hangs. */
  overhangM: fact.tape(LIMITS.eaveM),
  /** By how much the ground falls away from the wall; less than 0 where it rises. */
  fallPercent: fact.percent(LIMITS.fallPercent),
  /** Where its wall looks, clockwise from north. */
  wallBearingDeg: fact.angle(LIMITS.bearingDeg),
  switchedBy: fact.text(),
  shouldSee: fact.choices(SHOULD_SEE),
  mustNotSee: fact.choices(MUST_NOT_SEE),
  rain: fact.choice(RAINS),
  sun: fact.choice(SUNS),
  nightLight: fact.choice(NIGHT_LIGHTS),
  /** Readings that can’t be had here: nothing waits for them. */
  cantRead: fact.choices(READING_IDS),
  /** Transformers of the catalogue that can’t be bought now: no way is made of them. */
  cantHave: fact.other(
    array(exact({ id: reference(), name: string().max(TEXT.short).defined() }))
      .max(20)
      .nullable(),
    namesOf,
  ),
  routerM: fact.run(LIMITS.routerM),
  routerWalls: fact.choices(WIFI_WALLS, LIMITS.routerWalls.most),
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
