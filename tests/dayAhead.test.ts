import 'fake-indexeddb/auto';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { aheadHere, keepDay, onAhead, type Day } from '@/ui/frame/dayAhead';
import { Refused } from '@/ui/log/api';
import { emptyShelf } from './emptyShelf';

const JOB = '018f0000-0000-7000-8000-000000000001';
const DAY: Day = { jobs: [{ id: JOB, updatedAt: '2026-03-04T09:00:00.000Z' }], at: '2026-03-04T10:00:00.000Z' };

const plain = new Map<string, string>();
/** Which pages the keeper could not have, each time that it is asked. */
let failing: (readonly string[])[] = [];
/** What it was asked for. */
let asked: (readonly string[])[] = [];
let isThere = true;
/** What the firm says of a job. */
let status = 200;
const stops: (() => void)[] = [];

/** The service worker of a browser, as a page speaks with it. */
const keeper = {
  ready: Promise.resolve({
    active: {
      postMessage({ paths }: { readonly paths: readonly string[] }, [port]: readonly MessagePort[]) {
        asked.push(paths);
        const failed = failing.shift() ?? [];
        port?.postMessage(paths.filter((path) => !failed.includes(path)));
      },
    },
  }),
};

beforeAll(() => {
  vi.stubEnv('NODE_ENV', 'production');
  vi.stubGlobal('navigator', { serviceWorker: keeper });
  vi.stubGlobal('caches', { has: () => Promise.resolve(true) });
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => plain.get(key) ?? null,
    setItem: (key: string, text: string) => plain.set(key, text),
    removeItem: (key: string) => plain.delete(key),
  });
  vi.stubGlobal('fetch', (to: string) => {
    if (!isThere) return Promise.reject(new TypeError('fetch failed'));
    const told = to.includes('/entries')
      ? { entries: [], last: 0 }
      : { id: JOB, title: 'A house', createdAt: DAY.at, crew: [], account: null };
    const body = status < 400 ? told : { status, title: 'x', detail: 'Not now.', errors: [] };
    const answered = to.includes('/jobs/') ? status : 200;
    return Promise.resolve({
      ok: answered < 400,
      status: answered,
      headers: new Headers(),
      json: () => Promise.resolve(body),
    } as Response);
  });
});
afterAll(() => {
  vi.unstubAllEnvs();
  vi.unstubAllGlobals();
});
beforeEach(async () => {
  await emptyShelf();
  plain.clear();
  failing = [];
  asked = [];
  isThere = true;
  status = 200;
  vi.spyOn(console, 'warn').mockReturnValue(undefined);
  // Only the wait between two tries is cut short: what is kept takes its own time
  const wait = setTimeout;
  vi.stubGlobal('setTimeout', (work: () => void, ms = 0) => wait(work, Math.min(ms, 20)));
});
afterEach(() => {
  for (const stop of stops.splice(0)) stop();
  vi.restoreAllMocks();
});

const keep = (know: () => Promise<Day> = () => Promise.resolve(DAY)): void => void stops.push(keepDay(know));
const isHere = () => vi.waitFor(() => expect(aheadHere()).toEqual({ at: DAY.at, jobs: 1 }));

describe('a day that is kept ahead', () => {
  it('is here once all of it is, as of when the firm told it', async () => {
    const told = vi.fn();
    stops.push(onAhead(told));
    keep();
    expect(aheadHere()).toBeNull();
    await isHere();
    expect(told).toHaveBeenCalledOnce();
    expect(asked).toHaveLength(1);
    expect(asked[0]).toEqual(expect.arrayContaining(['/', '/outbox', '/jobs/blank', '/jobs/blank/sheet']));
  });

  it('is not while a page is missing, which alone is asked for again', async () => {
    failing = [['/practice', '/'], ['/practice']];
    keep();
    await vi.waitFor(() => expect(asked.length).toBeGreaterThan(1));
    await isHere();
    expect(asked.slice(1)).toEqual([['/', '/practice'], ['/practice']]);
  });

  it('is not while the firm fails at a job’s log, and has the pages all the same', async () => {
    status = 500;
    keep();
    await vi.waitFor(() => expect(asked).toHaveLength(1));
    await new Promise((resolve) => setTimeout(resolve, 60));
    expect(aheadHere()).toBeNull();
    status = 200;
    await isHere();
    expect(asked).toHaveLength(1);
  });

  it('lacks no job that the firm has no more', async () => {
    status = 404;
    keep();
    await isHere();
  });

  it('is asked for again by itself after nobody was there', async () => {
    const know = vi.fn(() => (isThere ? Promise.resolve(DAY) : Promise.reject(new TypeError('fetch failed'))));
    isThere = false;
    keep(know);
    await vi.waitFor(() => expect(know.mock.calls.length).toBeGreaterThan(1));
    expect([aheadHere(), asked]).toEqual([null, []]);
    isThere = true;
    await isHere();
  });

  it('is not asked for again by whoever may not see it, nor once the page is left', async () => {
    const refused = vi.fn(() =>
      Promise.reject(new Refused({ type: 'about:blank', status: 403, title: 'x', detail: 'Not for you.', errors: [] })),
    );
    keep(refused);
    const away = vi.fn(() => Promise.reject(new TypeError('fetch failed')));
    keepDay(away)();
    await new Promise((resolve) => setTimeout(resolve, 60));
    await new Promise((resolve) => setTimeout(resolve, 60));
    expect([refused, away].map(({ mock }) => mock.calls.length)).toEqual([1, 1]);
  });
});
