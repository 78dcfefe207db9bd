import { sameName, type Account } from '@/contract/accounts';
import { ProblemError, problemOf } from '@/contract/problem';
import type { Store } from '../storeOf';
import { accountOf, changePassphrase, claimAccount, isPassphraseOf, listAccounts, signIn } from './accounts';
import type { Asking } from './asking';
import { audit } from './audit';
import { FROM_HEADER } from './from';
import { sayAgain } from './again';
import { siteOf } from './passkeys';
import { needsPasskey } from './passkeyFirst';
import { BASE, BY_NAME, COUNTED, PASSKEY } from './signIn';
import { holdTries, takeBackTry } from './tries';

const NOT_RIGHT = 'This is not right: name and passphrase do not belong together.';
const PASSKEY_TOO =
  'This firm lets nobody in by a passphrase alone: sign in by your passkey, or by a code of a device that is signed in.';
const NO_CODE = 'This code is not right, or its time is over.';

/** Asks the sign-in library as a browser would: so its count of tries counts. Origin and Host were held against before. */
function askLibrary(store: Store, request: Request, path: string, body: unknown): Promise<Response> {
  const headers = new Headers({ 'content-type': 'application/json' });
  for (const name of ['cookie', 'user-agent', FROM_HEADER]) {
    const value = request.headers.get(name);
    if (value !== null) headers.set(name, value);
  }
  const url = `https://localhost${BASE}${path}`;
  return signIn(store).handler(new Request(url, { method: 'POST', headers, body: JSON.stringify(body) }));
}

/** Lets the cookies of one answer stand on another. */
function withCookies(response: Response, from: Response): Response {
  for (const cookie of from.headers.getSetCookie()) response.headers.append('set-cookie', cookie);
  return response;
}

const json = (body: unknown, status = 200): Response =>
  Response.json(body, { status, headers: { 'cache-control': 'no-store' } });

/** Does what takes a secret, as a try that is counted where it fails. @throws ProblemError 429, and what `work` throws */
async function asTry<T>(store: Store, request: Request, work: () => Promise<T>): Promise<T> {
  holdTries(await askLibrary(store, request, COUNTED, {}));
  const done = await work();
  await takeBackTry(store, request, COUNTED);
  return done;
}

async function entered(
  store: Store,
  request: Request,
  {
    path,
    body,
    fault,
    by,
  }: {
    readonly path: string;
    readonly body: unknown;
    readonly fault: () => Promise<string> | string;
    readonly by: string;
  },
): Promise<Response> {
  const answered = await askLibrary(store, request, path, body);
  holdTries(answered);
  if (!answered.ok) {
    await audit(store, 'signInFailed', { id: null, name: by }, request.headers.get(FROM_HEADER) ?? '');
    return Response.json(problemOf(new ProblemError(401, await fault())), {
      status: 401,
      headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' },
    });
  }
  await takeBackTry(store, request, path);
  const { user } = (await answered.json()) as { readonly user: { readonly id: string } };
  const row = await store.db
    .selectFrom('accounts')
    .select(['id', 'name', 'role', 'personId', 'endedAt'])
    .where('id', '=', user.id)
    .executeTakeFirstOrThrow();
  const account = accountOf(row);
  await audit(store, 'signedIn', account, request.headers.get(FROM_HEADER) ?? '');
  return withCookies(json({ account }), answered);
}

/** Why a name and a passphrase let nobody in; whoever does not know the passphrase learns nothing by it. */
async function whyNot(store: Store, name: string, passphrase: string): Promise<string> {
  const account = (await listAccounts(store)).find((one) => sameName(one.name) === sameName(name));
  if (!account || account.endedAt !== null || !(await needsPasskey(store, account.id))) return NOT_RIGHT;
  return (await isPassphraseOf(store, account.id, passphrase)) ? PASSKEY_TOO : NOT_RIGHT;
}

/** Signs in by name and passphrase. One answer for a name that there is none of and a passphrase that is wrong. */
export const signInByName = (
  store: Store,
  request: Request,
  { name, passphrase }: { readonly name: string; readonly passphrase: string },
): Promise<Response> =>
  entered(store, request, {
    path: BY_NAME,
    body: { username: name, password: passphrase },
    fault: () => whyNot(store, name, passphrase),
    by: name,
  });

/** Signs a device in by a code that another device of the account showed. */
export const signInByCode = (store: Store, request: Request, code: string): Promise<Response> =>
  entered(store, request, { path: '/sign-in/code', body: { code }, fault: () => NO_CODE, by: '' });

const NO_PASSKEY = 'This passkey is not known here, or its answer was not right.';

/** Signs a device in by a passkey of an account. */
export const signInByPasskey = (
  store: Store,
  request: Request,
  credential: { readonly id: string },
): Promise<Response> =>
  entered(store, request, {
    path: PASSKEY,
    body: { site: siteOf(request), credential },
    fault: () => NO_PASSKEY,
    by: '',
  });

/** Takes one’s passphrase again, before something that asks for it: tries are counted. @throws ProblemError 422, 429 */
export async function passphraseAgain(
  store: Store,
  request: Request,
  asking: Asking,
  passphrase: string,
): Promise<Response> {
  await asTry(store, request, () => sayAgain(store, asking, passphrase));
  return json({ account: asking.account });
}

/** Gives an account its passphrase by its code, and signs this device in. */
export async function claim(
  store: Store,
  request: Request,
  asked: Parameters<typeof claimAccount>[1],
): Promise<Response> {
  const { name } = await asTry(store, request, () => claimAccount(store, asked));
  return signInByName(store, request, { name, passphrase: asked.passphrase });
}

/** Changes one’s own passphrase: tries of the old one are counted. @throws ProblemError 422, 429 */
export async function changeOwnPassphrase(
  store: Store,
  request: Request,
  asking: Asking,
  asked: Parameters<typeof changePassphrase>[2],
): Promise<Response> {
  await asTry(store, request, () => changePassphrase(store, asking, asked));
  await audit(store, 'passphraseChanged', asking.account);
  return json({ account: asking.account });
}

/** Signs this device out. */
export async function signOut(store: Store, request: Request, account: Account | null): Promise<Response> {
  const answered = await askLibrary(store, request, '/sign-out', {});
  if (account) await audit(store, 'signedOut', account);
  return withCookies(json({ account: null }), answered);
}
