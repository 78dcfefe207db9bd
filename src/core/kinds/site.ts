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
  name: fact.text(),
  address: fact.text(),
  region: fact.choice(REGION_PACKS.map(({ id }) => id)),
  lengths: fact.choice(['imperial', 'metric'] as const),
  yearBuilt: fact.whole(LIMITS.yearBuilt),
  storeys: fact.whole(LIMITS.storeys),
  basement: fact.yesNo(),
  attic: fact.yesNo(),
  garage: fact.yesNo(),
  droppedCeiling: fact.yesNo(),
  heating: fact.choice(HEATINGS),
  boardArea: fact.choice(BOARD_AREAS),
  boardPlace: fact.text(),
  colourEra: fact.choice(COLOUR_ERAS),
  access: fact.text(TEXT.long),
  hazards: fact.choices(HAZARDS),
} as const;

/** The house. */
export const siteDescribed = exact(schemasOf(SITE_FACTS));

export const CUSTOMER_FACTS = {
  name: fact.text(),
  wifiName: fact.text(),
  wifiBand: fact.choice(WIFI_BANDS),
  wifiPassword: fact.choice(READINESS),
  account: fact.choice(READINESS),
  phone: fact.choice(READINESS),
  owner: fact.text(),
  sharers: fact.text(),
  pointNames: fact.choice(READINESS),
  someoneHome: fact.choice(READINESS),
  permission: fact.choice(PERMISSIONS),
  recording: fact.choice(READINESS),
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
  licensedWork: school('licensedWork'),
  // The compiler names a matter that is left out
} satisfies Record<keyof Policy, unknown>;

/** The firm's policy as it stood when the job was made, or what this job departs to, in words. */
export const policyTaken = exact({ ...POLICY_FIELDS, why: maybe.text(TEXT.long) });
