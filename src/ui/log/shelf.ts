import { parseWritten } from '@/contract/job';
import type { Aside, Row, Shelf, Typed, Waiting } from './shelfStore';

export type { Aside, Typed, Waiting } from './shelfStore';

// What this browser keeps by itself, in its own database: entries and pictures that wait for the server, text that is being
// typed, and what can't be read any more. A shelf that fails stops nothing: what was written is sent all the same.

let made: Promise<Shelf> | undefined;
/** The database itself. Made when it is first needed: there is none on the server. Its code may have to be asked for again. */
export const shelf = (): Promise<Shelf> =>
  (made ??= import('./shelfStore').then(
    ({ Shelf }) => new Shelf(),
    (error: unknown) => {
      made = undefined;
      throw error;
    },
  ));

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
  const db = await shelf();
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
  const db = await shelf();
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

/** Listens to the shelf from the moment when it is there. */
function whenThere(listen: (db: Shelf) => () => void): () => void {
  let stopped = false;
  let stop: (() => void) | undefined;
  shelf().then(
    (db) => {
      if (!stopped) stop = listen(db);
    },
    // Whoever reads the shelf hears of its fault
    () => undefined,
  );
  return () => {
    stopped = true;
    stop?.();
  };
}

const onChange = (part: 'waiting' | 'aside', jobId: string, told: () => void): (() => void) =>
  whenThere((db) => db.onChange(part, jobId, told));

/** Tells how many entries and photos wait, in all jobs, whenever that changes. @returns how to stop it */
export const onWaitingCount = (told: (count: number, photos: number) => void): (() => void) =>
  whenThere((db) => db.onWaitingCount(told));

export const onWaiting = (jobId: string, told: () => void): (() => void) => onChange('waiting', jobId, told);
export const onAside = (jobId: string, told: () => void): (() => void) => onChange('aside', jobId, told);

export const keepWaiting = async (jobId: string, waiting: Waiting): Promise<void> =>
  void (await (await shelf()).waiting.put({ id: waiting.entry.id, jobId, place: waiting.place, waiting }));

export const dropWaiting = async (ids: readonly string[]): Promise<void> =>
  (await shelf()).waiting.bulkDelete([...ids]);

/** Takes an entry out of what waits, and keeps it beside. */
export async function setAside(jobId: string, { entry, refused }: Waiting): Promise<void> {
  const db = await shelf();
  await db.transaction('rw', db.waiting, db.aside, async () => {
    await db.aside.add({ jobId, why: refused ?? 'failed', what: entry });
    await db.waiting.delete(entry.id);
  });
}

export const asideOf = async (jobId: string): Promise<readonly Aside[]> =>
  (await shelf()).aside.where('jobId').equals(jobId).toArray();

/** Throws away what was set aside, once it was saved. */
export const dropAside = async (jobId: string): Promise<void> =>
  void (await (await shelf()).aside.where('jobId').equals(jobId).delete());

/** Takes everything of a job out of this browser: its customer was erased. */
export async function forgetJob(jobId: string): Promise<void> {
  const db = await shelf();
  for (const part of ['waiting', 'aside', 'typed', 'photos', 'logs', 'made'] as const)
    await db[part].where('jobId').equals(jobId).delete();
  await forgetPages(jobId);
}

/** Pages and pictures of a job that the service worker keeps (`src/sw`). */
async function forgetPages(jobId: string): Promise<void> {
  // Only a secure address has them
  if (typeof caches === 'undefined') return;
  for (const name of await caches.keys()) {
    const cache = await caches.open(name);
    for (const { url } of await cache.keys())
      if (new URL(url).pathname.split('/').includes(jobId)) await cache.delete(url);
  }
}

const isTexts = (value: unknown): value is Readonly<Record<string, string>> =>
  typeof value === 'object' && value !== null && Object.values(value).every((text) => typeof text === 'string');

/** What was typed in a job’s forms and not written yet. */
export async function typedIn(jobId: string): Promise<readonly Typed[]> {
  const rows = await (await shelf()).typed.where('jobId').equals(jobId).toArray();
  return rows.filter(({ texts, labels }) => isTexts(texts) && isTexts(labels));
}

export const keepTyped = async (typed: Typed): Promise<void> => void (await (await shelf()).typed.put(typed));
export const dropTyped = async (jobId: string, form: string): Promise<void> =>
  (await shelf()).typed.delete([jobId, form]);
