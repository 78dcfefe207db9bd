import { REGION_PACKS } from '../../region';
import { LIMITS, TEXT } from '../limits';
import { exact, maybe } from './fields';

export const WIFI_BANDS = ['2.4', '5', 'both'] as const;
/** Whether something the customer brings is there; the password itself is never kept. */
export const READINESS = ['ready', 'missing'] as const;
export const PERMISSIONS = ['given', 'notNeeded', 'missing'] as const;

/** The house. */
export const siteDescribed = exact({
  name: maybe.text(),
  address: maybe.text(),
  region: maybe.choice(REGION_PACKS.map((pack) => pack.id)),
  lengths: maybe.choice(['metric', 'imperial'] as const),
  yearBuilt: maybe.whole(LIMITS.yearBuilt),
  boardPlace: maybe.text(),
  access: maybe.text(TEXT.long),
});

/** Whether the customer is ready for the visit. */
export const customerDescribed = exact({
  name: maybe.text(),
  wifiName: maybe.text(),
  wifiBand: maybe.choice(WIFI_BANDS),
  wifiPassword: maybe.choice(READINESS),
  account: maybe.choice(READINESS),
  phone: maybe.choice(READINESS),
  permission: maybe.choice(PERMISSIONS),
});

export const visitPlanned = exact({ expectedAt: maybe.time() });
