import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createServer, request, type Server as Door } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Browser } from 'puppeteer-core';
import { Screen, accessible, launch } from './screen';
import { Server } from './server';

const server = new Server();
let browser: Browser;
let door: Door;
let url: string;
/** The keeper of pages comes out of another build. */
let isNewer = false;

/** Stands before the server, and hands out a newer program when it is told to: the same files under another build’s name. */
const opened = (): Promise<Door> =>
  new Promise((resolve) => {
    const made = createServer((asked, answer) => {
      const { method, headers, url: path = '/' } = asked;
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

describe('a newer program', () => {
  it('is told, waits for a press, and takes no half-typed field away', async () => {
    const screen = new Screen(await browser.newPage(), true);
    await screen.open(url);
    await screen.says('Whimbrel Court');
    await screen.until(() => localStorage.getItem('fox-ladder-kept-pages') !== null, { timeout: 120_000 });
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
    // Nothing is changed under the hand
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
    // And it works without a server
    await server.stop('SIGKILL');
    await screen.open(`${url}/jobs/${id}?rung=look&area=plate`);
    await screen.until(() => [...document.querySelectorAll('input')].some(({ value }) => value === '13 c'));
    await screen.page.close();
  });
});
