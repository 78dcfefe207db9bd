import { setTimeout } from 'node:timers/promises';
import { sql, type RawBuilder, type Selectable } from 'kysely';
import { BOARD_PARTS, isBoardPoints, type BoardPart, type BoardPartId, type ListedJob } from '@/contract/listedJob';
import { ProblemError } from '@/contract/problem';
import type { BoardPoint } from '@/core/board';
import { pointsInWords } from '@/words';
import { OTHER_CATALOGUE } from '../catalogue';
import type { Database } from '../db/open';
import type { Tables } from '../db/tables';
import { broughtUp } from '../projection/soon';

/** Points of a row in words; null where they can’t be read as what they should be, or say what this program can’t. */
function pointsOf(text: string): readonly BoardPoint[] | null {
  const points: unknown = JSON.parse(text);
  if (!isBoardPoints(points)) return null;
  try {
    return pointsInWords(points);
  } catch (error) {
    console.error('a row of the board says what this program has no words for', error);
    return null;
  }
}

function listed(row: Selectable<Tables['board']>): ListedJob {
  const points = pointsOf(row.points);
  return {
    id: row.job_id,
    title: row.title,
    address: row.address,
    expectedAt: row.expected_at,
    updatedAt: row.updated_at,
    finished: row.finished === 1,
    points: points ?? [],
    fault: row.fault ?? (points ? null : 'the row can’t be read'),
  };
}

/** A job’s row where it stands for the whole log; null where it is behind. @param last number of the log’s last entry */
export async function rowOf(db: Database, jobId: string, last: number): Promise<ListedJob | null> {
  const row = await db
    .selectFrom('board')
    .selectAll()
    .where('job_id', '=', jobId)
    .where('last_seq', '=', last)
    .executeTakeFirst();
  return row ? listed(row) : null;
}

/** The words that somebody typed, as a query of the full-text index: each must begin a word of the job. */
function ftsQuery(typed: string): string | null {
  const words = typed.match(/[\p{L}\p{N}]+/gu) ?? [];
  return words.length > 0
    ? words
        .slice(0, 12)
        .map((word) => `"${word}"*`)
        .join(' ')
    : null;
}

const matching = (query: string) =>
  sql<boolean>`board.job_id in (select job_id from job_search where job_search match ${query})`;

/** The jobs that a query finds, for who asks about them several times: looking words up takes longer than looking ids up. */
async function found(db: Database, query: string): Promise<RawBuilder<boolean>> {
  const rows = await db
    .selectFrom('job_search')
    .select('job_id')
    .where(sql<boolean>`job_search match ${query}`)
    .execute();
  const ids = JSON.stringify(rows.map(({ job_id: id }) => id));
  return sql<boolean>`board.job_id in (select value from json_each(${ids}))`;
}

const cursorOf = (job: ListedJob): string => Buffer.from(JSON.stringify([job.updatedAt, job.id])).toString('base64url');

function readCursor(cursor: string): readonly [string, string] {
  try {
    const [at, id] = JSON.parse(Buffer.from(cursor, 'base64url').toString()) as readonly unknown[];
    if (typeof at === 'string' && typeof id === 'string') return [at, id];
  } catch (cause) {
    throw new ProblemError(400, 'The cursor was not given out here.', [{ path: 'after', message: 'is no cursor' }], {
      cause,
    });
  }
  throw new ProblemError(400, 'The cursor was not given out here.', [{ path: 'after', message: 'is no cursor' }]);
}

export const PAGE = { standard: 50, most: 200 } as const;

/** Jobs, the last changed first, a page at a time. */
export async function listJobs(
  db: Database,
  { q, limit, after }: { readonly q: string; readonly limit: number; readonly after: string | null },
): Promise<{ readonly jobs: readonly ListedJob[]; readonly after: string | null }> {
  const words = q.trim();
  const query = ftsQuery(words);
  if (words !== '' && query === null) return { jobs: [], after: null };
  await broughtUp(db);
  let select = db.selectFrom('board').selectAll().orderBy('updated_at', 'desc').orderBy('job_id', 'desc');
  if (query) select = select.where(matching(query));
  if (after !== null) {
    const [at, id] = readCursor(after);
    select = select.where(sql<boolean>`(updated_at, job_id) < (${at}, ${id})`);
  }
  const rows = await select.limit(limit + 1).execute();
  const jobs = rows.slice(0, limit).map(listed);
  const last = jobs.at(-1);
  return { jobs, after: rows.length > limit && last ? cursorOf(last) : null };
}

/** From one second to another, since 1970. */
interface Day {
  readonly from: number;
  readonly to: number;
}

/** When somebody is expected, in seconds since 1970. */
const AT = sql<number>`unixepoch(expected_at)`;

/** How each part of the board is found and ordered, and how many of it are shown. */
const PARTS: Readonly<
  Record<
    BoardPartId,
    { readonly is: (day: Day) => RawBuilder<boolean>; readonly order: RawBuilder<unknown>; readonly most: number }
  >
> = {
  today: {
    is: ({ from, to }) => sql`finished = 0 AND ${AT} >= ${from} AND ${AT} < ${to}`,
    order: sql`${AT}`,
    most: 200,
  },
  // What was left over last is the freshest in mind
  earlier: { is: ({ from }) => sql`finished = 0 AND ${AT} < ${from}`, order: sql`${AT} DESC`, most: 60 },
  coming: { is: ({ to }) => sql`finished = 0 AND ${AT} >= ${to}`, order: sql`${AT}`, most: 60 },
  noDay: { is: () => sql`finished = 0 AND expected_at IS NULL`, order: sql`updated_at DESC`, most: 40 },
  finished: { is: () => sql`finished = 1`, order: sql`updated_at DESC`, most: 20 },
};

/** So long the board waits for rows that are being made, ms: where fifty people write there may always be some. */
const BOARD_WAITS_MS = 500;

/** Whether more was written in a row’s job than it was made of, or the catalogue that it names parts of has changed. */
const BEHIND = sql<number>`board.made_by = ${OTHER_CATALOGUE} or exists (select 1 from entries where entries.job_id = board.job_id and seq > board.last_seq)`;

/** What the board shows of a day: today first, whatever is left over, what comes; of each how many there are in all. */
export async function boardJobs(db: Database, q: string, day: Day): Promise<readonly BoardPart[]> {
  const words = q.trim();
  const query = ftsQuery(words);
  if (words !== '' && query === null) return [];
  await Promise.race([broughtUp(db), setTimeout(BOARD_WAITS_MS)]);
  const isFound = query === null ? null : await found(db, query);
  const parts: BoardPart[] = [];
  for (const part of BOARD_PARTS) {
    const { is, order, most } = PARTS[part];
    let select = db.selectFrom('board').where(is(day));
    if (isFound) select = select.where(isFound);
    const rows = await select.selectAll().select(BEHIND.as('behind')).orderBy(order).limit(most).execute();
    // Where all of them came there is nothing to count
    const { count } =
      rows.length < most
        ? { count: rows.length }
        : await select.select(({ fn }) => fn.countAll<number>().as('count')).executeTakeFirstOrThrow();
    const jobs = rows.map((row) => {
      const job = listed(row);
      return { ...job, isBehind: row.behind === 1 && job.fault === null };
    });
    if (rows.length > 0) parts.push({ part, count: Number(count), jobs });
  }
  return parts;
}

/** A day at this machine, as seconds since 1970. */
export function dayOf(now: string): Day {
  const start = new Date(now);
  start.setHours(0, 0, 0, 0);
  const end = new Date(start);
  end.setDate(end.getDate() + 1);
  return { from: start.getTime() / 1000, to: end.getTime() / 1000 };
}
