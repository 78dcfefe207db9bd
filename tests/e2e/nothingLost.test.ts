import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser, HTTPRequest, Page } from 'puppeteer-core';
import puppeteer from 'puppeteer-core';
import { runs } from '../runs';
import { Server } from './server';
import { PATIENCE_MS, Screen, launch } from './screen';
import { seeded } from '@/core/random';
import { Climber } from './climber';
import { demoStage } from './stage';

const stage = demoStage();

/** What the server has of a job. */
async function entriesOf(
  url: string,
  id: string,
): Promise<readonly { id: string; kind: string; data: Record<string, unknown> }[]> {
  const answer = await fetch(`${url}/api/v1/jobs/${id}/entries`);
  return ((await answer.json()) as { entries: { id: string; kind: string; data: Record<string, unknown> }[] }).entries;
}

describe('a browser that is killed in mid-typing', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-browser-'));
  const opened: Browser[] = [];
  afterAll(() => {
    // One that a failed test left open would keep the whole run from ending
    for (const browser of opened) browser.process()?.kill('SIGKILL');
    rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
  });
  const open = async () => {
    const browser = await puppeteer.launch({
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
      userDataDir: folder,
    });
    opened.push(browser);
    return { browser, screen: new Screen(await browser.newPage()) };
  };
  it('gives back what was typed, and calls nothing kept meanwhile', async () => {
    const { server, jobs } = stage();
    const address = `${server.url}/jobs/${jobs.get('Whimbrel Court') ?? ''}?rung=look&area=plate`;
    const first = await open();
    await first.screen.open(address);
    await first.screen.type('lead reaches out of the hole', '13 c');
    await first.screen.says('typed, not kept yet', '.kept');
    await first.screen.typedOnShelf();
    first.browser.process()?.kill('SIGKILL');
    await new Promise((resolve) => setTimeout(resolve, 500));
    const again = await open();
    await again.screen.open(address);
    await again.screen.until(() => [...document.querySelectorAll('input')].some(({ value }) => value === '13 c'), {
      timeout: PATIENCE_MS,
    });
    expect(await again.screen.text('.kept')).toBe('typed, not kept yet');
    await again.screen.keep('lead reaches out of the hole', '13 cm');
    await again.browser.close();
    const last = (await entriesOf(server.url, jobs.get('Whimbrel Court') ?? '')).at(-1);
    expect(last?.data).toMatchObject({ leadReachM: 0.13 });
  });
  it('gives back a new job’s name too, whatever kind of point is picked then', async () => {
    const { server } = stage();
    const typedSite = (on: Screen) =>
      on.until(() => document.querySelector<HTMLInputElement>('input[name=title]')?.value === 'Dipper W', {
        timeout: PATIENCE_MS,
      });
    const first = await open();
    await first.screen.open(server.url);
    await first.screen.press('New job');
    await first.screen.type('site', 'Dipper W');
    await first.screen.typedOnShelf();
    first.browser.process()?.kill('SIGKILL');
    await new Promise((resolve) => setTimeout(resolve, 500));
    const again = await open();
    await again.screen.open(server.url);
    await again.screen.press('New job');
    await typedSite(again.screen);
    await again.screen.choose('the first point is', 'a floodlight');
    await typedSite(again.screen);
    await again.browser.close();
  });
});

describe('a network that lies between page and server', () => {
  /** What becomes of the requests that write, one after the other. */
  const LIES: readonly ((request: HTTPRequest) => Promise<void>)[] = [
    (request) => request.abort('connectionreset'),
    (request) => request.respond({ status: 200, contentType: 'text/html', body: '<html>guest network</html>' }),
    (request) => request.respond({ status: 200, body: '' }),
    (request) => request.respond({ status: 403, contentType: 'text/plain', body: 'log in' }),
    (request) =>
      request.respond({
        status: 500,
        contentType: 'application/problem+json',
        body: JSON.stringify({ type: 'about:blank', title: 'no', status: 500, detail: 'it broke', errors: [] }),
      }),
    (request) => request.respond({ status: 200, contentType: 'application/json', body: '{"entries":[{"id":"an' }),
  ];
  const lyingOn = async (page: Page): Promise<() => number> => {
    let told = 0;
    await page.setRequestInterception(true);
    page.on('request', (request) => {
      const isWrite = request.method() === 'POST' && request.url().endsWith('/entries');
      const lie = isWrite ? LIES[told] : undefined;
      if (isWrite) told++;
      void (lie ? lie(request) : request.continue());
    });
    return () => told;
  };
  it('loses nothing that was shown as kept, over everything that is written meanwhile', async () => {
    const { server, jobs, browser } = stage();
    const id = jobs.get('Whimbrel Court') ?? '';
    const screen = new Screen(await browser.newPage());
    await screen.open(`${server.url}/jobs/${id}?rung=look&area=door`);
    const before = (await entriesOf(server.url, id)).length;
    const told = await lyingOn(screen.page);
    for (const wall of ['brick', 'timber', 'concrete']) {
      await screen.choose('wall', wall);
      // Either it is with the server or the head does not say so
      const standing = await screen.text('.kept');
      const there = (await entriesOf(server.url, id)).slice(before).map(({ data }) => data.wall);
      if (standing === 'kept') expect(there).toContain(wall);
    }
    for (let tries = 0; tries < 20 && told() <= LIES.length; tries++) {
      await screen.page.evaluate(() =>
        [...document.querySelectorAll('button')].find(({ textContent }) => textContent === 'Try now')?.click(),
      );
      await new Promise((resolve) => setTimeout(resolve, 400));
    }
    await screen.kept();
    const walls = (await entriesOf(server.url, id)).slice(before).map(({ data }) => data.wall);
    expect(walls).toEqual(['brick', 'timber', 'concrete']);
    await screen.page.close();
  });
});

describe('a network that lies over a whole climb', () => {
  /** Does with a request what a bad network does; a repeated one, and one whose answer is lost, reach the server. */
  const send = (request: HTTPRequest): Promise<Response> =>
    fetch(request.url(), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: request.postData() ?? '',
    });
  const LIES: Readonly<Record<string, (request: HTTPRequest) => Promise<void>>> = {
    lost: (request) => request.abort('connectionreset'),
    answerLost: async (request) => {
      await send(request);
      await request.abort('connectionreset');
    },
    repeated: async (request) => {
      await send(request);
      await request.continue();
    },
    late: async (request) => {
      await new Promise((resolve) => setTimeout(resolve, 900));
      await request.continue();
    },
    portal: (request) => request.respond({ status: 200, contentType: 'text/html', body: '<html>guests</html>' }),
    empty: (request) => request.respond({ status: 200, contentType: 'application/json', body: '' }),
    forbidden: (request) => request.respond({ status: 403, contentType: 'text/plain', body: 'log in' }),
    cut: async (request) => {
      const whole = await (await send(request)).text();
      await request.respond({ status: 200, contentType: 'application/json', body: whole.slice(0, whole.length / 2) });
    },
  };
  const SEEDS = Array.from({ length: runs(2) }, (_, i) => 20261 + i);
  it.each(SEEDS)('has all of it at the end, each thing once, and never called kept what was not (%i)', async (seed) => {
    const { server, browser } = stage();
    const screen = new Screen(await browser.newPage());
    const climb = new Climber(screen, server.url);
    await climb.begin(`Shearwater Steps ${seed}`, 'one with a plug');
    const id = /jobs\/([^/?]+)/.exec(screen.page.url())?.[1] ?? '';
    /** What the page ever tried to send. */
    const sent = new Set<string>();
    const told: string[] = [];
    const random = seeded(seed);
    let isHonest = false;
    await screen.page.setRequestInterception(true);
    screen.page.on('request', (request) => {
      if (request.method() !== 'POST' || !request.url().endsWith('/entries')) return void request.continue();
      const { entries } = JSON.parse(request.postData() ?? '{}') as { entries: readonly { id: string }[] };
      for (const one of entries) sent.add(one.id);
      // Every second one is honest: who waits for ever proves nothing
      isHonest = !isHonest;
      const names = Object.keys(LIES);
      const lie = isHonest ? undefined : names[Math.floor(random() * names.length)];
      if (lie) told.push(lie);
      void (lie ? LIES[lie]?.(request) : request.continue())?.catch(() => undefined);
    });
    const there = async () => (await entriesOf(server.url, id)).map((entry) => entry.id);
    /** What the head calls kept is with the server. */
    const keptIsTrue = async (): Promise<void> => {
      await screen.kept();
      const known = [...sent];
      const has = new Set(await there());
      expect(known.filter((one) => !has.has(one))).toEqual([]);
    };
    await screen.area('Spot');
    await screen.choose('mounted on', 'wall');
    await screen.choose('wall', 'brick');
    await screen.keep('height over the ground', '9 ft');
    await keptIsTrue();
    await climb.wifi('58');
    await climb.rung('Measure');
    await screen.keep('way of the lead to it', '6 ft');
    await screen.choose('on whatever switch is turned', 'yes');
    await screen.choose('its GFCI turns it off when tested', 'yes');
    await screen.choose('its cover', 'closes over a plug');
    await keptIsTrue();
    await climb.rung('Choose');
    await screen.press('Take this camera');
    await keptIsTrue();
    await climb.tickAll();
    await keptIsTrue();
    await climb.hungAndLit(null);
    await keptIsTrue();
    const sheet = await climb.leave();
    expect(sheet).toContain('To switch it off, pull its plug');
    expect(sheet).toContain('R. Carne');
    const all = await there();
    expect(new Set(all).size).toBe(all.length);
    expect([...sent].filter((one) => !all.includes(one))).toEqual([]);
    expect(new Set(told).size).toBeGreaterThan(2);
    await screen.page.close();
  });
});

describe('a customer', () => {
  it('is erased by hand, by whoever types the job’s title, and the record stays', async () => {
    const { server, jobs, browser } = stage();
    const id = jobs.get('Knot Cottage') ?? '';
    const screen = new Screen(await browser.newPage());
    await screen.open(`${server.url}/jobs/${id}?rung=leave`);
    const before = await entriesOf(server.url, id);
    const title = await screen.text('.site-name b');
    await screen.press('Erase the customer');
    await screen.type(`type “${title}” to be sure`, 'another house');
    await screen.press('Erase for good');
    await screen.says('nothing was erased', '[role=alert]');
    expect(await screen.text('.site-name b')).toBe(title);
    await screen.type(`type “${title}” to be sure`, title);
    await screen.press('Erase for good');
    await screen.says('Customer erased', '.site-name');
    await screen.says('nothing is written to this job any more', '[data-testid=erased]');
    const after = await entriesOf(server.url, id);
    expect(after.map(({ kind }) => kind)).toEqual(before.map(({ kind }) => kind));
    expect(JSON.stringify(after)).not.toContain(title);
    await screen.open(`${server.url}/?q=${encodeURIComponent(title)}`);
    await screen.says('No site or job begins with these words');
    await screen.page.close();
  });
});

describe('the door of the server', () => {
  it('answers from the first moment, and refuses what no route can read', async () => {
    const { server } = stage();
    for (const path of ['/api/v1/%E0%A4%A', '/api/v1/jobs/%E0%A4', '/jobs/%', '/%ff']) {
      const answer = await fetch(`${server.url}${path}`);
      expect([path, answer.status, answer.headers.get('content-type')]).toEqual([
        path,
        400,
        'application/problem+json',
      ]);
      expect(await answer.json()).toMatchObject({
        status: 400,
        detail: 'The address has an escape that can’t be read.',
      });
    }
    const early = new Server();
    const seen = new Set<string>();
    const starting = early.start();
    let isUp = false;
    void starting.then(() => {
      isUp = true;
    });
    while (!isUp) {
      const answer = await fetch(`${early.url}/api/v1/jobs`).catch(() => null);
      if (answer) seen.add(`${answer.status} ${answer.headers.get('content-type') ?? ''}`);
      await new Promise((resolve) => setTimeout(resolve, 10));
    }
    await early.stop();
    early.clear();
    expect([...seen].filter((one) => one !== '200 application/json')).toEqual(['503 application/problem+json']);
  });
});

describe('two people in one job', () => {
  it('see one another’s answers as they are written, in the field too', async () => {
    const { server, jobs, browser } = stage();
    const address = `${server.url}/jobs/${jobs.get('Whimbrel Court') ?? ''}?rung=look&area=plate`;
    const other = await launch();
    const one = new Screen(await browser.newPage());
    const two = new Screen(await other.newPage());
    await one.page.bringToFront();
    await one.open(address);
    await one.keep('hole over standing ground', '1200 mm');
    const heightAt = (on: Screen) =>
      on.page.evaluate(() => document.querySelector<HTMLInputElement>('input[name=holeHeightM]')?.value ?? '');
    const own = await heightAt(one);
    expect(own).not.toBe('');
    await two.open(address);
    await two.keep('hole over standing ground', '1350 mm');
    // Sooner than the page would look by itself
    await one.until(
      (before) => document.querySelector<HTMLInputElement>('input[name=holeHeightM]')?.value !== before,
      { timeout: 15_000 },
      own,
    );
    expect(await heightAt(one)).toBe(await heightAt(two));
    await other.close();
    await one.page.close();
  });
});

describe('a page at which nobody said who they are', () => {
  let page: Page;
  beforeAll(async () => {
    const context = await stage().browser.createBrowserContext();
    page = await context.newPage();
  });
  it('asks who writes before anything is written, and writes it then', async () => {
    const { server, jobs } = stage();
    const id = jobs.get('Whimbrel Court') ?? '';
    await page.goto(`${server.url}/jobs/${id}?rung=look&area=door`, { waitUntil: 'networkidle2' });
    const screen = new Screen(page);
    const before = (await entriesOf(server.url, id)).length;
    await screen.choose('wall', 'metal');
    await screen.says('Who writes this?', '[role=dialog]');
    expect(await entriesOf(server.url, id)).toHaveLength(before);
    await screen.press('Tomas', '[role=dialog]');
    await screen.kept();
    const last = (await entriesOf(server.url, id)).at(-1) as unknown as { by: { id: string }; data: object };
    expect(last).toMatchObject({ by: { id: 'tomas' }, data: { wall: 'metal' } });
    await page.close();
  });
});
