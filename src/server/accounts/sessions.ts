import type { SessionView } from '@/contract/accounts';
import { ProblemError } from '@/contract/problem';
import type { Store } from '../storeOf';
import type { Asking } from './asking';
import { audit, whose } from './audit';

/** What a browser says of itself, short enough for a list. */
export function deviceOf(userAgent: string | null): string {
  if (!userAgent) return '?';
  const system = /\((?:[^;)]*; )?([^;)]+)/.exec(userAgent)?.[1];
  return (system ?? userAgent).slice(0, 60);
}

/** However often a device is used: after so long one signs in on it anew, ms. */
export const LONGEST_MS = 180 * 24 * 3_600_000;

/** Devices that are signed in: one’s own, the office’s view all. */
export async function listSessions({ db, clock }: Store, asking: Asking): Promise<readonly SessionView[]> {
  let query = db
    .selectFrom('sessions')
    .selectAll()
    .where('expiresAt', '>', clock.now())
    .where('createdAt', '>', new Date(Date.parse(clock.now()) - LONGEST_MS).toISOString())
    .orderBy('updatedAt', 'desc');
  if (asking.account.role !== 'office') query = query.where('userId', '=', asking.account.id);
  const rows = await query.execute();
  return rows.map(({ id, userId, createdAt, updatedAt, userAgent }) => ({
    id,
    accountId: userId,
    since: createdAt,
    lastSeen: updatedAt,
    device: deviceOf(userAgent),
    isThis: id === asking.sessionId,
  }));
}

/** Ends a session of one’s own, or as the office any: a phone that was lost asks in vain from now on. @throws ProblemError 404 */
export async function endSession(store: Store, asking: Asking, id: string): Promise<void> {
  let query = store.db.deleteFrom('sessions').where('id', '=', id).returning(['userId', 'userAgent']);
  if (asking.account.role !== 'office') query = query.where('userId', '=', asking.account.id);
  const ended = await query.executeTakeFirst();
  if (!ended) throw new ProblemError(404, 'There is no such session.');
  await audit(store, 'sessionEnded', asking.account, await whose(store, ended.userId, deviceOf(ended.userAgent)));
}
