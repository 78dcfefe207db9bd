import type { Role } from '@/contract/accounts';

// What is open to whom, in one place. What is not named here is closed to everybody who is not signed in, and is written to
// by whoever works at jobs.

/** Answered to everybody: what one signs in by, what tells nothing. */
const OPEN: readonly RegExp[] = [
  /^\/sign-in$/,
  /^\/api\/v1\/session$/,
  /^\/api\/v1\/session\/(code|account|passkey|passkey\/options)$/,
  /^\/share\/[^/]+$/,
  /^\/api\/v1\/share\//,
  /^\/healthz$/,
  /^\/sw\.js$/,
  /^\/manifest\.webmanifest$/,
];

/** Everything there is the office’s, reading too. */
const OFFICE: readonly RegExp[] = [/^\/api\/v1\/accounts(\/|$)/, /^\/api\/v1\/audit$/, /^\/api\/v1\/(backup|firm)$/];
/** What is changed there the office alone changes. */
const OFFICE_WRITES: readonly RegExp[] = [
  /^\/api\/v1\/settings$/,
  /^\/api\/v1\/crew$/,
  /^\/api\/v1\/catalogue(\/|$)/,
  /^\/api\/v1\/jobs\/[^/]+\/erase$/,
];
/** Writes nothing, whatever its method: questions, and one’s own sign-in. */
const WRITES_NOTHING: readonly RegExp[] = [/^\/api\/v1\/compute\//, /^\/api\/v1\/session(s|\/|$)/];

/**
 * All that opens where a passkey has to be made first: the page where one makes it, what waits in the browser itself and can be
 * handed over by file, and one’s own sign-in.
 */
const BEFORE_PASSKEY: readonly RegExp[] = [/^\/accounts$/, /^\/outbox$/, /^\/api\/v1\/session(\/|$)/];

/** What opens the firm to somebody else, or shuts somebody out: the passphrase is said again before that. */
const AGAIN: readonly RegExp[] = [
  /^\/api\/v1\/accounts(\/|$)/,
  /^\/api\/v1\/session\/(device|passkeys)(\/|$)/,
  /^\/api\/v1\/sessions\//,
];

const isAmong = (paths: readonly RegExp[], pathname: string): boolean => paths.some((path) => path.test(pathname));

/** Whether somebody who is not signed in is answered there. */
export const isOpen = (pathname: string): boolean => isAmong(OPEN, pathname);

/** Whether it is answered before somebody has made the passkey that the firm demands. */
export const isBeforePasskey = (pathname: string): boolean => isAmong(BEFORE_PASSKEY, pathname);

/** Whether the passphrase is asked for again before that. */
export const asksAgain = (method: string, pathname: string): boolean =>
  method !== 'GET' && method !== 'HEAD' && isAmong(AGAIN, pathname);

/** Whether somebody of a role may ask for that, in that way. */
export function may(role: Role, method: string, pathname: string): boolean {
  if (role === 'office') return true;
  if (isAmong(OFFICE, pathname)) return false;
  if (method === 'GET' || method === 'HEAD' || isAmong(WRITES_NOTHING, pathname)) return true;
  return role !== 'looks' && !isAmong(OFFICE_WRITES, pathname);
}
