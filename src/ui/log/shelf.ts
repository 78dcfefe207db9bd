import { parseWritten } from '@/contract/job';
import { change, onChange, put, shelf, type Aside, type Row, type Typed, type Waiting } from './shelfStore';

export type { Aside, Typed, Waiting } from './shelfStore';

// What this browser keeps by itself, in its own database: entries and pictures that wait for the server, text that is being
// typed, and what can't be read any more. A shelf that fails stops nothing: what was written is sent all the same.

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
  await change(['waiting', 'aside'], jobId, async (on) => {
    const setAside = (what: unknown) => on.objectStore('aside').add({ jobId, why: 'unreadable', what });
    if (aside !== null) await setAside(aside);
    if (waiting === null) return;
    let items: unknown = null;
    try {
      items = JSON.parse(waiting);
    } catch {
      // No JSON at all: set aside below
    }
    if (!Array.isArray(items)) return void (await setAside(waiting));
    for (const [place, item] of (items as unknown[]).entries()) {
      const row: Row = { id: `old-${place}`, jobId, place, waiting: item };
      const read = waitingOf(row);
      if (read) await on.objectStore('waiting').put({ ...row, id: read.entry.id, waiting: { ...read, place } });
      else await setAside(item);
    }
  });
  localStorage.removeItem(OLD_KEYS.waiting + jobId);
  localStorage.removeItem(OLD_KEYS.aside + jobId);
}

/** What waits for a job, in the order in which it was written; a row that can’t be read is set aside and holds nothing up. */
export async function waitingFor(jobId: string): Promise<readonly Waiting[]> {
  await takeOver(jobId);
  const rows = inPlace(await (await shelf()).getAllFromIndex('waiting', 'jobId', jobId));
  const read = rows.map((row) => [row, waitingOf(row)] as const);
  const broken = read.flatMap(([row, waiting]) => (waiting ? [] : [row]));
  if (broken.length > 0)
    await change(['waiting', 'aside'], jobId, async (on) => {
      for (const { id, waiting } of broken) {
        // Another tab may have done it
        if ((await on.objectStore('waiting').getKey(id)) === undefined) continue;
        await on.objectStore('aside').add({ jobId, why: 'unreadable', what: waiting });
        await on.objectStore('waiting').delete(id);
      }
    });
  return read.flatMap(([, waiting]) => waiting ?? []);
}

/** Tells how many entries and photos wait, in all jobs, whenever that changes. @returns how to stop it */
export function onWaitingCount(told: (count: number, photos: number) => void): () => void {
  let turn = 0;
  let last = '';
  const count = async (): Promise<void> => {
    const mine = ++turn;
    const on = (await shelf()).transaction(['waiting', 'photos']);
    const [waiting, photos] = await Promise.all([on.objectStore('waiting').count(), on.objectStore('photos').count()]);
    if (mine !== turn || last === `${waiting} ${photos}`) return;
    last = `${waiting} ${photos}`;
    told(waiting, photos);
  };
  // Whoever reads the shelf hears of its fault
  const stop = onChange(['waiting', 'photos'], null, () => void count().catch(() => undefined));
  return () => {
    stop();
    turn = -1;
  };
}

export const onWaiting = (jobId: string, told: () => void): (() => void) => onChange(['waiting'], jobId, told);
export const onAside = (jobId: string, told: () => void): (() => void) => onChange(['aside'], jobId, told);

export const keepWaiting = (jobId: string, waiting: Waiting): Promise<void> =>
  put('waiting', jobId, { id: waiting.entry.id, jobId, place: waiting.place, waiting });

export const dropWaiting = (jobId: string, ids: readonly string[]): Promise<void> =>
  change(['waiting'], jobId, (on) => Promise.all(ids.map((id) => on.objectStore('waiting').delete(id))));

/** Takes an entry out of what waits, and keeps it beside. */
export const setAside = (jobId: string, { entry, refused }: Waiting): Promise<void> =>
  change(['waiting', 'aside'], jobId, async (on) => {
    await on.objectStore('aside').add({ jobId, why: refused ?? 'failed', what: entry });
    await on.objectStore('waiting').delete(entry.id);
  });

export const asideOf = async (jobId: string): Promise<readonly Aside[]> =>
  (await shelf()).getAllFromIndex('aside', 'jobId', jobId);

/** Throws away what was set aside, once it was saved. */
export const dropAside = (jobId: string): Promise<void> =>
  change(['aside'], jobId, async (on) => {
    const keys = await on.objectStore('aside').index('jobId').getAllKeys(jobId);
    await Promise.all(keys.map((key) => on.objectStore('aside').delete(key)));
  });

/** Takes everything of a job out of this browser: its customer was erased. */
export async function forgetJob(jobId: string): Promise<void> {
  await change(['waiting', 'aside', 'typed', 'photos', 'logs', 'made'], jobId, async (on) => {
    for (const part of ['waiting', 'aside', 'typed', 'photos'] as const)
      for (const key of await on.objectStore(part).index('jobId').getAllKeys(jobId))
        await on.objectStore(part).delete(key);
    await on.objectStore('logs').delete(jobId);
    await on.objectStore('made').delete(jobId);
  });
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
  const rows = await (await shelf()).getAllFromIndex('typed', 'jobId', jobId);
  return rows.filter(({ texts, labels }) => isTexts(texts) && isTexts(labels));
}

export const keepTyped = (typed: Typed): Promise<void> => put('typed', typed.jobId, typed);
export const dropTyped = (jobId: string, form: string): Promise<void> =>
  change(['typed'], jobId, (on) => on.objectStore('typed').delete([jobId, form]));
