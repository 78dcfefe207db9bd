import { POLICY_MATTERS, type Policy } from '../policy';
import { REGION_PACKS } from '../region';
import { LIMITS, TEXT, fact, schemasOf } from '../facts';
import { exact, maybe } from './fields';

export const WIFI_BANDS = ['2.4', '5', 'both'] as const;
/** Whether something the customer brings is there; the password itself is never kept. */
export const READINESS = ['ready', 'missing'] as const;
export const PERMISSIONS = ['given', 'notNeeded', 'missing'] as const;
export const BOARD_AREAS = ['basement', 'garage', 'hall', 'utility', 'outside'] as const;
export const HEATINGS = ['furnace', 'boiler', 'other'] as const;
export const HAZARDS = [
  'dog',
  'softGround',
  'overheadWires',
  'steepSteps',
  'traffic',
  'oldBoards',
  'oldPaint',
  'insects',
] as const;
export const COLOUR_ERAS = ['now', 'old', 'unsure'] as const;

export const SITE_FACTS = {
  name: fact.text('site'),
  address: fact.text('address'),
  region: fact.choice(
    'region',
    REGION_PACKS.map(({ id }) => id),
    Object.fromEntries(REGION_PACKS.map(({ id, name }) => [id, name])),
  ),
  lengths: fact.choice('lengths in', ['imperial', 'metric'] as const, {
    imperial: 'feet and inches',
    metric: 'metres and millimetres',
  }),
  yearBuilt: fact.whole('year built', LIMITS.yearBuilt),
  storeys: fact.whole('storeys', LIMITS.storeys),
  basement: fact.yesNo('basement'),
  attic: fact.yesNo('attic that can be reached'),
  garage: fact.yesNo('garage at the house'),
  droppedCeiling: fact.yesNo('dropped ceiling near chime or board'),
  heating: fact.choice('heating', HEATINGS, { furnace: 'furnace', boiler: 'boiler', other: 'neither' }),
  boardArea: fact.choice(({ words }) => `${words.board} is in the`, BOARD_AREAS, {
    basement: 'basement',
    garage: 'garage',
    hall: 'hall',
    utility: 'utility room',
    outside: 'outside',
  }),
  boardPlace: fact.text(({ words }) => `where the ${words.board} is, in words`),
  colourEra: fact.choice('colours of the conductors', COLOUR_ERAS, {
    now: 'today’s colours',
    old: 'old colours',
    unsure: 'not sure',
  }),
  access: fact.text('access: ladder place, keys, gate', TEXT.long),
  hazards: fact.choices('hazards', HAZARDS, {
    dog: 'dog',
    softGround: 'soft ground',
    overheadWires: 'overhead wires',
    steepSteps: 'steep steps',
    traffic: 'traffic',
    oldBoards: 'boards or stucco of unknown stuff',
    oldPaint: 'old paint',
    insects: 'insects, birds',
  }),
} as const;

/** The house. */
export const siteDescribed = exact(schemasOf(SITE_FACTS));

const readiness = (words: string) => fact.choice(words, READINESS, { ready: 'ready', missing: 'missing' });

export const CUSTOMER_FACTS = {
  name: fact.text('customer'),
  wifiName: fact.text('Wi-Fi name'),
  wifiBand: fact.choice('Wi-Fi band', WIFI_BANDS, { '2.4': '2.4 GHz', '5': '5 GHz', both: 'both' }),
  wifiPassword: readiness('Wi-Fi password at hand (never written down here)'),
  account: readiness('account made and verified'),
  phone: readiness('phone charged, program and permissions on it'),
  owner: fact.text('who owns the device'),
  sharers: fact.text('who shares it'),
  pointNames: readiness('names of the points agreed'),
  someoneHome: readiness('somebody at home then'),
  permission: fact.choice('landlord’s permission', PERMISSIONS, {
    given: 'given',
    notNeeded: 'not needed',
    missing: 'missing',
  }),
  recording: readiness('recording and its cost talked about'),
} as const;

/** Whether the customer is ready for the visit. */
export const customerDescribed = exact(schemasOf(CUSTOMER_FACTS));

export const visitPlanned = exact({ expectedAt: maybe.time() });

const school = <M extends keyof Policy>(matter: M) =>
  maybe.choice<Policy[M]>(POLICY_MATTERS[matter].schools.map(({ id }) => id));

const POLICY_FIELDS = {
  bellSide: school('bellSide'),
  energise: school('energise'),
  registering: school('registering'),
  account: school('account'),
  fixings: school('fixings'),
  weakSupply: school('weakSupply'),
  powerModule: school('powerModule'),
  noGround: school('noGround'),
  connectors: school('connectors'),
  // The compiler names a matter that is left out
} satisfies Record<keyof Policy, unknown>;

/** The firm's policy as it stood when the job was made, or what this job departs to, in words. */
export const policyTaken = exact({ ...POLICY_FIELDS, why: maybe.text(TEXT.long) });
