import { parseWritten } from '@/contract/job';
import type { NewEntry } from '@/core/kinds';

/** Entries that were written here and not acknowledged yet, and what the server said of one it refused. */
export interface Waiting {
  readonly entry: NewEntry;
  readonly refused?: string;
}

const keyOf = (jobId: string): string => `fox-ladder-outbox-${jobId}`;
/** What can’t be read any more lies here, as it was: it holds nothing else up, and is not thrown away. */
const asideKeyOf = (jobId: string): string => `fox-ladder-aside-${jobId}`;

function setAside(jobId: string, what: unknown): void {
  const before = localStorage.getItem(asideKeyOf(jobId));
  localStorage.setItem(asideKeyOf(jobId), `${before ? `${before}\n` : ''}${JSON.stringify(what)}`);
}

/** A text as a list; what is none is set aside whole. */
function listOf(jobId: string, text: string): readonly unknown[] {
  try {
    const items: unknown = JSON.parse(text);
    if (Array.isArray(items)) return items;
  } catch {
    // Falls through: it is no JSON at all
  }
  setAside(jobId, text);
  return [];
}

/** One waiting entry, of any version of its kind; null where it can’t be read. */
function waitingOf(item: unknown): Waiting | null {
  if (typeof item !== 'object' || item === null || !('entry' in item)) return null;
  const refused = 'refused' in item && typeof item.refused === 'string' ? item.refused : undefined;
  try {
    return { entry: parseWritten(item.entry), ...(refused === undefined ? {} : { refused }) };
  } catch {
    return null;
  }
}

/** What waits for a job; it outlives a closed browser, and an update of the program. */
export function readOutbox(jobId: string): readonly Waiting[] {
  const text = localStorage.getItem(keyOf(jobId));
  if (text === null) return [];
  const items = listOf(jobId, text);
  const read = items.map((item) => [item, waitingOf(item)] as const);
  for (const [item, waiting] of read) if (!waiting) setAside(jobId, item);
  const waits = read.flatMap(([, waiting]) => waiting ?? []);
  if (waits.length < items.length || items.length === 0) keep(jobId, waits);
  return waits;
}

function keep(jobId: string, waits: readonly Waiting[]): void {
  if (waits.length === 0) localStorage.removeItem(keyOf(jobId));
  else localStorage.setItem(keyOf(jobId), JSON.stringify(waits));
}

/** Changes what waits and returns it. */
export function writeOutbox(
  jobId: string,
  change: (waiting: readonly Waiting[]) => readonly Waiting[],
): readonly Waiting[] {
  const next = change(readOutbox(jobId));
  keep(jobId, next);
  return next;
}
