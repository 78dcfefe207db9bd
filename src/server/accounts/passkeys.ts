import { createHash } from 'node:crypto';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import type { Account } from '@/contract/accounts';
import { isNamedHost, type PasskeyView } from '@/contract/passkeys';
import { ProblemError } from '@/contract/problem';
import type { Store } from '../storeOf';
import type { Asking } from './asking';
import { audit, whose } from './audit';
import { deviceOf } from './sessions';

// Passkeys (WebAuthn, a library’s work): a key in a device, let loose by its owner’s finger, face or number. So each is two
// factors in one, and is of no use on another site. The database has public keys alone.

const NAME = 'Fox Ladder';
/** A question is answered within so long, and once. */
const ANSWERED_WITHIN_MS = 5 * 60_000;

const hashOf = (challenge: string): string => createHash('sha256').update(challenge).digest('hex');

/** Where a request was made: what a passkey is bound to. */
export interface Site {
  readonly host: string;
  readonly origin: string;
}

/** @throws ProblemError 409 where the program is reached by a number */
export function siteOf(request: Request): Site {
  const authority = request.headers.get('host') ?? '';
  const host = authority.replace(/:\d+$/, '').toLowerCase();
  if (!isNamedHost(host))
    throw new ProblemError(409, 'A passkey belongs to the name of a host, and this one is reached by a number.');
  // `http/guard` has held it against the host
  return { host, origin: request.headers.get('origin') ?? `https://${authority}` };
}

async function keepChallenge({ db, clock }: Store, challenge: string, accountId: string | null): Promise<void> {
  const now = clock.now();
  await db.deleteFrom('passkey_challenges').where('expires_at', '<=', now).execute();
  const expires_at = new Date(Date.parse(now) + ANSWERED_WITHIN_MS).toISOString();
  await db
    .insertInto('passkey_challenges')
    .values({ hash: hashOf(challenge), account_id: accountId, expires_at })
    .execute();
}

/** Whether a question was asked here, of that account, and not answered before. */
async function takeChallenge({ db, clock }: Store, challenge: string, accountId: string | null): Promise<boolean> {
  const row = await db
    .deleteFrom('passkey_challenges')
    .where('hash', '=', hashOf(challenge))
    .where('account_id', accountId === null ? 'is' : '=', accountId)
    .returningAll()
    .executeTakeFirst();
  return row !== undefined && row.expires_at > clock.now();
}

/** What a browser is asked with to make a passkey. */
export async function newPasskeyOptions(
  store: Store,
  { host }: Site,
  account: Account,
): Promise<PublicKeyCredentialCreationOptionsJSON> {
  const own = await store.db
    .selectFrom('passkeys')
    .select('id')
    .where('account_id', '=', account.id)
    .where('host', '=', host)
    .execute();
  const options = await generateRegistrationOptions({
    rpName: NAME,
    rpID: host,
    userName: account.name,
    userID: new Uint8Array(Buffer.from(account.id)),
    attestationType: 'none',
    excludeCredentials: own,
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  await keepChallenge(store, options.challenge, account.id);
  return options;
}

const NOT_RIGHT = 'This is not the answer of a passkey to what was asked.';

/** What the library makes of an answer; null where it finds it wrong. */
const unlessWrong = <T>(verify: () => Promise<T>): Promise<T | null> => verify().catch(() => null);

/** Keeps a passkey that a browser made. @throws ProblemError 409, 422 */
export async function addPasskey(
  store: Store,
  { host, origin }: Site,
  account: Account,
  credential: object,
  userAgent: string | null,
): Promise<void> {
  const found = await unlessWrong(() =>
    verifyRegistrationResponse({
      response: credential as RegistrationResponseJSON,
      expectedChallenge: (challenge) => takeChallenge(store, challenge, account.id),
      expectedOrigin: origin,
      expectedRPID: host,
      requireUserVerification: true,
    }),
  );
  if (!found?.verified) throw new ProblemError(422, NOT_RIGHT, [{ path: 'credential', message: 'is not right' }]);
  const { id, publicKey, counter } = found.registrationInfo.credential;
  const row = { id, account_id: account.id, host, public_key: publicKey, counter, device: deviceOf(userAgent) };
  const { numInsertedOrUpdatedRows } = await store.db
    .insertInto('passkeys')
    .values({ ...row, made_at: store.clock.now(), used_at: null })
    .onConflict((one) => one.doNothing())
    .executeTakeFirst();
  if (numInsertedOrUpdatedRows === 0n) throw new ProblemError(409, 'This passkey is kept here already.');
}

/** What a browser is asked with to sign in: whoever has a passkey for the host is offered it. */
export async function signInOptions(store: Store, { host }: Site): Promise<PublicKeyCredentialRequestOptionsJSON> {
  const options = await generateAuthenticationOptions({ rpID: host, userVerification: 'required' });
  await keepChallenge(store, options.challenge, null);
  return options;
}

/** Whose passkey answered; null where the answer is not right, or nobody’s. */
export async function accountByPasskey(
  store: Store,
  { host, origin }: Site,
  credential: { readonly id: string },
): Promise<string | null> {
  const { db, clock } = store;
  const row = await db
    .selectFrom('passkeys')
    .selectAll()
    .where('id', '=', credential.id)
    .where('host', '=', host)
    .executeTakeFirst();
  if (!row) return null;
  const found = await unlessWrong(() =>
    verifyAuthenticationResponse({
      response: credential as AuthenticationResponseJSON,
      expectedChallenge: (challenge) => takeChallenge(store, challenge, null),
      expectedOrigin: origin,
      expectedRPID: host,
      // A counter that went back is a copied key: the library refuses it
      credential: { id: row.id, publicKey: new Uint8Array(row.public_key), counter: row.counter },
      requireUserVerification: true,
    }),
  );
  if (!found?.verified) return null;
  await db
    .updateTable('passkeys')
    .set({ counter: found.authenticationInfo.newCounter, used_at: clock.now() })
    .where('id', '=', row.id)
    .execute();
  return row.account_id;
}

/** Passkeys: one’s own, the office’s view all. */
export async function listPasskeys({ db }: Store, { account }: Asking): Promise<readonly PasskeyView[]> {
  let query = db.selectFrom('passkeys').selectAll().orderBy('made_at');
  if (account.role !== 'office') query = query.where('account_id', '=', account.id);
  return (await query.execute()).map(({ id, account_id, host, device, made_at, used_at }) => ({
    ...{ id, host, device, since: made_at },
    accountId: account_id,
    lastUsed: used_at,
  }));
}

/** Takes a passkey away, one’s own, or as the office any. @throws ProblemError 404 */
export async function removePasskey(store: Store, { account }: Asking, id: string): Promise<void> {
  let query = store.db.deleteFrom('passkeys').where('id', '=', id).returning(['account_id', 'device']);
  if (account.role !== 'office') query = query.where('account_id', '=', account.id);
  const removed = await query.executeTakeFirst();
  if (!removed) throw new ProblemError(404, 'There is no such passkey.');
  await audit(store, 'passkeyRemoved', account, await whose(store, removed.account_id, removed.device));
}
