import { KEPT } from '@/contract/keptHere';
import { deleteDB, openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction, type StoreNames } from 'idb';
import type { NewEntry } from '@/core/kinds';

// The browser’s own database: what lies on it, how it is opened, and how a change of it is told to every tab.

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

export interface Row {
  readonly id: string;
  readonly jobId: string;
  readonly place: number;
  readonly waiting: unknown;
}

/** A job’s log as the server told it last. */
export interface LogRow {
  readonly jobId: string;
  readonly title?: string;
  readonly createdAt?: string;
  readonly log: unknown;
  /** By which code it was read before it was kept; missing from before that was noted. */
  readonly code?: string;
}

type OfJob<Key extends IDBValidKey, Value> = { key: Key; value: Value; indexes: { jobId: string } };
type ByName<Value> = { key: string; value: Value };

interface Parts extends DBSchema {
  waiting: OfJob<string, Row>;
  typed: OfJob<[jobId: string, form: string], Typed>;
  aside: OfJob<number, Aside>;
  /** Pictures that wait; read by whoever sends them. */
  photos: OfJob<string, { readonly id: string; readonly jobId: string }>;
  /** Logs of jobs that were opened here. */
  logs: ByName<LogRow>;
  /** Jobs that were made here and wait. */
  made: ByName<{ readonly jobId: string }>;
  /** What is known of the shelf itself. */
  about: ByName<{ readonly name: string; readonly value: unknown }>;
}

export type Part = StoreNames<Parts>;
export type Shelf = IDBPDatabase<Parts>;
type Changing<P extends Part> = IDBPTransaction<Parts, readonly P[], 'readwrite'>;

const KEYS: Readonly<Record<Part, IDBObjectStoreParameters>> = {
  waiting: { keyPath: 'id' },
  typed: { keyPath: ['jobId', 'form'] },
  aside: { autoIncrement: true },
  photos: { keyPath: 'id' },
  logs: { keyPath: 'jobId' },
  made: { keyPath: 'jobId' },
  about: { keyPath: 'name' },
};
const OF_JOB = ['waiting', 'typed', 'aside', 'photos'] as const;

/** What is nowhere else lies on the disk itself before it is called kept: a phone goes out in a cellar too. */
const NOWHERE_ELSE: ReadonlySet<Part> = new Set<Part>(['waiting', 'aside', 'photos', 'made']);

/** Older programs, which counted in tens, came as far as 50. */
const VERSION = 60;

/** Gives a new shelf all its parts, and an older one what it lacks. */
function upgrade(db: Shelf): void {
  const isLacking = (part: Part): boolean => !db.objectStoreNames.contains(part);
  for (const part of OF_JOB.filter(isLacking)) db.createObjectStore(part, KEYS[part]).createIndex('jobId', 'jobId');
  for (const part of ['logs', 'made', 'about'] as const) if (isLacking(part)) db.createObjectStore(part, KEYS[part]);
}

let opened: Promise<Shelf> | undefined;

/** The database itself, opened when it is first needed, and again where the browser took it away. @throws DOMException */
export const shelf = (): Promise<Shelf> => (opened ??= open());

function open(): Promise<Shelf> {
  const forget = (): void => {
    if (opened === opening) opened = undefined;
  };
  const events = {
    terminated: forget,
    // A newer program in another tab waits until this one lets go
    blocking: () => {
      forget();
      void opening.then((db) => db.close());
    },
  };
  const opening: Promise<Shelf> = openDB<Parts>(KEPT.shelf, VERSION, { upgrade, ...events }).catch((error: unknown) => {
    // Where a newer program was there is all that this one needs
    if (error instanceof Error && error.name === 'VersionError') return openDB<Parts>(KEPT.shelf, undefined, events);
    throw error;
  });
  // The next who needs it tries anew
  opening.catch(forget);
  return opening;
}

/**
 * Changes parts of the shelf in one go, and tells of it.
 * @param jobId whose rows they are; null: of several jobs, or of none
 * @throws DOMException where it could not be kept: nothing of it is, then
 */
export async function change<P extends Part>(
  parts: readonly P[],
  jobId: string | null,
  work: (on: Changing<P>) => Promise<unknown>,
): Promise<void> {
  const durability = parts.some((part) => NOWHERE_ELSE.has(part)) ? 'strict' : 'relaxed';
  const on = (await shelf()).transaction(parts, 'readwrite', { durability });
  // Heard below; where the work fails first, by nobody
  on.done.catch(() => undefined);
  try {
    await Promise.all([work(on), on.done]);
  } catch (error) {
    // What stopped all of it says more than what came of that
    const reason: unknown = on.error ?? error;
    try {
      on.abort();
    } catch {
      // It has ended already
    }
    throw reason;
  }
  tell({ parts, jobId });
}

/** Puts a row on a part of the shelf, in the place of the one with its key. */
export const put = <P extends Part>(part: P, jobId: string | null, row: Parts[P]['value']): Promise<void> =>
  change([part], jobId, (on) => on.objectStore(part).put(row));

/** What was changed. */
interface News {
  readonly parts: readonly Part[];
  /** Whose rows; null: of several jobs, or of none. */
  readonly jobId: string | null;
}

const listeners = new Set<(news: News) => void>();
let tabs: BroadcastChannel | null | undefined;

/** The way to the other tabs; made when it is needed, for there is none on the server. */
function otherTabs(): BroadcastChannel | null {
  if (tabs !== undefined) return tabs;
  tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(KEPT.shelf);
  tabs?.addEventListener('message', ({ data }) => hear(data as News));
  return tabs;
}

function hear(news: News): void {
  for (const listener of listeners) listener(news);
}

function tell(news: News): void {
  hear(news);
  otherTabs()?.postMessage(news);
}

/**
 * Told at once, and whenever any of the parts changes, in this tab or in another.
 * @param jobId whose rows; null: of any job
 * @returns how to stop it
 */
export function onChange(parts: readonly Part[], jobId: string | null, told: () => void): () => void {
  const listener = (news: News): void => {
    const isOurs = jobId === null || news.jobId === null || news.jobId === jobId;
    if (isOurs && news.parts.some((part) => parts.includes(part))) told();
  };
  listeners.add(listener);
  otherTabs();
  told();
  return () => void listeners.delete(listener);
}

/** Opens a database as an older program left it. @throws DOMException where there is none, and makes none */
export const openOld = (name: string): Promise<IDBPDatabase> =>
  openDB(name, undefined, {
    upgrade(_db, _old, _next, making) {
      // Whoever opens it hears of that
      making.done.catch(() => undefined);
      making.abort();
    },
  });

/** Throws such a database away. */
export const dropOld = (name: string): Promise<void> => deleteDB(name);
