import Dexie, { liveQuery, type Table } from 'dexie';
import { parseWritten } from '@/contract/job';
import type { NewEntry } from '@/core/kinds';

// What this browser keeps by itself, in its own database: entries and pictures that wait for the server, text that is being
// typed, and what can't be read any more. A shelf that fails stops nothing: what was written is sent all the same.

/** An entry that was written here and not acknowledged yet. */
export interface Waiting {
  readonly entry: NewEntry;
  /** Where it stands among those that wait here. */
  readonly place: number;
  /** How far this device's clock was taken to be behind the server's when it was dated, ms. */
  readonly corrected: number;
  /** What the server said of it, where it refused it. */
  readonly refused?: string;
}

/** Text of a form that was typed and not written yet, by the names of its fields. */
export interface Typed {
  readonly jobId: string;
  readonly form: string;
  /** Where the form stands: an address below the job’s. */
  readonly where: string;
  readonly texts: Readonly<Record<string, string>>;
  /** What the fields are called, by the same names. */
  readonly labels: Readonly<Record<string, string>>;
}

/** What was set aside: it holds nothing up any more, and can be saved as a file. */
export interface Aside {
  readonly jobId: string;
  readonly why: string;
  readonly what: unknown;
}

interface Row {
  readonly id: string;
  readonly jobId: string;
  readonly place: number;
  readonly waiting: unknown;
}

class Shelf extends Dexie {
  declare readonly waiting: Table<Row, string>;
  declare readonly typed: Table<Typed, [string, string]>;
  declare readonly aside: Table<Aside, number>;
  /** Pictures that wait; read by whoever sends them. */
  declare readonly photos: Table<{ readonly id: string; readonly jobId: string }, string>;

  constructor() {
    // As they are now: a test’s stand-in comes after this library was read
    super('fox-ladder', { indexedDB, IDBKeyRange });
    this.version(1).stores({ waiting: 'id,jobId', typed: '[jobId+form],jobId', aside: '++,jobId' });
    this.version(2).stores({ photos: 'id,jobId' });
  }
}

let made: Shelf | undefined;
/** The database itself. Made when it is first needed: there is none on the server. */
export const shelf = (): Shelf => (made ??= new Shelf());

/** A row as what waits, of any version of its kind; null where it can’t be read. */
function waitingOf({ waiting }: Row): Waiting | null {
  if (typeof waiting !== 'object' || waiting === null || !('entry' in waiting)) return null;
  const { entry, place, corrected, refused } = waiting as Readonly<Record<string, unknown>>;
  try {
    return {
      entry: parseWritten(entry),
      place: typeof place === 'number' ? place : 0,
      corrected: typeof corrected === 'number' ? corrected : 0,
      ...(typeof refused === 'string' ? { refused } : {}),
    };
  } catch {
    return null;
  }
}

const inPlace = (rows: readonly Row[]): readonly Row[] => rows.toSorted((a, b) => a.place - b.place);

/** Where the outbox stood in a browser’s plain store, before it had a database. */
const OLD_KEYS = { waiting: 'fox-ladder-outbox-', aside: 'fox-ladder-aside-' } as const;

/** Takes over what an older program has left in the plain store; what can’t be read is set aside as it is. */
async function takeOver(jobId: string): Promise<void> {
  if (typeof localStorage === 'undefined') return;
  const [waiting, aside] = [
    localStorage.getItem(OLD_KEYS.waiting + jobId),
    localStorage.getItem(OLD_KEYS.aside + jobId),
  ];
  if (waiting === null && aside === null) return;
  const db = shelf();
  await db.transaction('rw', db.waiting, db.aside, async () => {
    if (aside !== null) await db.aside.add({ jobId, why: 'unreadable', what: aside });
    if (waiting === null) return;
    let items: unknown = null;
    try {
      items = JSON.parse(waiting);
    } catch {
      // No JSON at all: set aside below
    }
    if (!Array.isArray(items)) return void (await db.aside.add({ jobId, why: 'unreadable', what: waiting }));
    for (const [place, item] of (items as unknown[]).entries()) {
      const row: Row = { id: `old-${place}`, jobId, place, waiting: item };
      const read = waitingOf(row);
      if (read) await db.waiting.put({ ...row, id: read.entry.id, waiting: { ...read, place } });
      else await db.aside.add({ jobId, why: 'unreadable', what: item });
    }
  });
  localStorage.removeItem(OLD_KEYS.waiting + jobId);
  localStorage.removeItem(OLD_KEYS.aside + jobId);
}

/** What waits for a job, in the order in which it was written; a row that can’t be read is set aside and holds nothing up. */
export async function waitingFor(jobId: string): Promise<readonly Waiting[]> {
  await takeOver(jobId);
  const db = shelf();
  return db.transaction('rw', db.waiting, db.aside, async () => {
    const rows = inPlace(await db.waiting.where('jobId').equals(jobId).toArray());
    const read = rows.map((row) => [row, waitingOf(row)] as const);
    for (const [row, waiting] of read) {
      if (waiting) continue;
      await db.aside.add({ jobId, why: 'unreadable', what: row.waiting });
      await db.waiting.delete(row.id);
    }
    return read.flatMap(([, waiting]) => waiting ?? []);
  });
}

/** Told whenever what lies on a part of the shelf for a job changes, in this tab or in another. @returns how to stop it */
const onChange = (part: 'waiting' | 'aside', jobId: string, told: () => void): (() => void) => {
  const rows = liveQuery(() => shelf()[part].where('jobId').equals(jobId).count());
  const subscription = rows.subscribe({ next: told, error: () => undefined });
  return () => subscription.unsubscribe();
};

export const onWaiting = (jobId: string, told: () => void): (() => void) => onChange('waiting', jobId, told);
export const onAside = (jobId: string, told: () => void): (() => void) => onChange('aside', jobId, told);

export const keepWaiting = async (jobId: string, waiting: Waiting): Promise<void> =>
  void (await shelf().waiting.put({ id: waiting.entry.id, jobId, place: waiting.place, waiting }));

export const dropWaiting = (ids: readonly string[]): Promise<void> => shelf().waiting.bulkDelete([...ids]);

/** Takes an entry out of what waits, and keeps it beside. */
export async function setAside(jobId: string, { entry, refused }: Waiting): Promise<void> {
  const db = shelf();
  await db.transaction('rw', db.waiting, db.aside, async () => {
    await db.aside.add({ jobId, why: refused ?? 'failed', what: entry });
    await db.waiting.delete(entry.id);
  });
}

export const asideOf = (jobId: string): Promise<readonly Aside[]> =>
  shelf().aside.where('jobId').equals(jobId).toArray();

/** Throws away what was set aside, once it was saved. */
export const dropAside = async (jobId: string): Promise<void> =>
  void (await shelf().aside.where('jobId').equals(jobId).delete());

/** Takes everything of a job out of this browser: its customer was erased. */
export async function forgetJob(jobId: string): Promise<void> {
  const db = shelf();
  for (const part of ['waiting', 'aside', 'typed', 'photos'] as const)
    await db[part].where('jobId').equals(jobId).delete();
}

const isTexts = (value: unknown): value is Readonly<Record<string, string>> =>
  typeof value === 'object' && value !== null && Object.values(value).every((text) => typeof text === 'string');

/** What was typed in a job’s forms and not written yet. */
export async function typedIn(jobId: string): Promise<readonly Typed[]> {
  const rows = await shelf().typed.where('jobId').equals(jobId).toArray();
  return rows.filter(({ texts, labels }) => isTexts(texts) && isTexts(labels));
}

export const keepTyped = async (typed: Typed): Promise<void> => void (await shelf().typed.put(typed));
export const dropTyped = (jobId: string, form: string): Promise<void> => shelf().typed.delete([jobId, form]);
