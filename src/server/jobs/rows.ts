import { rememberingParse } from '@/contract/job';
import type { JobHead } from '@/core/job';
import type { Entry, NewEntry } from '@/core/kinds';
import type { Selectable } from 'kysely';
import type { Tables } from '../db/tables';
import type { SiteKey } from '../sealing/keys';
import { openedData, openedTitle } from '../sealing/sealedRows';

const remembered = rememberingParse();

/** A row of the log as the entry that it is today. @throws ProblemError where it is newer than this program */
export const entryOf = (row: Selectable<Tables['entries']>, { key, erasedAt }: SiteKey): Entry =>
  remembered(`${row.job_id}/${row.id}/${erasedAt ?? ''}`, () => ({
    id: row.id,
    at: row.at,
    by: { id: row.by_id, name: row.by_name },
    kind: row.kind,
    version: row.version,
    data: openedData(key, row.job_id, row),
    ...(row.corrects === null ? {} : { corrects: row.corrects }),
    seq: row.seq,
    receivedAt: row.received_at,
    ...(row.seen === null ? {} : { seen: row.seen }),
    ...(row.imported === 1 ? { imported: true } : {}),
  }));

export const headOf = (
  row: Pick<Selectable<Tables['jobs']>, 'id' | 'title' | 'created_at'>,
  { key, erasedAt }: SiteKey,
): JobHead => ({
  id: row.id,
  title: openedTitle(key, row.id, row.title),
  createdAt: row.created_at,
  ...(erasedAt === null ? {} : { erasedAt }),
});

const canonical = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(canonical)
    : typeof value === 'object' && value !== null
      ? Object.fromEntries(
          Object.entries(value)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, child]) => [key, canonical(child)]),
        )
      : value;

/** What of an entry counts for “the same again”: not the number and time that a server added. */
export const contentOf = ({ id, at, by, kind, version, data, corrects, seen }: NewEntry): string =>
  JSON.stringify(canonical({ id, at, by, kind, version, data, corrects, seen }));
