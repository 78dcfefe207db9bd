import { boolean, number, string } from 'yup';
import { BAG } from '../catalogue';
import { LIMITS, TEXT } from './limits';
import { WALLS } from '../mount';
import { WIFI_WALLS } from '../wifi';
import { deviceProfile } from './device';
import { exact, maybe, oneOf, reference } from './fields';
import { YES_NO } from './site';

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

/** What is seen at the door. */
export const pointDescribed = exact({
  pointId: reference(),
  name: maybe.text(),
  deviceId: maybe.text(64),
  /** Its figures as the catalogue had them when it was asked for. */
  device: deviceProfile.nullable().optional(),
  wall: maybe.choice(WALLS),
  wasThere: maybe.choice(WAS_THERE),
  /** Where it had a cable of its own kind: kept for the doorbell, or left in the wall and a new one pulled. */
  ownCable: maybe.choice(OWN_CABLES),
  /** How far the lead reaches out of its hole. */
  leadReachM: maybe.amount(LIMITS.tapeM),
  /** Height of old holes and stain that the plate has to cover. */
  oldMarksM: maybe.amount(LIMITS.tapeM),
  /** Height of the wire's hole over the ground the visitor stands on. */
  holeHeightM: maybe.amount(LIMITS.heightM),
  /** Free wall to the nearer side of the hole: reveal, frame, downpipe. */
  sideClearM: maybe.amount(LIMITS.tapeM),
  /** From the hole up and down to a lip that a plate can't lie across. */
  lipAboveM: maybe.amount(LIMITS.tapeM),
  lipBelowM: maybe.amount(LIMITS.tapeM),
  /** How far a sheath or old box stands out of the wall at the hole. */
  proudM: maybe.amount(LIMITS.tapeM),
  /** How far frame or reveal stands out before the wall. */
  revealM: maybe.amount(LIMITS.tapeM),
  even: maybe.choice(YES_NO),
  /** Of a floodlight point: what hangs there, on what, how high over the ground, and which switch turns it off. */
  oldFixture: maybe.choice(OLD_FIXTURES),
  mountedOn: maybe.choice(MOUNTED_ON),
  fixtureHeightM: maybe.amount(LIMITS.fixtureHeightM),
  switchedBy: maybe.text(),
  shouldSee: maybe.choices(SHOULD_SEE, SHOULD_SEE.length),
  mustNotSee: maybe.choices(MUST_NOT_SEE, MUST_NOT_SEE.length),
  rain: maybe.choice(RAINS),
  sun: maybe.choice(SUNS),
  nightLight: maybe.choice(NIGHT_LIGHTS),
  /** From the router to the spot, and what stands between. */
  routerM: maybe.amount(LIMITS.routerM),
  routerWalls: maybe.choices(WIFI_WALLS, LIMITS.routerWalls.most),
});

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
