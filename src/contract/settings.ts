import { boolean, number, object, string } from 'yup';
import { DEFAULT_POLICY, POLICY_MATTERS, type Policy } from '@/core/policy';
import { exact } from './exact';
import { AWAY_DAYS } from './keptHere';

/** What the firm has set on this machine. */
export interface Settings {
  readonly policy: Policy;
  /** Whether the simulated meter and phone may be used. */
  readonly simulatedDevices: boolean;
  /** Of what parts cost: an ISO 4217 code; empty where none was said, and sums have none. */
  readonly currency: string;
  /** Where the firm reaches this program, for codes on labels and sheets; empty where nobody said. */
  readonly address: string;
  /** Where people sign in: so many days without the firm, and a device shows nothing of it until somebody signs in again. */
  readonly awayDays: number;
  /** Where people sign in: whether a passphrase alone lets nobody in. */
  readonly passkeyDemanded: boolean;
  /** Where the program backs itself up to, a path on its own machine; empty: nowhere. */
  readonly backupFolder: string;
  /** At which hour of the day, 0 to 23. */
  readonly backupHour: number;
  /** So many are kept. */
  readonly backupsKept: number;
}

export const BACKUP_HOURS = { least: 0, most: 23 } as const;
export const BACKUPS_KEPT = { least: 1, most: 365 } as const;
const LONGEST_FOLDER = 200;

/** Whether a folder is empty or said from the root of its machine. */
export const isFolder = (folder: string): boolean =>
  folder === '' || (folder.length <= LONGEST_FOLDER && /^(\/|[A-Za-z]:[\\/])[^\0]*$/.test(folder));

export const DEFAULT_SETTINGS: Settings = {
  policy: DEFAULT_POLICY,
  simulatedDevices: false,
  currency: '',
  address: '',
  awayDays: 14,
  passkeyDemanded: false,
  backupFolder: '',
  backupHour: 3,
  backupsKept: 14,
};

/** Whether a code is empty or one of the currencies that the platform can write. */
export const isCurrency = (code: string): boolean => code === '' || Intl.supportedValuesOf('currency').includes(code);

const LONGEST_ADDRESS = 120;

/** Whether an address is empty or one that a phone can open: a scheme, a host, a port perhaps, nothing behind it. */
export const isAddress = (address: string): boolean =>
  address === '' ||
  (address.length <= LONGEST_ADDRESS && /^https?:\/\/[^/?#@\s]+$/.test(address) && URL.canParse(address));

/** Whether an address leads nowhere but to the machine that opens it. */
export const isOwnMachine = (address: string): boolean =>
  URL.canParse(address) && /^(localhost|127(\.\d+){3}|\[::1\]|0\.0\.0\.0)$/.test(new URL(address).hostname);

const school = <M extends keyof Policy>(matter: M) =>
  string<Policy[M]>().oneOf(POLICY_MATTERS[matter].schools.map(({ id }) => id));

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
} satisfies Record<keyof Policy, unknown>;

/** Request of POST /api/v1/settings: what changes. */
export const settingsRequest = exact({
  policy: object(POLICY_FIELDS).noUnknown().optional().default(undefined),
  simulatedDevices: boolean(),
  currency: string().test(
    'currency',
    'is no currency that is known here',
    (code) => code === undefined || isCurrency(code),
  ),
  address: string().test(
    'address',
    'is no address like https://firm.example or http://192.168.1.20:4310',
    (address) => address === undefined || isAddress(address),
  ),
  awayDays: number().integer().min(AWAY_DAYS.least).max(AWAY_DAYS.most),
  passkeyDemanded: boolean(),
  backupFolder: string().test(
    'folder',
    'is no folder like /mnt/backup',
    (folder) => folder === undefined || isFolder(folder),
  ),
  backupHour: number().integer().min(BACKUP_HOURS.least).max(BACKUP_HOURS.most),
  backupsKept: number().integer().min(BACKUPS_KEPT.least).max(BACKUPS_KEPT.most),
});
export type SettingsRequest = ReturnType<typeof settingsRequest.validateSync>;
