import { SHELF_IDS, SHELVES, readItem, type Catalogue } from '@/core/catalogue';
import type { CrewMember } from '@/core/kinds';
import { POLICY_IDS, POLICY_MATTERS } from '@/core/policy';
import type { KeptPhoto } from './photo';
import type { Problem } from './problem';
import { isAddress, type Settings } from './settings';
import { isFields, isFigure, isNamed, isText } from './shapes';

// What the routes answer, held against its form before it is believed: a guest network’s page answers 200 too.

/** Makes of a check what reads an answer. @throws TypeError where it is another one than was asked for */
export const answer =
  <T>(is: (value: unknown) => value is T) =>
  (body: unknown): T => {
    if (!is(body)) throw new TypeError('the answer is not of the form that was asked for');
    return body;
  };

export const isProblem = (value: unknown): value is Problem =>
  isFields(value) &&
  isFigure(value.status) &&
  isText(value.detail) &&
  Array.isArray(value.errors) &&
  (value.serverTime === undefined || isText(value.serverTime));

export const isCrewMember = (value: unknown): value is CrewMember =>
  isNamed(value) && 'name' in value && isText(value.name) && 'licensed' in value && typeof value.licensed === 'boolean';

interface Numbered {
  readonly entries: readonly { readonly id: string; readonly seq: number }[];
  readonly last: number;
}

/** A job’s log, or what the server has taken of entries that were sent: each with its number; parsed one by one afterwards. */
export const isNumbered = (value: unknown): value is Numbered =>
  isFields(value) &&
  isFigure(value.last) &&
  Array.isArray(value.entries) &&
  value.entries.every((entry) => isNamed(entry) && 'seq' in entry && isFigure(entry.seq));

export const isErased = (value: unknown): value is { readonly erasedAt: string } =>
  isFields(value) && isText(value.erasedAt);

export const isKeptPhoto = (value: unknown): value is KeptPhoto =>
  isFields(value) &&
  isText(value.sha256) &&
  isText(value.mediaType) &&
  [value.widthPx, value.heightPx, value.bytes].every(isFigure);

export const isSettings = (value: unknown): value is Settings => {
  if (!isFields(value) || typeof value.simulatedDevices !== 'boolean' || !isFields(value.policy)) return false;
  if (typeof value.passkeyDemanded !== 'boolean') return false;
  const { policy, currency, address, awayDays } = value;
  if (![awayDays, value.backupHour, value.backupsKept].every(Number.isInteger)) return false;
  if (typeof value.backupFolder !== 'string') return false;
  if (typeof address !== 'string' || !isAddress(address)) return false;
  // A browser may not know every currency that the server has; any code can be written
  if (typeof currency !== 'string' || !/^([A-Z]{3})?$/.test(currency)) return false;
  return POLICY_IDS.every((matter) => POLICY_MATTERS[matter].schools.some(({ id }) => id === policy[matter]));
};

export const isCatalogue = (value: unknown): value is Catalogue =>
  isFields(value) &&
  SHELF_IDS.every((shelf) => {
    const items = value[shelf];
    return (
      Array.isArray(items) &&
      items.every(
        (item: unknown) =>
          isFields(item) &&
          typeof item.own === 'boolean' &&
          typeof item.instead === 'boolean' &&
          readItem(SHELVES[shelf], item.values) !== null,
      )
    );
  });
