import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createServer, request, type Server as Door } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Browser } from 'puppeteer-core';
import { Screen, accessible, launch } from './screen';
import { Server } from './server';

const server = new Server();
let browser: Browser;
let door: Door;
/** Longer than all pages take to be fetched anew. */
const RENEWS_MS = 6000;
let url: string;
/** The keeper of pages comes out of another build. */
let isNewer = false;
/** What the keeper asked for once: the line drops each first question for a page ahead, and for one file in ten. */
const dropped = new Set<string>();
function isDropped(path: string, kind: unknown): boolean {
  const isWeak = /^\/(practice|jobs\/blank\/sheet)$/.test(path) || /^\/_next\/static\/.*[07]\.js$/.test(path);
  if (!isWeak || kind !== 'empty' || dropped.has(path)) return false;
  dropped.add(path);
  return true;
}

/** Stands before the server, and hands out a newer program when it is told to: the same files under another build’s name. */
const opened = (): Promise<Door> =>
  new Promise((resolve) => {
    const made = createServer((asked, answer) => {
      const { method, headers, url: path = '/' } = asked;
      if (isDropped(path, headers['sec-fetch-dest'])) return void answer.destroy();
      const on = request(
        `${server.url}${path}`,
        { method, agent: false, headers: { ...headers, 'accept-encoding': 'identity' } },
        (told) => {
          if (path !== '/sw.js' || !isNewer) {
            answer.writeHead(told.statusCode ?? 502, told.headers);
            told.pipe(answer);
            return;
          }
          const parts: Buffer[] = [];
          told.on('data', (part: Buffer) => parts.push(part));
          told.on('end', () => {
            const code = Buffer.concat(parts)
              .toString()
              .replace(/(?<=fox-ladder-static-)[0-9a-f]+/, 'newer');
            answer.writeHead(200, { 'content-type': 'text/javascript', 'cache-control': 'no-cache' });
            answer.end(code);
          });
        },
      );
      on.on('error', () => answer.destroy());
      asked.pipe(on);
    });
    made.listen(0, '127.0.0.1', () => resolve(made));
  });

beforeAll(async () => {
  server.fill();
  await server.start();
  door = await opened();
  url = `http://127.0.0.1:${(door.address() as AddressInfo).port}`;
  browser = await launch();
});
afterAll(async () => {
  await browser?.close();
  door?.closeAllConnections();
  door?.close();
  await server.stop();
  server.clear();
});

const programs = (screen: Screen): Promise<readonly string[]> =>
  screen.page.evaluate(async () => (await caches.keys()).filter((name) => name.startsWith('fox-ladder-static-')));

/** How many files of the program lie here. */
const filesOf = (screen: Screen): Promise<number> =>
  screen.page.evaluate(async () => {
    const names = (await caches.keys()).filter((name) => name.startsWith('fox-ladder-static-'));
    const counts = names.map(async (name) => (await (await caches.open(name)).keys()).length);
    return (await Promise.all(counts)).reduce((sum, count) => sum + count, 0);
  });

describe('a newer program', () => {
  it('is told, waits for a press, and takes no half-typed field away', async () => {
    const screen = new Screen(await browser.newPage(), true);
    await screen.open(url);
    await screen.says('Whimbrel Court');
    await screen.until(() => localStorage.getItem('fox-ladder-day-ahead') !== null, { timeout: 120_000 });
    expect([...dropped]).toEqual(expect.arrayContaining(['/practice', '/jobs/blank/sheet']));
    const [before] = await programs(screen);
    const { jobs } = (await (await fetch(`${server.url}/api/v1/jobs?limit=100`)).json()) as {
      jobs: { id: string; title: string }[];
    };
    const id = jobs.find(({ title }) => title === 'Whimbrel Court')?.id ?? '';
    isNewer = true;
    await screen.open(`${url}/jobs/${id}?rung=look&area=plate`);
    await screen.type('lead reaches out of the hole', '13 c');
    await screen.says('typed, not kept yet', '.kept');
    // All of its files are fetched first
    await screen.page.waitForSelector('.new-version', { timeout: 180_000 });
    await screen.says('A newer version', '.new-version');
    await accessible(screen);
    // Nothing is changed under the hand, and the old program takes nothing of the new one’s away
    await screen.page.evaluate(async (patience) => {
      (await navigator.serviceWorker.ready).active?.postMessage({ do: 'renew' });
      await new Promise((resolve) => setTimeout(resolve, patience));
    }, RENEWS_MS);
    expect(await programs(screen)).toHaveLength(2);
    expect(await programs(screen)).toContain(before);
    await screen.press('Take it now', '.new-version');
    await screen.until(() => document.querySelector('.new-version') === null);
    await screen.until(() => [...document.querySelectorAll('input')].some(({ value }) => value === '13 c'));
    await screen.until(
      async (old) => {
        const names = (await caches.keys()).filter((name) => name.startsWith('fox-ladder-static-'));
        return names.length === 1 && names[0] !== old;
      },
      { timeout: 120_000 },
      before,
    );
    // And it works without a server, though the browser had thrown its files away: they come again when a page opens
    const files = await filesOf(screen);
    await screen.page.evaluate(async () => {
      for (const name of await caches.keys()) if (name.startsWith('fox-ladder-static-')) await caches.delete(name);
    });
    await screen.open(`${url}/jobs/${id}?rung=look&area=plate`);
    await expect.poll(() => filesOf(screen), { timeout: 60_000 }).toBe(files);
    await server.stop('SIGKILL');
    await screen.open(`${url}/jobs/${id}?rung=look&area=plate`);
    await screen.until(() => [...document.querySelectorAll('input')].some(({ value }) => value === '13 c'));
    await screen.page.close();
  });
});
