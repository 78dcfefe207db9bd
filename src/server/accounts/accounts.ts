import { randomBytes } from 'node:crypto';
import { ProblemError } from '@/contract/problem';
import { sameName, type Account, type NewAccountRequest, type Role } from '@/contract/accounts';
import { addToCrew } from '../crew';
import type { Store } from '../storeOf';
import { takeCode } from './codes';
import { refuseGuessable } from './guessable';
import { signInOf, type SignIn } from './signIn';
import { shared } from '../shared';

type Row = Pick<Account, 'id' | 'name' | 'personId' | 'endedAt'> & { readonly role: string };
const FIELDS = ['id', 'name', 'role', 'personId', 'endedAt'] as const;

/** A role that is not known is the least of them. */
const roleOf = (role: string): Role =>
  role === 'office' || role === 'installer' || role === 'licensed' ? role : 'looks';
/** An account as the firm sees it. */
export const accountOf = (row: Row): Account => ({ ...row, role: roleOf(row.role) });

/** The sign-in of a store, made once. */
export const signIn = (store: Store): SignIn => shared(`sign-in ${store.folder}`, () => signInOf(store));

export async function listAccounts({ db }: Store): Promise<readonly Account[]> {
  return (await db.selectFrom('accounts').select(FIELDS).orderBy('name').execute()).map(accountOf);
}

export const isAnyAccount = async ({ db }: Store): Promise<boolean> =>
  (await db.selectFrom('accounts').select('id').limit(1).execute()).length > 0;

export async function accountById({ db }: Store, id: string): Promise<Account> {
  const row = await db.selectFrom('accounts').select(FIELDS).where('id', '=', id).executeTakeFirst();
  if (!row) throw new ProblemError(404, 'There is no such account.');
  return accountOf(row);
}

const taken = (message: string, path: string): ProblemError => new ProblemError(409, message, [{ path, message }]);

/** Makes an account that nobody can sign in to yet: its passphrase is given by whoever has its code. */
export async function makeAccount(store: Store, asked: NewAccountRequest): Promise<Account> {
  const { db } = store;
  const { id, name, role, personId = id } = asked;
  const username = sameName(name);
  const other = await db
    .selectFrom('accounts')
    .select(['id', 'username', 'role', 'personId'])
    .where((is) => is.or([is('username', '=', username), is('personId', '=', personId), is('id', '=', id)]))
    .executeTakeFirst();
  if (other?.id === id && other.username === username && other.role === role) return accountById(store, id);
  if (other?.id === id) throw taken('Another account has this id already.', 'id');
  if (other?.username === username) throw taken('Somebody has this name already.', 'name');
  if (other) throw taken('This person has an account already.', 'personId');
  await addToCrew(db, { id: personId, name: await crewName(store, personId, name), licensed: role === 'licensed' });
  const { internalAdapter, password } = await signIn(store).$context;
  const email = `${id}@fox-ladder.invalid`;
  const fields = { id, name, email, emailVerified: false, username, displayUsername: name, role, personId };
  // A passphrase that nobody knows: a name without one would answer sooner than others
  const unknown = await password.hash(randomBytes(32).toString('base64url'));
  await internalAdapter.createUser({ ...fields, endedAt: null }, { method: 'admin' });
  await internalAdapter.linkAccount({ userId: id, accountId: id, providerId: 'credential', password: unknown });
  return accountById(store, id);
}

/** Whoever is of the crew already keeps their name there. */
async function crewName({ db }: Store, personId: string, name: string): Promise<string> {
  const known = await db.selectFrom('crew').select('name').where('id', '=', personId).executeTakeFirst();
  return known?.name ?? name;
}

/** Ends what an account is signed in on; with `but` all of it but one. */
export async function endSessions({ db }: Store, accountId: string, but: string | null = null): Promise<void> {
  let query = db.deleteFrom('sessions').where('userId', '=', accountId);
  if (but !== null) query = query.where('id', '!=', but);
  await query.execute();
}

/** Changes what somebody may do, or lets them in no more; the last of the office stays. @throws ProblemError 404, 409 */
export async function changeAccount(
  store: Store,
  id: string,
  change: { readonly role?: Role | undefined; readonly ended?: boolean | undefined },
): Promise<Account> {
  const { db, clock } = store;
  const account = await accountById(store, id);
  const role = change.role ?? account.role;
  const endedAt = change.ended === undefined ? account.endedAt : change.ended ? clock.now() : null;
  const isOffice = (one: Pick<Account, 'role' | 'endedAt'>) => one.role === 'office' && one.endedAt === null;
  if (isOffice(account) && !isOffice({ role, endedAt })) {
    const others = (await listAccounts(store)).filter((one) => one.id !== id && isOffice(one));
    if (others.length === 0) throw taken('Somebody of the office has to be left.', 'role');
  }
  await db.updateTable('accounts').set({ role, endedAt }).where('id', '=', id).execute();
  await db
    .updateTable('crew')
    .set({ licensed: role === 'licensed' ? 1 : 0 })
    .where('id', '=', account.personId)
    .execute();
  if (endedAt !== null) await endSessions(store, id);
  return accountById(store, id);
}

/** @param but a session that goes on */
async function setPassphrase(
  store: Store,
  accountId: string,
  passphrase: string,
  but: string | null = null,
): Promise<void> {
  const { internalAdapter, password } = await signIn(store).$context;
  await internalAdapter.updatePassword(accountId, await password.hash(passphrase));
  // Whoever knew the old one is out
  await endSessions(store, accountId, but);
}

/** Whether a passphrase is that of an account. */
export async function isPassphraseOf(store: Store, accountId: string, passphrase: string): Promise<boolean> {
  const { internalAdapter, password } = await signIn(store).$context;
  const kept = (await internalAdapter.findAccounts(accountId)).find(({ providerId }) => providerId === 'credential');
  return kept?.password ? password.verify({ hash: kept.password, password: passphrase }) : false;
}

const NOT_YOURS = 'is not the passphrase of this account';

/**
 * Gives an account another passphrase in the place of its own, and ends its other devices.
 * @throws ProblemError 422 where the old one is not right, or the new one is easily guessed
 */
export async function changePassphrase(
  store: Store,
  { account, sessionId }: { readonly account: Account; readonly sessionId: string },
  { passphrase, next }: { readonly passphrase: string; readonly next: string },
): Promise<void> {
  if (!(await isPassphraseOf(store, account.id, passphrase)))
    throw new ProblemError(422, `This ${NOT_YOURS}.`, [{ path: 'passphrase', message: NOT_YOURS }]);
  await refuseGuessable('next', next, [account.name]);
  await setPassphrase(store, account.id, next, sessionId);
}

const NO_CODE = 'This code is not right, or its time is over.';

/**
 * Gives the account of a code its passphrase; with the code for the first account makes that, of the office.
 * @throws ProblemError 401 for a code that there is none of, 422 where the first account has no name
 */
export async function claimAccount(
  store: Store,
  {
    code,
    passphrase,
    name,
  }: { readonly code: string; readonly passphrase: string; readonly name?: string | undefined },
): Promise<Account> {
  const isFirst = !(await isAnyAccount(store));
  // Before the code is spent on it
  if (isFirst && name === undefined)
    throw new ProblemError(422, 'The first account has a name.', [{ path: 'name', message: 'is missing' }]);
  await refuseGuessable('passphrase', passphrase, name === undefined ? [] : [name]);
  const found = await takeCode(store, code, ['account', 'first']);
  if (!found) throw new ProblemError(401, NO_CODE, [{ path: 'code', message: NO_CODE }]);
  if (found.accountId !== null) {
    // Whoever could sign in before, with a passkey too, is out
    await store.db.deleteFrom('passkeys').where('account_id', '=', found.accountId).execute();
    await setPassphrase(store, found.accountId, passphrase);
    return accountById(store, found.accountId);
  }
  if (!isFirst || name === undefined) throw new ProblemError(401, NO_CODE, [{ path: 'code', message: NO_CODE }]);
  const account = await makeAccount(store, { id: store.clock.newId(), name, role: 'office' });
  await setPassphrase(store, account.id, passphrase);
  return account;
}
