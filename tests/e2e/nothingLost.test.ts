import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { HTTPRequest, Page } from 'puppeteer-core';
import puppeteer from 'puppeteer-core';
import { PATIENCE_MS, Screen, launch } from './screen';
import { demoStage } from './stage';

const stage = demoStage();

/** What the server has of a job. */
async function entriesOf(url: string, id: string): Promise<readonly { kind: string; data: Record<string, unknown> }[]> {
  const answer = await fetch(`${url}/api/v1/jobs/${id}/entries`);
  return ((await answer.json()) as { entries: { kind: string; data: Record<string, unknown> }[] }).entries;
}

describe('a browser that is killed in mid-typing', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-browser-'));
  afterAll(() => rmSync(folder, { recursive: true, force: true, maxRetries: 5 }));
  const open = async () => {
    const browser = await puppeteer.launch({
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
      userDataDir: folder,
    });
    return { browser, screen: new Screen(await browser.newPage()) };
  };
  it('gives back what was typed, and calls nothing kept meanwhile', async () => {
    const { server, jobs } = stage();
    const address = `${server.url}/jobs/${jobs.get('Whimbrel Court') ?? ''}?rung=look&area=plate`;
    const first = await open();
    await first.screen.open(address);
    await first.screen.type('lead reaches out of the hole', '13 c');
    await first.screen.says('typed, not kept yet', '.kept');
    first.browser.process()?.kill('SIGKILL');
    await new Promise((resolve) => setTimeout(resolve, 500));
    const again = await open();
    await again.screen.open(address);
    await again.screen.page.waitForFunction(
      () => [...document.querySelectorAll('input')].some(({ value }) => value === '13 c'),
      { timeout: PATIENCE_MS },
    );
    expect(await again.screen.text('.kept')).toBe('typed, not kept yet');
    await again.screen.keep('lead reaches out of the hole', '13 cm');
    await again.browser.close();
    const last = (await entriesOf(server.url, jobs.get('Whimbrel Court') ?? '')).at(-1);
    expect(last?.data).toMatchObject({ leadReachM: 0.13 });
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
    await one.page.waitForFunction(
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
