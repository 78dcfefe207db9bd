import { createHash, randomBytes } from 'node:crypto';
import { ProblemError } from '@/contract/problem';
import { MOST_SHARE_DAYS, type Share, type ShareRequest } from '@/contract/share';
import type { Asking } from './accounts/asking';
import { audit, atThisMachine } from './accounts/audit';
import { siteKey } from './sealing/keys';
import type { Store } from './storeOf';

// Links by which a customer reads their own page. What opens one is drawn at random and told once; the database has its hash.

/** Nobody guesses one of so many bytes. */
const TOKEN_BYTES = 24;
const TOKEN = /^[A-Za-z0-9_-]{32}$/;
const DAY_MS = 86_400_000;
/** So many of a job are good at most. */
const MOST_SHARES = 50;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
const dayOf = (at: string): string => at.slice(0, 10);
/** The day after, for a day ends at another hour where the customer lives (UTC−12). */
const isOver = (until: string, now: string): boolean => Date.parse(now) > Date.parse(until) + 1.5 * DAY_MS;

interface Row {
  readonly id: string;
  readonly by_name: string;
  readonly made_at: string;
  readonly until: string;
  readonly ended_at: string | null;
  readonly opened: number;
  readonly last_opened: string | null;
}
const shareFrom = (row: Row): Share => ({
  id: row.id,
  by: row.by_name,
  madeAt: row.made_at,
  until: row.until,
  endedAt: row.ended_at,
  opened: row.opened,
  lastOpened: row.last_opened,
});

/** The links of a job, newest first. */
export const sharesOf = async ({ db }: Store, jobId: string): Promise<readonly Share[]> =>
  (await db.selectFrom('shares').selectAll().where('job_id', '=', jobId).orderBy('made_at', 'desc').execute()).map(
    shareFrom,
  );

/**
 * Makes a link to a job’s customer page.
 * @returns it with what opens it
 * @throws ProblemError 404 no such job · 409 too many, or the id is taken · 410 its customer was erased · 422 a day that is over, or far off
 */
export async function makeShare(
  store: Store,
  jobId: string,
  { id, until }: ShareRequest,
  { account: by }: Asking,
): Promise<{ readonly share: Share; readonly token: string }> {
  const { db, clock } = store;
  const now = clock.now();
  const refuse = (message: string) => new ProblemError(422, `until ${message}.`, [{ path: 'until', message }]);
  if (until < dayOf(now)) throw refuse('is a day that is over');
  if (Date.parse(until) > Date.parse(now) + MOST_SHARE_DAYS * DAY_MS)
    throw refuse(`lies ${MOST_SHARE_DAYS} days ahead at most`);
  const job = await db.selectFrom('jobs').select('id').where('id', '=', jobId).executeTakeFirst();
  if (!job) throw new ProblemError(404, `There is no job ${jobId.slice(0, 64)} here.`);
  if ((await siteKey(db, jobId)).erasedAt !== null)
    throw new ProblemError(410, 'The customer of this job was erased: there is nothing to share any more.');
  const open = (await sharesOf(store, jobId)).filter((one) => one.endedAt === null && !isOver(one.until, now));
  if (open.length >= MOST_SHARES)
    throw new ProblemError(409, `${MOST_SHARES} links to this job are good already: withdraw one first.`);
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  const row = {
    id,
    job_id: jobId,
    token_hash: hashOf(token),
    by_name: by.name,
    made_at: now,
    until,
    ended_at: null,
    opened: 0,
    last_opened: null,
  };
  const { numInsertedOrUpdatedRows } = await db
    .insertInto('shares')
    .values(row)
    .onConflict((conflict) => conflict.doNothing())
    .executeTakeFirst();
  if (!numInsertedOrUpdatedRows)
    throw new ProblemError(409, 'Another link has this id already.', [{ path: 'id', message: 'is taken' }]);
  await audit(store, 'shareMade', by, `${jobId}, until ${until}`);
  return { share: shareFrom(row), token };
}

/** Withdraws a link, at once. @throws ProblemError 404 */
export async function endShare(store: Store, jobId: string, id: string, asking: Asking | null): Promise<Share> {
  const { db, clock } = store;
  await db
    .updateTable('shares')
    .set({ ended_at: clock.now() })
    .where('job_id', '=', jobId)
    .where('id', '=', id)
    .where('ended_at', 'is', null)
    .execute();
  const share = (await sharesOf(store, jobId)).find((one) => one.id === id);
  if (!share) throw new ProblemError(404, 'This job has no such link.');
  await audit(store, 'shareEnded', asking?.account ?? atThisMachine, jobId);
  return share;
}

/**
 * The job that a link leads to.
 * @returns null where there is none such, its day is over, it was withdrawn, or the customer was erased: nobody learns which
 */
export async function sharedJob(
  { db, clock }: Store,
  token: string,
): Promise<{ readonly id: string; readonly jobId: string } | null> {
  if (!TOKEN.test(token)) return null;
  const row = await db
    .selectFrom('shares')
    .select(['id', 'job_id', 'until', 'ended_at'])
    .where('token_hash', '=', hashOf(token))
    .executeTakeFirst();
  if (!row || row.ended_at !== null || isOver(row.until, clock.now())) return null;
  return (await siteKey(db, row.job_id)).erasedAt === null ? { id: row.id, jobId: row.job_id } : null;
}

/** Notes that a link was opened. In the list of what was done it stands once a day. @param from where it was opened from */
export async function noteOpened(store: Store, id: string, from: string): Promise<void> {
  const { db, clock } = store;
  const now = clock.now();
  const before = await db
    .selectFrom('shares')
    .select(['job_id', 'last_opened'])
    .where('id', '=', id)
    .executeTakeFirst();
  if (!before) return;
  await db
    .updateTable('shares')
    .set((row) => ({ opened: row('opened', '+', 1), last_opened: now }))
    .where('id', '=', id)
    .execute();
  if (before.last_opened === null || dayOf(before.last_opened) !== dayOf(now))
    await audit(store, 'shareOpened', { id: null, name: '' }, `${before.job_id}, from ${from}`);
}
