import type { AuditLine } from '@/contract/accounts';
import type { Store } from '../storeOf';
import { serverLog } from '../store';
import type { Asking } from './asking';

/** What is written down of what people do with the firm’s data, beside the jobs’ own logs. */
export type Audited =
  | 'signedIn'
  | 'signInFailed'
  | 'signedOut'
  | 'accountMade'
  | 'accountChanged'
  | 'sessionEnded'
  | 'codeMade'
  | 'passphraseChanged'
  | 'passkeyMade'
  | 'passkeyRemoved'
  | 'settings'
  | 'shareMade'
  | 'shareEnded'
  | 'shareOpened'
  | 'backedUp'
  | 'exported'
  | 'firmOut'
  | 'firmIn'
  | 'imported'
  | 'erased';

/** Whoever sits at the machine itself, where nobody signs in. */
export const atThisMachine: By = { id: null, name: '' };

interface By {
  readonly id: string | null;
  readonly name: string;
}

export async function audit({ db, clock }: Store, what: Audited, by: By, detail = ''): Promise<void> {
  await db
    .insertInto('audit')
    .values({ at: clock.now(), what, account_id: by.id, by_name: by.name, detail: detail.slice(0, LONGEST) })
    .execute();
}

/** Whose something was, and on which device: “Denzel, Android”. */
export async function whose({ db }: Store, accountId: string, device: string): Promise<string> {
  const owner = await db.selectFrom('accounts').select('name').where('id', '=', accountId).executeTakeFirst();
  return [owner?.name ?? accountId, device].join(', ');
}

/** {@link audit} of whoever asks. A list that can’t be written, the disk being full, keeps nobody from taking their data out. */
export async function auditBy(store: Store, what: Audited, asking: Asking | null, detail: string): Promise<void> {
  try {
    await audit(store, what, asking?.account ?? atThisMachine, detail);
  } catch (error) {
    serverLog().write({ level: 'error', what: `not in the list of what was done: ${what}`, fault: String(error) });
  }
}

const LONGEST = 200;
const MOST = 500;

/** The last lines, newest first. */
export async function auditLines({ db }: Store): Promise<readonly AuditLine[]> {
  const rows = await db.selectFrom('audit').selectAll().orderBy('id', 'desc').limit(MOST).execute();
  return rows.map(({ at, what, by_name, detail }) => ({ at, what, by: by_name, detail }));
}
