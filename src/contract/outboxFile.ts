import { parseWritten } from './job';
import { isFields, isText } from './shapes';
import type { NewEntry, Person } from '@/core/kinds';

export const OUTBOX_FORMAT = 'fox-ladder/outbox';
export const OUTBOX_VERSION = 1;

/** What one device wrote in one job and the firm does not have. */
export interface HandedOver {
  readonly jobId: string;
  /** Of a job that was made there and that the firm does not know. */
  readonly made?: { readonly title: string; readonly at: string; readonly by: Person };
  readonly entries: readonly NewEntry[];
}

/** A file that carries what waits on a device to another one, where no server can be had at all. */
export const outboxFile = (jobs: readonly HandedOver[], madeAt: string): string =>
  JSON.stringify({ format: OUTBOX_FORMAT, version: OUTBOX_VERSION, madeAt, jobs });

/** Why a file is no outbox. */
export class NoOutbox extends TypeError {}

function madeOf(value: unknown): NonNullable<HandedOver['made']> {
  if (!isFields(value) || !isFields(value.by)) throw new NoOutbox('unreadable');
  const { title, at, by } = value;
  if (!isText(title) || !isText(at) || !isText(by.id) || !isText(by.name)) throw new NoOutbox('unreadable');
  return { title, at, by: { id: by.id, name: by.name } };
}

/**
 * Reads such a file, entries of any version of their kinds.
 * @throws NoOutbox where it is another file, of a newer program, or cut off
 */
export function outboxOf(text: string): readonly HandedOver[] {
  let read: unknown;
  try {
    read = JSON.parse(text);
  } catch {
    throw new NoOutbox('unreadable');
  }
  if (!isFields(read) || read.format !== OUTBOX_FORMAT || !Array.isArray(read.jobs)) throw new NoOutbox('another');
  if (typeof read.version !== 'number' || read.version > OUTBOX_VERSION) throw new NoOutbox('newer');
  return (read.jobs as readonly unknown[]).map((job): HandedOver => {
    if (!isFields(job) || !isText(job.jobId) || !Array.isArray(job.entries)) throw new NoOutbox('unreadable');
    const made = job.made === undefined ? null : madeOf(job.made);
    try {
      const entries = (job.entries as readonly unknown[]).map(parseWritten);
      return { jobId: job.jobId, ...(made ? { made } : {}), entries };
    } catch {
      throw new NoOutbox('unreadable');
    }
  });
}
