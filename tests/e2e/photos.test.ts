import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Browser, ElementHandle } from 'puppeteer-core';
import sharp from 'sharp';
import { Screen, accessible, launch } from './screen';
import { Server } from './server';

const server = new Server();
const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-photos-'));
let browser: Browser;
let screen: Screen;
let url = '';
let id = '';
beforeAll(async () => {
  server.fill();
  await server.start();
  browser = await launch();
  screen = new Screen(await browser.newPage());
  const list = (await (await fetch(`${server.url}/api/v1/jobs?q=marram`)).json()) as { jobs: { id: string }[] };
  id = list.jobs[0]?.id ?? '';
  url = `${server.url}/jobs/${id}?rung=look&area=photos`;
});
afterAll(async () => {
  await browser?.close();
  await server.stop();
  server.clear();
  rmSync(folder, { recursive: true, force: true });
});

const file = (name: string, bytes: Buffer): string => {
  const place = path.join(folder, name);
  writeFileSync(place, bytes);
  return place;
};
const picture = (width: number, height: number, background: string): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background } })
    .jpeg()
    .toBuffer();
const hand = async (...files: string[]): Promise<void> => {
  const input = (await screen.page.waitForSelector('[data-testid=photo-input]')) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(...files);
};
const photos = () => screen.page.$$eval('[data-testid=photo]', (all) => all.length);

describe('photos', () => {
  it('are taken in, and a text file that calls itself one is refused where it stands', async () => {
    await screen.open(url);
    await screen.says('No photo yet.');
    await hand(file('door.jpg', await picture(1600, 1200, '#886644')), file('notes.jpg', Buffer.from('only words')));
    await screen.page.waitForSelector('[data-testid=photo]');
    await screen.says('notes.jpg: This is no picture that can be read here');
    expect(await photos()).toBe(1);
    await screen.press('drop it');
    await accessible(screen);
  });

  it('say what they show, and are drawn on by dragging', async () => {
    await screen.keep('what it shows', 'the hole');
    await screen.press('trial picture');
    await screen.press('Draw on it');
    await screen.choose('draw', 'circle');
    const canvas = await screen.page.waitForSelector('[data-testid=marker-stage] canvas');
    const box = await canvas?.boundingBox();
    if (!box) throw new Error('no canvas');
    await screen.page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await screen.page.mouse.down();
    await screen.page.mouse.move(box.x + box.width * 0.6, box.y + box.height / 2, { steps: 4 });
    await screen.page.mouse.up();
    await screen.choose('draw', 'label');
    await screen.type('its text, then tap where it goes', 'drill here');
    await screen.page.mouse.click(box.x + box.width * 0.3, box.y + box.height * 0.3);
    await screen.says('2 drawn', '.modal');
    await screen.press('Keep the marks');
    await screen.page.waitForSelector('[data-testid=photo] .over circle');
    await screen.says('drill here', '[data-testid=photo]');
    await screen.kept();
    const job = (await (await fetch(`${server.url}/api/v1/jobs/${id}`)).json()) as {
      photos: { caption: string; trial: boolean; marks: { shape: string; fromX: number; toX: number }[] }[];
    };
    expect(job.photos[0]).toMatchObject({ caption: 'the hole', trial: true });
    const [circle, label] = job.photos[0]?.marks ?? [];
    expect(circle?.shape).toBe('circle');
    expect(circle?.fromX).toBeCloseTo(0.5, 1);
    expect(label?.shape).toBe('label');
  });

  it('wait in the browser while the server is away, and are sent when it is back, from whatever page', async () => {
    const port = new URL(server.url).port;
    await server.stop('SIGKILL');
    await hand(file('board.jpg', await picture(800, 600, '#335577')));
    await screen.says('board.jpg: kept here, on its way to the server');
    // Its job need not be open for that
    await screen.page.goto('about:blank');
    await server.start(port);
    await screen.open(`${server.url}/outbox`);
    await screen.says('Nothing waits');
    await accessible(screen);
    await screen.open(url);
    await screen.until(() => document.querySelectorAll('[data-testid=photo]').length === 2);
  });

  it('stand on the sheet and go out with the job file', async () => {
    await screen.kept();
    await screen.open(`${server.url}/jobs/${id}/sheet`);
    expect(await screen.page.$$eval('.sheet-photos img', (all) => all.length)).toBe(2);
    await screen.says('trial picture, the hole');
    const out = (await (await fetch(`${server.url}/api/v1/jobs/${id}/file`)).json()) as { attachments: unknown[] };
    expect(out.attachments).toHaveLength(2);
    const log = (await (await fetch(`${server.url}/api/v1/jobs/${id}/entries`)).json()) as {
      entries: { kind: string }[];
    };
    // Each was sent and named once, also the one that waited
    expect(log.entries.filter(({ kind }) => kind === 'photoAttached')).toHaveLength(2);
  });

  it('of 200 MB are refused without a part of them being kept', async () => {
    const answer = await fetch(`${server.url}/api/v1/jobs/${id}/photos`, {
      method: 'POST',
      body: Buffer.alloc(200 * 1024 * 1024),
    });
    expect(answer.status).toBe(413);
    expect(((await answer.json()) as { detail: string }).detail).toContain('Nothing was written');
  });
});

/** The parts of the survey, as their strip calls them. */
const AREAS = ['Before', 'Door', 'Plate', 'View', 'Chime', 'Wi-Fi', 'House', 'Board', 'Photos', 'Bag'];

describe('the page for the customer', () => {
  it('asks for what is open and is accessible, also by headlamp', async () => {
    await screen.open(`${server.url}/jobs/${id}/before`);
    await screen.says('Have your Wi-Fi password at hand');
    await accessible(screen);
    await screen.click('button.lamp');
    expect(await screen.page.$eval('html', (html) => html.dataset.theme)).toBe('headlamp');
    await accessible(screen);
  });
  it.each(['/', '/settings', 'sheet'])('keeps the headlamp on over %s, accessible', async (page) => {
    await screen.open(`${server.url}${page === 'sheet' ? `/jobs/${id}/sheet` : page}`);
    expect(await screen.page.$eval('html', (html) => html.dataset.theme)).toBe('headlamp');
    await accessible(screen);
  });
  // One view each, on one page: a slow machine needs seconds for every one of them
  it('opens the job by headlamp', async () => {
    await screen.open(`${server.url}/jobs/${id}?rung=look&area=door`);
    expect(await screen.page.$eval('html', (html) => html.dataset.theme)).toBe('headlamp');
  });
  it.each(AREAS)('is accessible by headlamp at %s of Look', async (area) => {
    await screen.area(area);
    await accessible(screen);
  });
  it.each(['Measure', 'Choose', 'Isolate', 'Wire', 'Mount', 'Prove', 'Leave'])(
    'is accessible by headlamp at %s',
    async (rung) => {
      await screen.rung(rung);
      await accessible(screen);
    },
  );
});

describe('a survey with one hand', () => {
  it('opens on a phone', async () => {
    await screen.page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
    await screen.open(`${server.url}/jobs/${id}?rung=look&area=door`);
  });
  it.each(AREAS)('fits the width of a phone at %s', async (area) => {
    await screen.area(area);
    expect(await screen.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const small = await screen.page.$$eval('.bench :is(button, label.btn)', (all) =>
      all
        .filter((one) => one.getClientRects().length > 0 && !one.classList.contains('visually-hidden'))
        .filter((one) => one.getBoundingClientRect().height < 43)
        .map((one) => one.textContent),
    );
    expect(small).toEqual([]);
  });
});
