/// <reference lib="webworker" />
// The service worker: the program as it was built lies whole in the browser, and so do the pages that were seen or asked for
// ahead. A page comes from the server where there is one, else from here. What is written goes its own way (`ui/log/outbox`).
declare const self: ServiceWorkerGlobalScope;
/** Put in when it is bundled: the build, and the addresses of all its files. */
declare const __BUILD__: string;
declare const __FILES__: readonly string[];

const STATIC = `fox-ladder-static-${__BUILD__}`;
const PAGES = 'fox-ladder-pages';
const PHOTOS = 'fox-ladder-photos';
/** A server that takes longer for a page is taken for away: what lies here is shown. */
const PATIENCE_MS = 4000;
/** Files are fetched so many at once: the page that is being looked at comes first. */
const AT_ONCE = 4;

async function fetchAll(): Promise<void> {
  const cache = await caches.open(STATIC);
  const left = [...__FILES__];
  const next = async (): Promise<void> => {
    for (let file = left.shift(); file !== undefined; file = left.shift())
      if (!(await cache.match(file))) await cache.add(file);
  };
  await Promise.all(Array.from({ length: AT_ONCE }, next));
}

self.addEventListener('install', (event) => event.waitUntil(fetchAll()));

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/**
 * Pages that an older program left ask for its files: they are fetched anew, and only then those files go. Without a server all
 * stays as it is, and works.
 */
async function renew(): Promise<void> {
  const older = (await caches.keys()).filter((name) => name.startsWith('fox-ladder-static-') && name !== STATIC);
  if (older.length === 0) return;
  const pages = await caches.open(PAGES);
  for (const { url } of await pages.keys()) {
    const { pathname } = new URL(url);
    const page = await fetch(pathname, { headers: { accept: 'text/html' } });
    // A job that is gone has no page any more
    if (page.status === 404) await pages.delete(pathname);
    // Led on to where one signs in: it is asked for again once somebody is
    else if (page.ok && !page.redirected) await keep(pathname, page);
    else throw new Error(`${pathname}: ${page.status}`);
  }
  for (const name of older) await caches.delete(name);
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

/**
 * A page by its path: what stands behind its “?” is read in the browser. A search is another page each time, and not kept; nor
 * is where one signs in.
 */
const pageKey = ({ pathname, searchParams }: URL): string | null =>
  pathname === '/sign-in' || (pathname === '/' && searchParams.has('q')) ? null : pathname;

async function keep(key: string, page: Response): Promise<void> {
  if (page.ok && !page.redirected) await (await caches.open(PAGES)).put(key, page);
}

async function serverFirst(request: Request): Promise<Response> {
  const key = pageKey(new URL(request.url));
  const kept = async (): Promise<Response | null> => {
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

/** A job without a page of its own may be one that the browser itself knows; anything else leads to the board. */
async function instead(request: Request): Promise<Response | null> {
  const isJob = /^\/jobs\/[^/]+$/.test(new URL(request.url).pathname);
  const page = await caches.match(isJob ? '/jobs/blank' : '/', { cacheName: PAGES, ignoreVary: true });
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

/** Fetches pages before anybody asks for them, one after the other. */
async function keepAhead(paths: readonly string[]): Promise<void> {
  for (const path of paths) {
    const page = await fetch(path, { headers: { accept: 'text/html' } });
    await keep(path, page);
  }
}

const isPaths = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string' && one.startsWith('/'));

self.addEventListener('message', (event) => {
  const told: unknown = event.data;
  if (typeof told !== 'object' || told === null || !('do' in told)) return;
  if (told.do === 'take') void self.skipWaiting();
  if (told.do === 'renew') event.waitUntil(renew().catch(() => undefined));
  if (told.do === 'keep' && 'paths' in told && isPaths(told.paths)) {
    const [answer] = event.ports;
    event.waitUntil(
      keepAhead(told.paths).then(
        () => answer?.postMessage(true),
        () => answer?.postMessage(false),
      ),
    );
  }
});
