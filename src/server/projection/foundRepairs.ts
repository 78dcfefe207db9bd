import { isFields, isText } from '@/contract/shapes';
import type { Job } from '@/core/job';
import { helped, type DeadNew, type RepairsFound } from '@/core/points';
import { sql } from 'kysely';
import type { Database } from '../db/open';

/** A repair that helped. */
interface FoundRepair {
  /** What was out of order; two at once are joined by a “+”. */
  readonly fault: string;
  /** Of which batch the part was that came dead out of its bag; null: none did. */
  readonly deadNew: string | null;
}

/** What the troubles of a job have taught. */
export const foundRepairs = ({ points }: Job): readonly FoundRepair[] =>
  points.flatMap(({ troubles }) =>
    troubles.flatMap((trouble) => {
      const repair = helped(trouble)?.data;
      return repair ? [{ fault: repair.fault, deadNew: repair.deadNew ? (repair.batch ?? '') : null }] : [];
    }),
  );

const isFound = (value: unknown): value is FoundRepair =>
  isFields(value) && isText(value.fault) && (value.deadNew === null || typeof value.deadNew === 'string');

/** What of a row can be read; nothing of one that somebody has meddled with. */
function readOf(text: string): readonly FoundRepair[] {
  try {
    const read: unknown = JSON.parse(text);
    return Array.isArray(read) ? read.filter(isFound) : [];
  } catch {
    return [];
  }
}

/** What the repairs of all jobs have taught: how often each fault was it, and which parts were dead out of their bag. */
export async function repairsFound(
  db: Pick<Database, 'selectFrom'>,
): Promise<{ readonly counts: RepairsFound; readonly deadNew: readonly DeadNew[] }> {
  const rows = await db
    .selectFrom('board')
    .select('repairs')
    .where(sql<boolean>`repairs <> '[]'`)
    .execute();
  const counts = new Map<string, number>();
  const deadNew: DeadNew[] = [];
  for (const { repairs } of rows)
    for (const { fault, deadNew: batch } of readOf(repairs)) {
      for (const one of fault.split('+')) counts.set(one, (counts.get(one) ?? 0) + 1);
      if (batch !== null) deadNew.push({ fault, batch });
    }
  return { counts: Object.fromEntries(counts), deadNew };
}
