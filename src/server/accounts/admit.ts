import { ProblemError } from '@/contract/problem';
import type { NewEntry, Person } from '@/core/kinds';
import { hasFurtherHosts } from '../http/guard';
import { store } from '../store';
import { accountOf, signIn } from './accounts';
import { holdToPassphrase } from './again';
import type { Asking } from './asking';
import { asksAgain, isBeforePasskey, isOpen, may } from './may';
import { lacksPasskey } from './passkeyFirst';
import { LONGEST_MS } from './sessions';

/** Whether people sign in: as soon as the program answers to more than its own machine. */
export const signsIn = (): boolean => hasFurtherHosts();

/** Who a request comes from; null: somebody who is not signed in, or may not be any more. */
export async function whoAsks(headers: Headers): Promise<Asking | null> {
  if (!headers.has('cookie')) return null;
  const found = await signIn(await store()).api.getSession({ headers });
  if (!found || Date.now() - found.session.createdAt.getTime() > LONGEST_MS) return null;
  const { id, name, role, personId, endedAt } = found.user;
  const account = accountOf({ id, name, role, personId, endedAt: endedAt ?? null });
  return account.endedAt === null ? { account, sessionId: found.session.id } : null;
}

/**
 * Lets a request through whose sender may ask for that. Every route goes by this.
 * @returns who it is; null where nobody signs in here, or the route is open to everybody
 * @throws ProblemError 401, 403
 */
export async function admit(request: Request): Promise<Asking | null> {
  if (!signsIn()) return null;
  const { pathname } = new URL(request.url);
  const asking = await whoAsks(request.headers);
  if (isOpen(pathname)) return asking;
  if (!asking) throw new ProblemError(401, 'Sign in first.');
  if (!isBeforePasskey(pathname) && (await lacksPasskey(await store(), asking)))
    throw new ProblemError(401, 'This firm asks for a passkey: make one under “Accounts and devices” first.');
  if (!may(asking.account.role, request.method, pathname))
    throw new ProblemError(403, `An account that is “${asking.account.role}” may not do that.`);
  if (asksAgain(request.method, pathname)) await holdToPassphrase(await store(), asking);
  return asking;
}

/** Holds who is said to write against who is signed in. @throws ProblemError 403 */
export function checkBy(asking: Asking | null, entries: readonly Pick<NewEntry, 'by'>[]): void {
  const personId = asking?.account.personId;
  if (personId === undefined) return;
  const index = entries.findIndex(({ by }) => by.id !== personId);
  if (index < 0) return;
  const { name }: Person = entries[index]?.by ?? { id: '', name: '' };
  const message = `is ${name}: whoever wrote it has to be signed in to send it`;
  throw new ProblemError(403, `by ${message}.`, [{ path: `entries[${index}].by`, message }]);
}
