import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import puppeteer, { type Browser } from 'puppeteer-core';
import { v7 } from 'uuid';
import { Server } from './server';
import { openDatabase } from '@/server/db/open';
import { jobLog } from '@/server/jobs/entryStore';
import { rebuildProjections } from '@/server/projection/rebuild';

const server = new Server();
let browser: Browser;
beforeAll(async () => {
  server.fill();
  await server.start();
  browser = await puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu', '--disable-background-networking'],
    defaultViewport: { width: 1280, height: 800 },
  });
});
afterAll(async () => {
  await browser?.close();
  await server.stop();
  server.clear();
});

const post = (path: string, body: unknown, headers: Record<string, string> = {}) =>
  fetch(`${server.url}/api/v1${path}`, {
    method: 'POST',
    headers,
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
const by = { id: 'ines', name: 'Ines' };
const at = '2026-03-04T09:00:00+01:00';
const printed = {
  frequencyHz: 60,
  source: { openCircuitVolts: 19.4, seriesOhms: 3.1, seriesReactanceOhms: 0, ratedVolts: 16, ratedVa: 20 },
  runs: {
    toChime: { lengthM: 8.5, awg: 20, pairs: 1, celsius: 20 },
    toDoor: { lengthM: 6, mm2: 0.75, pairs: 2, celsius: -10 },
  },
  chime: { treatment: 'shunt', ohms: 6, reactanceOhms: 8, shuntOhms: 1 },
  load: { kind: 'power', watts: 5.5, powerFactor: 0.75, displacementFactor: 1 },
};

describe('compute routes', () => {
  it('answer the printed examples', async () => {
    const bell = (await (await post('/compute/bell', printed)).json()) as { doorVolts: number };
    expect(bell.doorVolts).toBeCloseTo(17.9061, 4);
    const fit = await post('/compute/source-fit', {
      ratedVolts: 16,
      ratedVa: 10,
      openCircuitVolts: 20.9,
      loads: [{ ohms: 22, volts: 15.6 }],
    });
    expect(((await fit.json()) as { sagVaLow: number }).sagVaLow).toBeCloseTo(9.21701, 5);
  });
  it.each([
    ['not JSON', '{', 400],
    ['an unknown field', { ...printed, colour: 'red' }, 400],
    ['a figure as text', { ...printed, frequencyHz: '60' }, 400],
    ['a missing shunt', { ...printed, chime: { treatment: 'shunt', ohms: 6 } }, 400],
    ['a negative length', { ...printed, runs: { toDoor: { lengthM: -1, awg: 20 } } }, 422],
    ['a power factor over one', { ...printed, load: { kind: 'power', watts: 1, powerFactor: 1.2 } }, 422],
    ['a gauge that does not exist', { ...printed, runs: { toDoor: { lengthM: 1, awg: 77 } } }, 422],
    [
      'nothing but 0 Ω',
      {
        ...printed,
        source: { openCircuitVolts: 16, seriesOhms: 0 },
        runs: {},
        chime: { treatment: 'none' },
        load: { kind: 'resistor', ohms: 0 },
      },
      422,
    ],
    ['too much', ' '.repeat(300_000), 413],
  ])('refuse %s', async (_what, body, status) => {
    const response = await post('/compute/bell', body);
    expect(response.status).toBe(status);
    expect(response.headers.get('content-type')).toContain('application/problem+json');
    expect(await response.json()).toMatchObject({ status, errors: expect.any(Array) as unknown });
  });
  it('refuse another page’s writes', async () => {
    expect((await post('/compute/bell', printed, { origin: 'http://elsewhere.example' })).status).toBe(403);
  });
});

describe('the screens', () => {
  it('lead from the board to a job and work out the verdict while volts are typed', async () => {
    const page = await browser.newPage();
    await page.goto(server.url, { waitUntil: 'networkidle0' });
    const rows = await page.$$eval('.board-row', (list) => list.map((row) => row.textContent ?? ''));
    expect(rows.some((row) => row.includes('Gull House') && row.includes('fails'))).toBe(true);
    await page.evaluate(() => {
      const row = [...document.querySelectorAll('.board-row')].find((one) => one.textContent?.includes('Marram View'));
      row?.querySelector<HTMLAnchorElement>('a.point')?.click();
    });
    await page.waitForSelector('[data-testid=verdict]');
    const verdict = () => page.$eval('[data-testid=verdict] .word', (word) => word.textContent);
    expect(await verdict()).toBe('Can’t tell yet');
    const field = async (label: string) => {
      const found = await page.waitForSelector(`aria/${label}[role="textbox"]`);
      if (!found) throw new Error(label);
      return found;
    };
    await (await field('nameplate volts')).type('8');
    await (await field('nameplate VA')).type('30 amps');
    await page.waitForFunction(() => document.querySelector('.fault')?.textContent?.includes('type “30 VA”'));
    const box = await field('nameplate VA');
    await box.click({ count: 3 });
    await box.type('8 VA');
    await page.waitForFunction(() => document.querySelector('[data-testid=verdict] .word')?.textContent === 'Fails');
    const sent = page.waitForResponse(
      (response) => response.url().endsWith('/entries') && response.request().method() === 'POST',
    );
    await page.keyboard.press('Enter');
    expect((await sent).status()).toBe(200);
    expect((await sent).request().postData()).toContain('"ratedVolts":8,"ratedVa":8');
    await page.waitForFunction(() => document.querySelector('.kept')?.textContent === 'kept');
    await (await field('open volts, transformer')).type('12 to 12.4');
    await page.waitForFunction(() => document.querySelector('td.n')?.textContent === '12 to 12.4');
    const taken = page.waitForResponse((response) => response.request().method() === 'POST');
    await page.keyboard.press('Enter');
    expect((await taken).status()).toBe(200);
    await (await field('volts at the door, live by day')).type('21');
    await page.waitForFunction(() =>
      document.querySelector('.fault')?.textContent?.includes('over the 12.4 V read open'),
    );
    await page.reload({ waitUntil: 'networkidle0' });
    expect(await verdict()).toBe('Fails');
    expect(await page.$eval('td.n', (cell) => cell.textContent)).toBe('12 to 12.4');
    await page.close();
  });
});

describe('a server killed in the middle of writes', () => {
  it('keeps every acknowledged entry, and projections that equal the log', async () => {
    const id = v7();
    expect((await post('/jobs', { id, at, by, title: 'Kittiwake' })).status).toBe(201);
    const acknowledged: string[] = [];
    const writer = async () => {
      for (;;) {
        const entry = { id: v7(), at, by, kind: 'noteWritten', data: { text: 'in the middle' } };
        const answer = await post(`/jobs/${id}/entries`, { entries: [entry] }).catch(() => null);
        if (!answer?.ok) return;
        acknowledged.push(entry.id);
      }
    };
    const writers = [writer(), writer(), writer()];
    while (acknowledged.length < 30) await new Promise((resolve) => setTimeout(resolve, 10));
    await server.stop('SIGKILL');
    await Promise.all(writers);
    const db = await openDatabase(server.folder);
    const there = new Set((await jobLog(db, id)).entries.map((entry) => entry.id));
    expect(acknowledged.filter((entry) => !there.has(entry))).toEqual([]);
    const board = () => db.selectFrom('board').selectAll().orderBy('job_id').execute();
    const before = await board();
    await rebuildProjections(db);
    expect(await board()).toEqual(before);
    await db.destroy();
    await server.start();
    expect((await fetch(`${server.url}/api/v1/jobs/${id}`)).status).toBe(200);
  });
});
