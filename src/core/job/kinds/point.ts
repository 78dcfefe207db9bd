import { array, boolean, number, string } from 'yup';
import { BAG } from '../../catalogue';
import { CHIME_KINDS } from '../../chime';
import { AWG_SIZES } from '../../circuit';
import { LIMITS, TEXT } from '../limits';
import { WALLS } from '../../mount';
import { TRANSFORMER_PLACES } from '../../search';
import { SEGMENT_WAYS, SUPPLY_FROM } from '../../supply';
import { WIFI_WALLS } from '../../wifi';
import { SCREW_PAIRS } from '../../wiring';
import { deviceProfile } from './device';
import { exact, maybe, oneOf, reference } from './fields';
import { YES_NO } from './site';

export const POINT_KINDS = ['doorbell', 'floodlight'] as const;
export type PointKind = (typeof POINT_KINDS)[number];
/** What hangs where a floodlight camera is to go. */
export const OLD_FIXTURES = ['lamp', 'sensorLight', 'floodlight', 'nothing'] as const;
export const MOUNTED_ON = ['wall', 'eave', 'post'] as const;
/** What the visitor pressed before. */
export const WAS_THERE = ['button', 'videoDoorbell', 'nothing'] as const;
/** How the chime is treated now. */
export const PRESENT_PATHS = ['series', 'shunt', 'link', 'none'] as const;
export const RUN_NAMES = ['toChime', 'toDoor'] as const;
/** What hangs on a chime’s Rear. */
export const REAR_DOORS = ['none', 'button', 'device'] as const;
export const MATERIALS = ['copper', 'copperClad', 'fineFlex'] as const;

export const SHOULD_SEE = ['faces', 'parcel', 'gate', 'bins', 'car'] as const;
export const MUST_NOT_SEE = ['neighbour', 'street', 'window'] as const;
export const RAINS = ['sheltered', 'someRain', 'drivenRain'] as const;
export const SUNS = ['shade', 'lowSun', 'fullSun'] as const;
export const NIGHT_LIGHTS = ['lit', 'dim', 'dark'] as const;
/** How it was told that a transformer is the bell's and not the heating's. */
export const TOLD_APARTS = ['sameBreaker', 'secondaryFollowed', 'label'] as const;
export const CABLE_LEAVES = ['down', 'up', 'sideways'] as const;

export const pointAdded = exact({
  pointId: reference(),
  pointKind: string<(typeof POINT_KINDS)[number]>().oneOf(POINT_KINDS).defined(),
  name: string().min(1).max(TEXT.short).defined(),
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

/** What stands on the transformer. */
export const transformerDescribed = exact({
  pointId: reference(),
  ratedVolts: maybe.amount(LIMITS.nameplateVolts),
  ratedVa: maybe.amount(LIMITS.voltAmps),
  /** Three or four screws: what the label says of each pair, and which pair the bell wires are on. */
  taps: array(
    exact({
      screws: oneOf(SCREW_PAIRS),
      ratedVolts: number().min(LIMITS.nameplateVolts.least).max(LIMITS.nameplateVolts.most).defined(),
      ratedVa: number().min(LIMITS.voltAmps.least).max(LIMITS.voltAmps.most).defined(),
    }),
  )
    .max(SCREW_PAIRS.length)
    .test(
      'pairs',
      'each pair of screws once',
      (taps) => new Set(taps?.map(({ screws }) => screws)).size === (taps?.length ?? 0),
    )
    .nullable(),
  pair: maybe.choice(SCREW_PAIRS),
  /** Free ways on the board’s rail. */
  freeWays: maybe.whole({ least: 0, most: 60 }),
  place: maybe.text(),
  foundAt: maybe.choice(TRANSFORMER_PLACES),
  toldApart: maybe.choice(TOLD_APARTS),
  /** Every switch was tried: the bell stays fed, or it does not. */
  alwaysFed: maybe.choice(YES_NO),
  /** The search was given up: supply comes from elsewhere. */
  givenUp: maybe.yes(),
  /** A second transformer is joined on the bell side. */
  joined: maybe.choice(YES_NO),
  /** Clues of the search. */
  cableLeaves: maybe.choice(CABLE_LEAVES),
  humAt: maybe.choice(TRANSFORMER_PLACES),
});

/** A place that was looked at; null: the answer was taken back. */
export const placeLooked = exact({
  pointId: reference(),
  place: oneOf(TRANSFORMER_PLACES),
  result: maybe.choice(['notThere'] as const),
});

/** One switch that was tried while somebody listened to the bell. */
export const switchTried = exact({
  pointId: reference(),
  name: string().trim().min(1).max(TEXT.short).defined(),
  bellDies: boolean().defined(),
});

/** Where a supply comes from where there was none, and the route of its cable. */
export const supplyPlanned = exact({
  pointId: reference(),
  from: maybe.choice(SUPPLY_FROM),
  people: number<1 | 2>().nullable().oneOf([1, 2, null]),
  mm2: number().min(0.05).max(6).nullable(),
  segments: array(
    exact({
      way: oneOf(SEGMENT_WAYS),
      lengthM: number().min(LIMITS.segmentM.least).max(LIMITS.segmentM.most).defined(),
      holes: number().integer().min(LIMITS.holes.least).max(LIMITS.holes.most).defined(),
    }),
  )
    .max(LIMITS.segments.most)
    .nullable(),
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

/** One run of bell wire. A single length has its low and high alike. */
export const runDescribed = exact({
  pointId: reference(),
  run: string<(typeof RUN_NAMES)[number]>().oneOf(RUN_NAMES).defined(),
  lengthLowM: maybe.amount(LIMITS.runM),
  lengthHighM: maybe.amount(LIMITS.runM),
  awg: number().integer().min(AWG_SIZES.smallest).max(30).nullable(),
  mm2: number().min(0.05).max(35).nullable(),
  pairs: maybe.whole(LIMITS.pairs),
  sparePairs: maybe.whole(LIMITS.sparePairs),
  material: maybe.choice(MATERIALS),
  conductors: number<1 | 2>().nullable().oneOf([1, 2, null]),
  /** Of the door’s run: the loop’s other conductor goes straight from the transformer to the door, so long. */
  straightM: maybe.amount(LIMITS.runM),
});

export const chimeDescribed = exact({
  pointId: reference(),
  chimeKind: maybe.choice(CHIME_KINDS),
  ratedVolts: maybe.amount(LIMITS.nameplateVolts),
  ratedVa: maybe.amount(LIMITS.voltAmps),
  /** Of a chime like it in the catalogue; one that was read goes before it. */
  coilOhms: maybe.amount(LIMITS.coilOhms),
  present: maybe.choice(PRESENT_PATHS),
  place: maybe.text(),
  /** Another chime hangs between its Trans and Front. */
  secondChime: maybe.choice(YES_NO),
  /** What hangs on its Rear; a doorbell there shares the transformer. */
  rear: maybe.choice(REAR_DOORS),
  rearDeviceId: maybe.text(64),
  rearDevice: deviceProfile.nullable().optional(),
  /** From the chime to the rear door; its wire is taken for that of the front door. */
  rearRunM: maybe.amount(LIMITS.runM),
});
