/// <reference lib="webworker" />
// The service worker: the program as it was built lies whole in the browser, and so do the pages that were seen or asked for
// ahead. A page comes from the server where there is one, else from here. What is written goes its own way (`ui/log/outbox`).
import { AWAY_DAYS_HEADER, KEPT } from '@/contract/keptHere';
import { isFields, isFigure } from '@/contract/shapes';
import { frameWords } from '@/words/screens';

declare const self: ServiceWorkerGlobalScope;
/** Put in when it is bundled: the build, and the addresses of all its files. */
declare const __BUILD__: string;
declare const __FILES__: readonly string[];

const STATIC = `fox-ladder-static-${__BUILD__}`;
const PAGES = KEPT.pages;
const PHOTOS = KEPT.photos;
/** When the firm was reached last by somebody who was signed in, and for how many days that is good. */
const REACHED = 'fox-ladder-reached';
const REACHED_KEY = '/reached';
const DAY_MS = 86_400_000;
/** A server that takes longer for a page is taken for away: what lies here is shown. */
const PATIENCE_MS = 4000;
/** Files are fetched so many at once: the page that is being looked at comes first. */
const AT_ONCE = 4;
/** A file, or a page, that could not be fetched is tried so often, each time so much later, ms. */
const MOST_TRIES = 4;
const TRY_AGAIN_MS = 4000;

/** Has all files of the build here, of which a browser may have thrown some away. */
async function fetchAll(): Promise<void> {
  const cache = await caches.open(STATIC);
  const kept = new Set((await cache.keys()).map(({ url }) => new URL(url).pathname));
  const left = __FILES__.filter((file) => !kept.has(file));
  const next = async (): Promise<void> => {
    for (let file = left.shift(); file !== undefined; file = left.shift()) await fetchFile(cache, file);
  };
  await Promise.all(Array.from({ length: AT_ONCE }, next));
}

const pause = () => new Promise((resolve) => setTimeout(resolve, TRY_AGAIN_MS));

/** One file that fails, on a weak line, does not throw away the hundreds that came. */
async function fetchFile(cache: Cache, file: string): Promise<void> {
  for (let tries = 1; ; tries++)
    try {
      return await cache.add(file);
    } catch (error) {
      if (tries === MOST_TRIES) throw error;
      await pause();
    }
}

self.addEventListener('install', (event) => event.waitUntil(fetchAll()));

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/**
 * Pages that an older program left ask for its files: they are fetched anew, and only then those files go. Without a server all
 * stays as it is, and works.
 */
async function renew(): Promise<void> {
  const older = (await caches.keys()).filter((name) => name.startsWith('fox-ladder-static-') && name !== STATIC);
  const { installing, waiting } = self.registration;
  // Where a newer program comes, or waits, one of them is its own
  if (older.length === 0 || installing || waiting) return;
  const pages = await caches.open(PAGES);
  let left = (await pages.keys()).map(({ url }) => new URL(url).pathname);
  for (let tries = 0; left.length > 0; tries++) {
    // When a page opens next it is tried again
    if (tries === MOST_TRIES) return;
    if (tries > 0) await pause();
    const failed: string[] = [];
    for (const pathname of left) if (!(await isRenewed(pages, pathname))) failed.push(pathname);
    left = failed;
  }
  for (const name of older) await caches.delete(name);
}

/** Fetches a page anew. @returns whether it was told, or is gone */
async function isRenewed(pages: Cache, pathname: string): Promise<boolean> {
  try {
    const page = await fetch(pathname, { headers: { accept: 'text/html' } });
    // A job that is gone has no page any more
    if (page.status === 404) await pages.delete(pathname);
    // Led on to where one signs in: it is asked for again once somebody is
    else if (page.ok && !page.redirected) await keep(pathname, page);
    else return false;
    return true;
  } catch {
    return false;
  }
}

/** As an answer without an address of its own: else a worker loses what stands behind the # of its own. */
const bare = (kept: Response): Response =>
  new Response(kept.body, { status: kept.status, statusText: kept.statusText, headers: kept.headers });

async function keptFirst(request: Request, name: string): Promise<Response> {
  const url = new URL(request.url);
  const kept = await caches.match(url.pathname, { ignoreVary: true });
  if (kept) return bare(kept);
  const answer = await fetch(request);
  if (answer.ok) await (await caches.open(name)).put(url.pathname, answer.clone());
  return bare(answer);
}

/** What is never kept: where one signs in, and what a customer is shown by a link that may be withdrawn. */
const UNKEPT = /^\/(sign-in$|share\/)/;

/** A page by its path: what stands behind its “?” is read in the browser. A search is another page each time, and not kept. */
const pageKey = ({ pathname, searchParams }: URL): string | null =>
  UNKEPT.test(pathname) || (pathname === '/' && searchParams.has('q')) ? null : pathname;

async function keep(key: string, page: Response): Promise<void> {
  if (!page.ok || page.redirected) return;
  await noteReached(page.headers);
  await (await caches.open(PAGES)).put(key, page);
}

/** Where nobody signs in a page says no days, and is good for ever. */
async function noteReached(headers: Headers): Promise<void> {
  const days = headers.get(AWAY_DAYS_HEADER);
  const cache = await caches.open(REACHED);
  if (days === null) await cache.delete(REACHED_KEY);
  else await cache.put(REACHED_KEY, Response.json({ at: Date.now(), days: Number(days) }));
}

/** For how many days at most this device may be away, where it has been away for longer; else null. */
async function daysOver(): Promise<number | null> {
  const kept: unknown = await (await caches.match(REACHED_KEY, { cacheName: REACHED }))?.json();
  if (!isFields(kept) || !isFigure(kept.at) || !isFigure(kept.days)) return null;
  return Date.now() - kept.at > kept.days * DAY_MS ? kept.days : null;
}

/** Forgets what lies here of the firm’s jobs (as `ui/log/forgetKept` does). What was written here and waits stays. */
async function forget(): Promise<void> {
  await caches.delete(PAGES);
  await caches.delete(PHOTOS);
  await new Promise<void>((resolve) => {
    const opening = indexedDB.open(KEPT.shelf);
    const done = () => resolve();
    // There was none: nothing is made here
    opening.onupgradeneeded = () => opening.transaction?.abort();
    opening.onerror = done;
    opening.onsuccess = () => {
      const { result: shelf } = opening;
      if (!shelf.objectStoreNames.contains(KEPT.logs)) return done();
      const change = shelf.transaction(KEPT.logs, 'readwrite');
      change.objectStore(KEPT.logs).clear();
      change.oncomplete = change.onabort = () => {
        shelf.close();
        done();
      };
    };
  });
}

/** In place of any page, where the device was away for too long. */
function awayTooLong(days: number): Response {
  const { foxLadder, awayTooLong: words, signInAgain } = frameWords;
  const style = 'max-width:34rem;margin:15vh auto;padding:0 1rem;font:1.125rem/1.5 sans-serif';
  const body =
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">` +
    `<title>${foxLadder}</title><body style="${style}"><h1>${foxLadder}</h1><p>${words({ days })}</p>` +
    `<p><a href="/sign-in">${signInAgain}</a></p>`;
  return new Response(body, { status: 403, headers: { 'content-type': 'text/html; charset=utf-8' } });
}

async function serverFirst(request: Request): Promise<Response> {
  const key = pageKey(new URL(request.url));
  const kept = async (): Promise<Response | null> => {
    const days = await daysOver();
    if (days !== null) {
      await forget();
      return awayTooLong(days);
    }
    const page = (key ? await caches.match(key, { cacheName: PAGES, ignoreVary: true }) : undefined) ?? null;
    return page && bare(page);
  };
  const asked = fetch(request);
  const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), PATIENCE_MS));
  try {
    const answer = (await Promise.race([asked, late])) ?? (await kept()) ?? (await asked);
    // A server that is starting, or failing, has no page: the kept one is better
    if (answer.status >= 500) return (await kept()) ?? answer;
    if (key) await keep(key, answer.clone()).catch(() => undefined);
    return answer;
  } catch {
    return (await kept()) ?? (await instead(request)) ?? Response.error();
  }
}

/** A page of a job, and which of them: its board page, its sheet, its papers, a label … */
const JOB_PAGE = /^\/jobs\/[^/]+(\/(?:sheet|papers|before|compare|label(?=\/))|$)/;

/** A page of a job that does not lie here may be of one that the browser itself knows; anything else leads to the board. */
async function instead(request: Request): Promise<Response | null> {
  const [, of] = JOB_PAGE.exec(new URL(request.url).pathname) ?? [];
  const key = of === undefined ? '/' : `/jobs/blank${of === '/label' ? '/label/any' : of}`;
  const page = await caches.match(key, { cacheName: PAGES, ignoreVary: true });
  return page ? bare(page) : null;
}

const PHOTO = /^\/api\/v1\/jobs\/[^/]+\/photos\/[0-9a-f]{64}$/;

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (url.pathname.startsWith('/_next/static/') || url.pathname === '/icon.svg')
    event.respondWith(keptFirst(request, STATIC));
  else if (PHOTO.test(url.pathname)) event.respondWith(keptFirst(request, PHOTOS));
  else if (request.mode === 'navigate' && !url.pathname.startsWith('/api/')) event.respondWith(serverFirst(request));
});

/**
 * Fetches pages before anybody asks for them, one after the other.
 * @returns those that are settled: kept, or not for whoever is signed in
 */
async function keepAhead(paths: readonly string[]): Promise<readonly string[]> {
  const settled: string[] = [];
  for (const path of paths)
    try {
      const page = await fetch(path, { headers: { accept: 'text/html' } });
      await keep(path, page);
      if (page.status < 500) settled.push(path);
    } catch {
      // Nobody is there, or there is no room: whoever asked asks again
    }
  return settled;
}

const isPaths = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string' && one.startsWith('/'));

self.addEventListener('message', (event) => {
  const told: unknown = event.data;
  if (typeof told !== 'object' || told === null || !('do' in told)) return;
  if (told.do === 'take') void self.skipWaiting();
  if (told.do === 'renew')
    event.waitUntil(
      fetchAll()
        .then(renew)
        .catch(() => undefined),
    );
  if (told.do === 'keep' && 'paths' in told && isPaths(told.paths)) {
    const [answer] = event.ports;
    event.waitUntil(keepAhead(told.paths).then((settled) => answer?.postMessage(settled)));
  }
});
