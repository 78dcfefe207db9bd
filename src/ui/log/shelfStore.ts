import { KEPT } from '@/contract/keptHere';
import Dexie, { liveQuery, type Table } from 'dexie';
import type { NewEntry } from '@/core/kinds';

// The browser’s own database, in code of its own: a page stands before it is fetched.

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

export class Shelf extends Dexie {
  declare readonly waiting: Table<Row, string>;
  declare readonly typed: Table<Typed, [string, string]>;
  declare readonly aside: Table<Aside, number>;
  /** Pictures that wait; read by whoever sends them. */
  declare readonly photos: Table<{ readonly id: string; readonly jobId: string }, string>;

  /** Logs of jobs that were opened here. */
  declare readonly logs: Table<LogRow, string>;
  /** Jobs that were made here and wait. */
  declare readonly made: Table<{ readonly jobId: string }, string>;
  /** What is known of the shelf itself. */
  declare readonly about: Table<{ readonly name: string; readonly value: unknown }, string>;

  constructor() {
    // As they are now: a test’s stand-in comes after this library was read
    super(KEPT.shelf, { indexedDB, IDBKeyRange });
    // One version stands for those before it: an older shelf is given what it lacks
    this.version(5).stores({
      waiting: 'id,jobId',
      typed: '[jobId+form],jobId',
      aside: '++,jobId',
      photos: 'id,jobId',
      logs: 'jobId',
      made: 'jobId',
      about: 'name',
    });
  }

  /** Told how much waits, in all jobs, whenever that changes. @returns how to stop it */
  onWaitingCount(told: (count: number, photos: number) => void): () => void {
    const counts = liveQuery(() => Promise.all([this.waiting.count(), this.photos.count()]));
    const subscription = counts.subscribe({ next: ([count, photos]) => told(count, photos), error: () => undefined });
    return () => subscription.unsubscribe();
  }

  /** Told whenever what lies on a part of it for a job changes, in this tab or in another. @returns how to stop it */
  onChange(part: 'waiting' | 'aside', jobId: string, told: () => void): () => void {
    const rows = liveQuery(() => this[part].where('jobId').equals(jobId).count());
    const subscription = rows.subscribe({ next: told, error: () => undefined });
    return () => subscription.unsubscribe();
  }
}

/** Opens a database as an older program left it. */
export const openOld = (name: string): Promise<Dexie> => new Dexie(name, { indexedDB, IDBKeyRange }).open();
