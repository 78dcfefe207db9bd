import type { Transaction } from 'kysely';
import { ProblemError } from '@/contract/problem';
import type { NewJobRequest } from '@/contract/job';
import { placeOf, refusalOf, type Job } from '@/core/job';
import type { Entry, NewEntry } from '@/core/kinds';
import { sayIn } from '@/words';
import type { Clock } from '../clock';
import { checkWriters } from '../crew';
import type { Database } from '../db/open';
import type { Tables } from '../db/tables';
import { bringUp } from '../projection/project';
import { bringUpSoon } from '../projection/soon';
import { ensureKey, writingKey } from '../sealing/keys';
import { openedTitle, sealedData, sealedTitle } from '../sealing/sealedRows';
import { checkReferences } from './references';
import { jobLog, jobOf, type JobLog } from './jobLog';
import { contentOf } from './rows';

export interface Receipt {
  readonly id: string;
  readonly seq: number;
  readonly receivedAt: string;
}

/** Makes a job; the same again changes nothing. @throws ProblemError 409 where the id is taken by another */
export async function createJob(
  db: Database,
  clock: Clock,
  { id, at, by, title }: NewJobRequest,
): Promise<{ readonly made: boolean; readonly job: Job }> {
  await ensureKey(db, id);
  const made = await db.transaction().execute(async (trx) => {
    const key = await writingKey(trx, id);
    const known = await trx.selectFrom('jobs').selectAll().where('id', '=', id).executeTakeFirst();
    if (!known) {
      const row = {
        id,
        title: sealedTitle(key, id, title),
        created_at: at,
        received_at: clock.now(),
        by_id: by.id,
        by_name: by.name,
      };
      await trx.insertInto('jobs').values(row).execute();
      return true;
    }
    const same =
      openedTitle(key, id, known.title) === title &&
      known.created_at === at &&
      known.by_id === by.id &&
      known.by_name === by.name;
    if (!same) throw new ProblemError(409, 'A job with this id is there already, with other content.');
    return false;
  });
  if (made) await bringUp(db, id);
  return { made, job: jobOf(await jobLog(db, id)) };
}

/** Written here, or taken in with a file. */
type How = 'written' | 'imported';

/** Sorts out what is new: an id that is there with the same content stays, with other content is a conflict. */
function newOnes(standing: readonly Entry[], given: readonly NewEntry[]): readonly NewEntry[] {
  const asked = new Set(given.map(({ id }) => id));
  const known = new Map(standing.flatMap((entry) => (asked.has(entry.id) ? [[entry.id, contentOf(entry)]] : [])));
  return given.filter((entry, index) => {
    const content = contentOf(entry);
    const before = known.get(entry.id);
    if (before !== undefined && before !== content)
      throw new ProblemError(409, `Entry ${entry.id} is there already, with other content.`, [
        { path: `entries[${index}].id`, message: 'is there already, with other content' },
      ]);
    known.set(entry.id, content);
    return before === undefined;
  });
}

async function write(
  trx: Transaction<Tables>,
  clock: Clock,
  log: JobLog,
  added: readonly NewEntry[],
  how: How,
): Promise<readonly Entry[]> {
  const receivedAt = clock.now();
  const key = await writingKey(trx, log.head.id);
  const last = log.entries.at(-1)?.seq ?? 0;
  const entries = added.map((entry, i): Entry => ({
    ...entry,
    seq: last + 1 + i,
    receivedAt,
    ...(how === 'imported' ? { imported: true } : {}),
  }));
  const BATCH = 200;
  for (let from = 0; from < entries.length; from += BATCH)
    await trx
      .insertInto('entries')
      .values(
        entries.slice(from, from + BATCH).map((entry) => ({
          job_id: log.head.id,
          seq: entry.seq,
          id: entry.id,
          at: entry.at,
          by_id: entry.by.id,
          by_name: entry.by.name,
          kind: entry.kind,
          version: entry.version,
          ...sealedData(key, log.head.id, entry),
          corrects: entry.corrects ?? null,
          received_at: receivedAt,
          seen: entry.seen ?? null,
          imported: entry.imported ? 1 : 0,
        })),
      )
      .execute();
  return entries;
}

/** Adds what is new of the given entries to a log inside a transaction. */
export async function addTo(
  trx: Transaction<Tables>,
  clock: Clock,
  log: JobLog,
  given: readonly NewEntry[],
  how: How,
): Promise<JobLog> {
  const added = newOnes(log.entries, given);
  if (added.length === 0) return log;
  const rows = await trx.selectFrom('attachments').select(['id', 'sha256']).where('job_id', '=', log.head.id).execute();
  checkReferences(log.entries, added, new Set(rows.flatMap(({ id, sha256 }) => [id, sha256])));
  return { head: log.head, entries: [...log.entries, ...(await write(trx, clock, log, added, how))] };
}

/** What is asked before points and things change; a file that is taken in is history and is not asked. */
function refuseUnfit(log: JobLog, given: readonly NewEntry[]): void {
  const { entries } = log;
  const known = new Set(entries.map(({ id }) => id));
  given.forEach((entry, index) => {
    if ((entry.kind !== 'entryStruck' && entry.kind !== 'pointHung') || known.has(entry.id)) return;
    const job = jobOf(log);
    const refusal = refusalOf(job, entries, entry);
    if (refusal === null) return;
    const message = sayIn(placeOf(job))(refusal);
    const path = `entries[${index}]`;
    throw new ProblemError(422, `${path}: ${message}`, [{ path, message }]);
  });
}

/** So far ahead of the server a device’s clock may be, ms. */
const CLOCK_AHEAD_MS = 2 * 60_000;

/** What is dated ahead of time is refused with the time of here: a device corrects its clock by it. */
function refuseAhead({ entries }: JobLog, given: readonly NewEntry[], now: string): void {
  const known = new Set(entries.map(({ id }) => id));
  given.forEach((entry, index) => {
    if (known.has(entry.id) || Date.parse(entry.at) - Date.parse(now) <= CLOCK_AHEAD_MS) return;
    const path = `entries[${index}].at`;
    const message = `lies in the future: it is ${now} here`;
    throw new ProblemError(422, `${path}: ${message}`, [{ path, message }], { serverTime: now });
  });
}

/**
 * Appends entries to a job: all or none, durable when it returns. An entry that is there already with the same content
 * is answered alike and not written again.
 * @throws ProblemError 404 no such job · 409 an id with other content · 410 its customer was erased · 422 a point or an entry that is not there
 */
export async function appendEntries(
  db: Database,
  clock: Clock,
  jobId: string,
  given: readonly NewEntry[],
): Promise<{ readonly entries: readonly Receipt[]; readonly last: number }> {
  const { log, grew } = await db.transaction().execute(async (trx) => {
    const standing = await jobLog(trx, jobId);
    await writingKey(trx, jobId);
    await checkWriters(trx, given);
    refuseUnfit(standing, given);
    refuseAhead(standing, given, clock.now());
    const grown = await addTo(trx, clock, standing, given, 'written');
    return { log: grown, grew: grown !== standing };
  });
  if (grew) bringUpSoon(db, jobId);
  const byId = new Map(log.entries.map((entry) => [entry.id, entry]));
  const receipts = given.map(({ id }) => {
    const entry = byId.get(id);
    if (!entry) throw new Error(`entry ${id} was not written`);
    return { id, seq: entry.seq, receivedAt: entry.receivedAt };
  });
  return { entries: receipts, last: log.entries.at(-1)?.seq ?? 0 };
}
