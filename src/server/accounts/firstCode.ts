import { hasFurtherHosts } from '../http/guard';
import type { Store } from '../storeOf';
import { makeCode } from './codes';

/**
 * Where the program answers to other machines and nobody can sign in yet: tells the one at this machine a code for the first
 * account, in the window where the program runs.
 */
export async function tellFirstCode(store: Store, tell: (sentence: string) => void): Promise<void> {
  if (!hasFurtherHosts()) return;
  if ((await store.db.selectFrom('accounts').select('id').limit(1).execute()).length > 0) return;
  const { code } = await makeCode(store, 'first', null);
  tell(`Nobody can sign in yet. The first account is made at /sign-in with this code, within the hour: ${code}`);
}
