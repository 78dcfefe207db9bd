import { ProblemError } from '@/contract/problem';
import { readSetting } from '../settings';
import type { Store } from '../storeOf';
import type { Asking } from './asking';

// A firm may let nobody in by a passphrase alone. Whoever has a passkey then signs in by it, or by a code that a signed-in
// device shows; whoever has none makes one before anything else opens.

async function hasPasskey({ db }: Store, accountId: string): Promise<boolean> {
  const one = await db.selectFrom('passkeys').select('id').where('account_id', '=', accountId).executeTakeFirst();
  return one !== undefined;
}

const isDemanded = async ({ db }: Store): Promise<boolean> => readSetting(db, 'passkeyDemanded');

/** Whether a passphrase alone does not let this account in. */
export const needsPasskey = async (store: Store, accountId: string): Promise<boolean> =>
  (await isDemanded(store)) && (await hasPasskey(store, accountId));

/** Whether whoever asks has to make a passkey before anything else opens. */
export const lacksPasskey = async (store: Store, { account }: Asking): Promise<boolean> =>
  (await isDemanded(store)) && !(await hasPasskey(store, account.id));

/**
 * Holds a change of what the firm demands: whoever makes it is not shut out by it.
 * @throws ProblemError 422
 */
export async function checkDemand(store: Store, asking: Asking, demanded: boolean): Promise<void> {
  if (!demanded || (await hasPasskey(store, asking.account.id))) return;
  const message = 'needs a passkey of your own first, or you would be shut out';
  throw new ProblemError(422, `This ${message}.`, [{ path: 'passkeyDemanded', message }]);
}
