import { said } from '../said';
import { array, boolean, number, string } from 'yup';
import { AIM_ORDERS, BOX_ITEM_KINDS, COLLARS, CONNECTOR_KINDS, MADE_FORS, SCREW_THREADS, UP_MARKS } from '../catalogue';
import {
  AHEADS,
  BOX_FILL_EDITIONS,
  CABLE_ROLES,
  CONDUCTOR_FUNCTIONS,
  CONDUCTOR_STATES,
  CONDUCTOR_TESTS,
  FEED_REMEDY_IDS,
  GROUND_REMEDY_IDS,
  STANDARD_BOXES,
  SWITCH_POSITIONS,
} from '../junction';
import { PROJECTIONS } from '../view';
import { WIRE_COLOURS } from '../wiring';
import { LIMITS, TEXT, fact, schemasOf } from '../facts';
import { exact, maybe, oneOf, reference } from './fields';

export const BOX_MATERIALS = ['metal', 'plastic'] as const;
export const BOX_SHAPES = ['round', 'square', 'device'] as const;
export const BOX_SETTINGS = ['flush', 'surface'] as const;
export const FIXED_TOS = ['stud', 'board', 'masonry', 'unknown'] as const;
export const CLAMPS = ['none', 'internal'] as const;
export const DEVICES_IN = ['none', 'outlet'] as const;
export const FED_FROMS = ['circuit', 'spur'] as const;

const name = () => string().max(TEXT.short).defined();
const metres = (most: number) => number().min(0).max(most).defined();

const VA = { unit: 'VA', unitWords: ['va', 'w', 'watt', 'watts'], ...LIMITS.circuitVa, zeroAllowed: true } as const;

export const BOX_FACTS = {
  standardBox: fact.choice(STANDARD_BOXES.map(({ id }) => id)),
  /** As marked in it; goes before that of the standard box. */
  markedIn3: fact.figure({
    unit: 'in³',
    unitWords: ['in3', 'in³', 'cuin', 'cui'],
    ...LIMITS.boxIn3,
  }),
  edition: fact.other(
    number<(typeof BOX_FILL_EDITIONS)[number]>()
      .nullable()
      .oneOf([...BOX_FILL_EDITIONS, null]),
  ),
  material: fact.choice(BOX_MATERIALS),
  shape: fact.choice(BOX_SHAPES),
  depthM: fact.tape(LIMITS.boxDepthM),
  recessM: fact.tape(LIMITS.recessM),
  screwCentresM: fact.tape(LIMITS.boxDepthM),
  thread: fact.choice(SCREW_THREADS),
  clamps: fact.choice(CLAMPS),
  fittings: fact.whole({ least: 0, most: 4 }),
  deviceIn: fact.choice(DEVICES_IN),
  setting: fact.choice(BOX_SETTINGS),
  wetRated: fact.yesNo(),
  fixedTo: fact.choice(FIXED_TOS),
  bears: fact.yesNo(),
  bonded: fact.yesNo(),
  oldGrounded: fact.yesNo(),
  ahead: fact.choice(AHEADS),
  fedFrom: fact.choice(FED_FROMS),
  residual: fact.yesNo(),
  ratedAmps: fact.figure({
    unit: 'A',
    unitWords: ['a', 'amp', 'amps'],
    ...LIMITS.amps,
  }),
  existingVa: fact.figure(VA),
  /** With its one breaker off, each of several hots was dead. */
  hotsOneWay: fact.yesNo(),
  /** Several switched conductors go on and off with one switch. */
  oneSwitch: fact.yesNo(),
  /** The outlet that stays gets a box of its own. */
  outletOwnBox: fact.yesNo(),
} as const;

/** The box that a fixture, or a transformer’s mains side, sits on. */
export const boxDescribed = exact({ boxId: reference(), ...schemasOf(BOX_FACTS) });

export const CABLE_FACTS = {
  name: fact.text(),
  role: fact.choice(CABLE_ROLES),
  conductors: fact.other(
    array(
      exact({
        id: reference(),
        awg: number().integer().min(0).max(30),
        mm2: number().min(0.05).max(35),
        strands: oneOf(['solid', 'stranded'] as const),
        metal: oneOf(['copper', 'aluminium'] as const),
        colour: oneOf(WIRE_COLOURS),
        /** What it was found to be by test, where the tests were not written down one by one. */
        carries: string<(typeof CONDUCTOR_FUNCTIONS)[number]>().oneOf(CONDUCTOR_FUNCTIONS),
        state: string<(typeof CONDUCTOR_STATES)[number]>().oneOf(CONDUCTOR_STATES),
        passes: string<'through' | 'looped'>().oneOf(['through', 'looped']),
        freeM: number().min(0).max(3),
      }).test('size', 'has one size: AWG or mm²', ({ awg, mm2 }) => (awg === undefined) !== (mm2 === undefined)),
    )
      .max(LIMITS.conductors.most)
      .test(
        'ids',
        'each conductor has an id of its own',
        (all) => new Set(all?.map(({ id }) => id)).size === (all?.length ?? 0),
      )
      .nullable(),
    (value) => (Array.isArray(value) ? String(value.length) : said('none')),
  ),
} as const;

/** One cable that comes into the box, with every conductor in it. `conductors` null: it is not there. */
export const cableDescribed = exact({ boxId: reference(), cableId: reference(), ...schemasOf(CABLE_FACTS) });

/** One reading at a conductor of the box. */
export const conductorTested = exact({
  boxId: reference(),
  cableId: reference(),
  conductorId: reference(),
  test: oneOf(CONDUCTOR_TESTS),
  /** How every switch of the house stood, of volts to ground. */
  switches: string<(typeof SWITCH_POSITIONS)[number]>().oneOf(SWITCH_POSITIONS),
  value: number().min(0).max(100_000).defined(),
  simulated: boolean(),
}).test('switches', (data, context) =>
  data.test === 'toGround' && data.switches === undefined
    ? context.createError({
        path: context.path ? `${context.path}.switches` : 'switches',
        message: 'volts to ground say how every switch stood',
      })
    : true,
);

const screw = () =>
  exact({ name: name(), lengthM: metres(0.3) })
    .nullable()
    .defined();

/** A floodlight camera as an entry carries it, with the catalogue’s values of then. */
export const fixtureProfile = () =>
  exact({
    id: reference(),
    name: name(),
    voltsLow: number().min(0).max(1000).defined(),
    voltsHigh: number().min(0).max(1000).defined(),
    leadMm2: number().min(0.05).max(35).defined(),
    leadStrands: oneOf(['solid', 'stranded'] as const),
    grounded: boolean().defined(),
    cameraVa: number().min(0).max(5000).defined(),
    lampVa: number().min(0).max(5000).defined(),
    canopy: oneOf(['domed', 'flat'] as const),
    upMark: oneOf(UP_MARKS),
    madeFor: oneOf(MADE_FORS),
    headDownDeg: number().min(0).max(180).defined(),
    headUpDeg: number().min(0).max(180).defined(),
    sensorDownDeg: number().min(0).max(180).defined(),
    plateM: metres(0.1),
    gasketM: metres(0.1),
    weightKg: number().min(0).max(100).defined(),
    /** Left out in entries of before there were any with a plug. */
    plugLeadM: number().min(0).max(20),
    /** Of the camera, as far as its sheet said it; left out in entries of before it was asked. */
    projection: oneOf(PROJECTIONS).optional(),
    hfovDeg: number().min(1).max(360),
    widthPx: number().min(1).max(100_000),
    heightPx: number().min(1).max(100_000),
    panDeg: number().min(0).max(180),
    sensorReachM: number().min(0.1).max(100),
    sensorHeightM: number().min(0.1).max(30),
    sensorLobeDeg: number().min(1).max(360),
    lamps: number().integer().min(0).max(20),
    lampLm: number().min(0).max(100_000),
    lampBeamDeg: number().min(1).max(179),
    collars: oneOf(COLLARS).optional(),
    aimOrder: oneOf(AIM_ORDERS).optional(),
    bagConnector: string().max(64).defined(),
    minutes: number().min(0).max(1000).defined(),
    cost: number().min(0).max(100_000).defined(),
    inBag: array(name()).max(20).defined(),
    remark: string().max(TEXT.long).defined(),
  });

/** What is hung on the box and how, with the catalogue’s values of then. */
export const fixtureChosen = exact({
  pointId: reference(),
  fixture: fixtureProfile().defined(),
  feedId: oneOf(FEED_REMEDY_IDS),
  groundId: oneOf(GROUND_REMEDY_IDS),
  /** Who decided by which rule, or what was measured, where the remedy asks for it. */
  groundWords: maybe.text(TEXT.long),
  cure: exact({
    id: reference(),
    name: name(),
    kind: oneOf(BOX_ITEM_KINDS),
    volumeIn3: number().min(0).max(1000).defined(),
    depthM: metres(1),
    gasketed: string<'yes' | 'no'>().oneOf(['yes', 'no']),
  })
    .nullable()
    .defined(),
  barM: metres(0.05),
  barThread: oneOf(SCREW_THREADS),
  barScrew: screw(),
  plateScrew: screw(),
  connectors: array(
    exact({
      id: reference(),
      name: name(),
      kind: oneOf(CONNECTOR_KINDS),
      leastMm2: number().min(0).max(1000).defined(),
      mostMm2: number().min(0).max(1000).defined(),
      leastCount: number().min(0).max(100).defined(),
      mostCount: number().min(0).max(100).defined(),
      takes: oneOf(['any', 'solid'] as const),
      stripM: metres(0.1),
      volumeCm3: number().min(0).max(1000).defined(),
      cost: number().min(0).max(10_000).defined(),
    }),
  )
    .max(100)
    .defined(),
});

/** As built, one end of a lead is elsewhere than planned: from one joint to another; null is no joint. */
export const leadMoved = exact({
  pointId: reference(),
  lead: string().min(1).max(140).defined(),
  from: string().min(1).max(140).nullable().defined(),
  to: string().min(1).max(140).nullable().defined(),
});
