import { CODE } from '@/contract/code';
import { rememberingParse } from '@/contract/job';
import { isFields, isFigure, isText } from '@/contract/shapes';
import type { JobHead } from '@/core/job';
import { isEntryKind, type Entry } from '@/core/kinds';
import { put, shelf } from './shelfStore';

// A job’s log as this browser knew it last: a page that lies here may be older than what was read since.

const parsed = rememberingParse();

/** Whether something can be an entry that was read once, and then kept. */
const isRead = (value: unknown): value is Entry =>
  isFields(value) &&
  [value.id, value.at, value.receivedAt].every(isText) &&
  isText(value.kind) &&
  isEntryKind(value.kind) &&
  isFields(value.by) &&
  isFields(value.data) &&
  isFigure(value.seq);

/** @returns what is kept of a job’s log; empty where nothing is, or nothing that this version understands */
export async function keptLog(jobId: string): Promise<readonly Entry[]> {
  const row = await (await shelf()).get('logs', jobId);
  if (!row || !Array.isArray(row.log)) return [];
  const log = row.log as readonly unknown[];
  // Each was held against its kind before it was kept: the same code need not do so again, which would take a phone a second
  if (CODE !== '' && row.code === CODE && log.every(isRead)) return log;
  try {
    return log.map((entry) => {
      if (!isFields(entry) || typeof entry.id !== 'string') throw new TypeError('no entry');
      return parsed(`${jobId}/${entry.id}`, () => entry);
    });
  } catch (error) {
    // Of an older program, or half written: the server has it whole
    console.warn(error);
    return [];
  }
}

export const keepLog = ({ id, title, createdAt }: JobHead, log: readonly Entry[]): Promise<void> =>
  put('logs', id, { jobId: id, title, createdAt, log, code: CODE });

/** The one of two logs of a job that knows more; a log only grows. */
export const farther = (one: readonly Entry[], other: readonly Entry[]): readonly Entry[] =>
  (other.at(-1)?.seq ?? 0) > (one.at(-1)?.seq ?? 0) ? other : one;
