import { sql, type Selectable } from 'kysely';
import { isBoardPoints, type BoardPoint, type ListedJob } from '@/contract/listedJob';
import { ProblemError } from '@/contract/problem';
import { regionPack } from '@/core/region';
import { inWords, sayIn } from '@/words';
import type { Database } from '../db/open';
import type { Tables } from '../db/tables';

/** Points of a row in words; null where they can’t be read as what they should be, or say what this program can’t. */
function pointsOf(text: string): readonly BoardPoint[] | null {
  const points: unknown = JSON.parse(text);
  if (!isBoardPoints(points)) return null;
  const { region, lengths } = points.place;
  try {
    return inWords(points.points, sayIn({ region: regionPack(region), lengths }));
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

/** What the board shows: open jobs in the order in which somebody is expected, then the finished ones. */
export async function boardJobs(db: Database, q: string): Promise<readonly ListedJob[]> {
  const words = q.trim();
  const query = ftsQuery(words);
  if (words !== '' && query === null) return [];
  let select = db
    .selectFrom('board')
    .selectAll()
    .orderBy('finished')
    .orderBy(sql`expected_at is null`)
    .orderBy('expected_at')
    .orderBy('updated_at', 'desc')
    .limit(PAGE.most);
  if (query) select = select.where(matching(query));
  return (await select.execute()).map(listed);
}
