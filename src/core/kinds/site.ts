import { POLICY_MATTERS, type Policy } from '../policy';
import { REGION_PACKS } from '../region';
import { LIMITS, TEXT } from './limits';
import { exact, maybe } from './fields';

export const WIFI_BANDS = ['2.4', '5', 'both'] as const;
/** Whether something the customer brings is there; the password itself is never kept. */
export const READINESS = ['ready', 'missing'] as const;
export const PERMISSIONS = ['given', 'notNeeded', 'missing'] as const;
export const YES_NO = ['yes', 'no'] as const;
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

/** The house. */
export const siteDescribed = exact({
  name: maybe.text(),
  address: maybe.text(),
  region: maybe.choice(REGION_PACKS.map((pack) => pack.id)),
  lengths: maybe.choice(['metric', 'imperial'] as const),
  yearBuilt: maybe.whole(LIMITS.yearBuilt),
  storeys: maybe.whole(LIMITS.storeys),
  basement: maybe.choice(YES_NO),
  attic: maybe.choice(YES_NO),
  garage: maybe.choice(YES_NO),
  droppedCeiling: maybe.choice(YES_NO),
  heating: maybe.choice(HEATINGS),
  boardArea: maybe.choice(BOARD_AREAS),
  boardPlace: maybe.text(),
  colourEra: maybe.choice(COLOUR_ERAS),
  access: maybe.text(TEXT.long),
  hazards: maybe.choices(HAZARDS, HAZARDS.length),
});

/** Whether the customer is ready for the visit. */
export const customerDescribed = exact({
  name: maybe.text(),
  wifiName: maybe.text(),
  wifiBand: maybe.choice(WIFI_BANDS),
  wifiPassword: maybe.choice(READINESS),
  account: maybe.choice(READINESS),
  phone: maybe.choice(READINESS),
  owner: maybe.text(),
  sharers: maybe.text(),
  pointNames: maybe.choice(READINESS),
  someoneHome: maybe.choice(READINESS),
  permission: maybe.choice(PERMISSIONS),
  recording: maybe.choice(READINESS),
});

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
