import { ASKED_AGAIN } from '@/contract/accounts';
import { ProblemError } from '@/contract/problem';
import { isPassphraseOf } from './accounts';
import type { Asking } from './asking';
import type { Store } from '../storeOf';

// Who finds a phone unlocked reads what its owner reads, but makes no account, no code and no passkey with it: for that the
// passphrase is said again, unless it was a moment ago.

/** So long after signing in, or after saying it, nobody is asked again, ms. */
const GOOD_FOR_MS = 10 * 60_000;

/** @throws ProblemError 403, with the path by which a page knows what to ask for */
export async function holdToPassphrase({ db, clock }: Store, { sessionId }: Asking): Promise<void> {
  const row = await db
    .selectFrom('sessions')
    .select(['createdAt', 'provenAt'])
    .where('id', '=', sessionId)
    .executeTakeFirst();
  const last = Math.max(Date.parse(row?.createdAt ?? ''), Date.parse(row?.provenAt ?? row?.createdAt ?? ''));
  if (Date.parse(clock.now()) - last <= GOOD_FOR_MS) return;
  const message = 'is asked for again before that';
  throw new ProblemError(403, `Your passphrase ${message}.`, [{ path: ASKED_AGAIN, message }]);
}

/** Notes that whoever sits there knows the passphrase. @throws ProblemError 422 */
export async function sayAgain(store: Store, { account, sessionId }: Asking, passphrase: string): Promise<void> {
  if (!(await isPassphraseOf(store, account.id, passphrase))) {
    const message = 'is not the passphrase of this account';
    throw new ProblemError(422, `This ${message}.`, [{ path: 'passphrase', message }]);
  }
  await store.db.updateTable('sessions').set({ provenAt: store.clock.now() }).where('id', '=', sessionId).execute();
}
