import { mixed, string } from 'yup';
import { exact } from './exact';
import { isFields, isText } from './shapes';

/** A passkey as the lists show it. */
export interface PasskeyView {
  readonly id: string;
  readonly accountId: string;
  /** The host name that it signs in at: a browser offers it nowhere else. */
  readonly host: string;
  readonly device: string;
  readonly since: string;
  readonly lastUsed: string | null;
}

/** Whether a host has a name: passkeys belong to names, not to numbers. */
export const isNamedHost = (hostname: string): boolean => /[a-z]/i.test(hostname) && !hostname.startsWith('[');

/** Longest that a browser says of itself, characters as JSON. */
const LONGEST = 20_000;

/**
 * What a browser answers when it is asked for a passkey, as it makes JSON of it: its signature is what counts, and is looked
 * at by the library.
 */
const credential = () =>
  mixed<{ readonly id: string }>()
    .defined()
    .test(
      'credential',
      'is no answer of a passkey',
      (value: unknown) =>
        isFields(value) && isText(value.id) && isFields(value.response) && JSON.stringify(value).length <= LONGEST,
    );

/** Request of POST /api/v1/session/passkey and of POST /api/v1/session/passkeys. */
export const passkeyRequest = exact({ credential: credential() });

/** Request of POST /api/v1/session/again. */
export const againRequest = exact({ passphrase: string().defined().max(128) });

const isPasskey = (value: unknown): value is PasskeyView =>
  isFields(value) &&
  [value.id, value.accountId, value.host, value.device, value.since].every(isText) &&
  (value.lastUsed === null || isText(value.lastUsed));

export const isPasskeyList = (value: unknown): value is { readonly passkeys: readonly PasskeyView[] } =>
  isFields(value) && Array.isArray(value.passkeys) && value.passkeys.every(isPasskey);

/** What a browser is asked with; the library on either side knows its form. */
export const isPasskeyOptions = <T extends object>(value: unknown): value is { readonly options: T } =>
  isFields(value) && isFields(value.options) && isText(value.options.challenge);
