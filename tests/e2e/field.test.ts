import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser, ElementHandle } from 'puppeteer-core';
import sharp from 'sharp';
import { Screen, accessible, launch } from './screen';
import { Server } from './server';

const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true } as const;

const server = new Server();
/** What the phone keeps while it is off. */
const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-phone-'));
let browser: Browser;
let screen: Screen;
let port = '';

const started = async (): Promise<void> => {
  browser = await launch([], folder);
  const page = await browser.newPage();
  await page.setViewport(PHONE);
  screen = new Screen(page, true);
};
beforeAll(async () => {
  server.fill();
  await server.start();
  port = new URL(server.url).port;
  await started();
});
afterAll(async () => {
  await browser?.close();
  await server.stop();
  server.clear();
  rmSync(folder, { recursive: true, force: true });
});

interface Listed {
  readonly jobs: readonly { readonly id: string; readonly title: string }[];
}
const jobId = async (title: string): Promise<string> => {
  const { jobs } = (await (await fetch(`${server.url}/api/v1/jobs?limit=100`)).json()) as Listed;
  return jobs.find((one) => one.title.startsWith(title))?.id ?? '';
};
const entriesOf = async (id: string): Promise<readonly { readonly kind: string; readonly data: object }[]> =>
  ((await (await fetch(`${server.url}/api/v1/jobs/${id}/entries`)).json()) as { entries: [] }).entries;

/** A circuit of a job. */
const circuitOf = async (id: string): Promise<string> => {
  const job = (await (await fetch(`${server.url}/api/v1/jobs/${id}`)).json()) as { circuits: { id: string }[] };
  return job.circuits[0]?.id ?? '';
};

const pointIdOf = async (id: string): Promise<string> => {
  const job = (await (await fetch(`${server.url}/api/v1/jobs/${id}`)).json()) as { points: { id: string }[] };
  return job.points[0]?.id ?? '';
};

/** What the button hands over, caught before the browser saves it. */
async function handedOver(): Promise<string> {
  await screen.page.evaluate(() => {
    const make = URL.createObjectURL.bind(URL);
    URL.createObjectURL = (blob) => {
      if (blob instanceof Blob) void blob.text().then((text) => (document.body.dataset.saved = text));
      return make(blob);
    };
  });
  await screen.press('Hand over as a file');
  await screen.page.waitForSelector('body[data-saved]');
  return screen.page.evaluate(() => document.body.dataset.saved ?? '');
}

/** Another device that was handed the file. */
async function takenIn(text: string): Promise<Screen> {
  const context = await browser.createBrowserContext();
  const other = new Screen(await context.newPage());
  await other.open(`${server.url}/outbox`);
  const file = path.join(folder, 'outbox.json');
  writeFileSync(file, '{"format":"another"}');
  const input = await other.page.waitForSelector('input[type=file]');
  await (input as ElementHandle<HTMLInputElement>).uploadFile(file);
  await other.says('This is no outbox of this program.');
  writeFileSync(file, text);
  await (input as ElementHandle<HTMLInputElement>).uploadFile(file);
  return other;
}

describe('a phone in a cellar', () => {
  it('keeps the program and the open jobs after one look at the board', async () => {
    await screen.open(server.url);
    await screen.says('Marram View');
    await screen.until(() => localStorage.getItem('fox-ladder-day-ahead') !== null, { timeout: 120_000 });
  });

  it('is switched off and on without a server: the board, and a job that was never opened, answer', async () => {
    const id = await jobId('Marram View');
    const before = await entriesOf(id);
    const unopened = await jobId('Sandpiper House');
    const circuit = await circuitOf(unopened);
    const pointOf = await pointIdOf(unopened);
    await browser.close();
    await server.stop('SIGKILL');
    await started();
    await screen.open(server.url);
    await screen.says('Marram View');
    // A job that the firm has never heard of is made here, and climbed here
    await screen.press('New job');
    await screen.type('site', 'Dunlin Cellar');
    await screen.press('Make the job');
    await screen.page.waitForSelector('.foot-bar');
    await screen.says('Dunlin Cellar', '.job');
    await screen.open(server.url);
    await screen.says('Made here, not with the firm yet');
    await screen.says('Dunlin Cellar');
    // The board says from when it is, and what stands next at what was made here
    await screen.says('Without the firm since', '.without-firm');
    await screen.says('as the firm had it');
    await screen.says('before list', 'main section:first-of-type .point');

    await screen.click(`.point[href^="/jobs/${id}"]`);
    await screen.page.waitForSelector('.foot-bar');
    await screen.press('Measure', '.rail');
    await screen.press('1', '.digits');
    await screen.press('6', '.digits');
    await screen.click('.keep-next');
    await screen.says('VA on its label');
    await screen.says('kept here', '.kept');
    await accessible(screen);
    // Its row says what its own page says
    const next = await screen.text('[data-testid=next-move] span, [data-testid=next-move] b');
    await screen.open(server.url);
    await screen.says(next, `.point[href^="/jobs/${id}"]`);
    await screen.says('so far', `.point[href^="/jobs/${id}"]`);

    // Put away and opened again, still without a server: it stands
    await screen.open(`${server.url}/jobs/${id}?rung=measure`);
    await screen.says('VA on its label');
    // A picture is taken, and waits here
    await screen.open(`${server.url}/jobs/${id}?rung=look&area=photos`);
    const taken = path.join(folder, 'plate.jpg');
    await sharp({ create: { width: 1200, height: 900, channels: 3, background: '#886644' } })
      .jpeg()
      .toFile(taken);
    const input = await screen.page.waitForSelector('[data-testid=photo-input]');
    await (input as ElementHandle<HTMLInputElement>).uploadFile(taken);
    await screen.says('kept here, on its way');
    // Its papers are set in the browser, with what waits
    await screen.open(`${server.url}/jobs/${id}/papers?paper=job`);
    await screen.page.waitForSelector('.pdf-pages canvas');
    await screen.says('16 V', '.pdf-pages');

    // So do all other pages of jobs that nobody opened here, and of the one that the firm does not know
    await screen.open(`${server.url}/jobs/${unopened}/compare`);
    await screen.says('Which doorbell', 'h1');
    await screen.says('Sandpiper House');
    await screen.open(`${server.url}/jobs/${unopened}/label/${circuit}`);
    await screen.says('Sandpiper House');
    await screen.page.waitForSelector('.label-holder svg');
    await screen.open(`${server.url}/jobs/${unopened}/before`);
    await screen.says('Sandpiper House');
    // The practice bench has the house of a job that nobody opened here
    await screen.open(`${server.url}/practice?job=${unopened}&point=${pointOf}`);
    await screen.says('Sandpiper House', '.bench-own');
    await screen.press('Put it into the house');
    await screen.page.waitForSelector('.bench-strip');
    const dunlin = await screen.page.evaluate(
      () =>
        new Promise<string>((resolve) => {
          const open = indexedDB.open('fox-ladder');
          open.onsuccess = () => {
            const keys = open.result.transaction('made').objectStore('made').getAllKeys();
            keys.onsuccess = () => resolve(JSON.stringify(keys.result[0]));
          };
        }),
    );
    await screen.open(`${server.url}/jobs/${JSON.parse(dunlin) as string}/sheet`);
    await screen.says('Dunlin Cellar', '.sheet-page');
    await screen.open(`${server.url}/jobs/018f0000-0000-7000-8000-00000000dead/papers`);
    await screen.page.waitForSelector('main [role=alert]');
    expect(await screen.text('main')).not.toContain('Sandpiper');

    // It can be looked at, and handed over where no server can be had at all
    await screen.open(server.url);
    await screen.press('4 wait', '.strip');
    await screen.says('3 entries and 1 photo wait');
    await screen.says('Dunlin Cellar', '.outbox');
    await screen.says('nameplate', '.outbox table');
    await screen.says('1 photo waits');
    await accessible(screen);
    const file = await handedOver();
    await server.start(port);
    const other = await takenIn(file);
    await other.says('3 entries and 1 photo taken in.');
    await other.says('Nothing waits');
    // From whatever page it is sent; what arrives twice counts once
    await screen.open(`${server.url}/outbox`);
    await screen.says('Nothing waits');
    const after = await entriesOf(id);
    expect(
      after
        .slice(before.length)
        .map(({ kind }) => kind)
        .toSorted(),
    ).toEqual(['photoAttached', 'photoDescribed', 'transformerDescribed']);
    expect(
      after.find(({ kind, data }) => kind === 'transformerDescribed' && 'ratedVolts' in data && data.ratedVolts === 16),
    ).toBeDefined();
    const made = await entriesOf(await jobId('Dunlin Cellar'));
    expect(made.map(({ kind }) => kind)).toEqual(['siteDescribed', 'pointAdded']);
  });

  it('whose browser has thrown away what it kept says what is lost, and has all else again after one look', async () => {
    const id = await jobId('Dunlin Cellar');
    await server.stop('SIGKILL');
    await screen.open(`${server.url}/jobs/${id}?rung=look&area=door`);
    await screen.choose('wall', 'brick');
    await screen.says('1 waits', '.strip');
    // For want of room a browser throws away all that a place has stored, but its cookies
    const session = await screen.page.createCDPSession();
    await session.send('Storage.clearDataForOrigin', {
      origin: server.url,
      storageTypes: 'indexeddb,cache_storage,service_workers,local_storage',
    });
    await server.start(port);
    await screen.open(server.url);
    await screen.says('1 entry that waited here since', '.lost-here');
    await accessible(screen);
    await screen.press('I have read it');
    await screen.says('Dunlin Cellar');
    await screen.until(() => localStorage.getItem('fox-ladder-day-ahead') !== null, { timeout: 120_000 });
    await screen.open(server.url);
    await screen.says('Dunlin Cellar');
    expect(await screen.page.$('.lost-here')).toBeNull();
    await server.stop('SIGKILL');
    await screen.open(`${server.url}/jobs/${id}/sheet`);
    await screen.says('Dunlin Cellar', '.sheet-page');
    await server.start(port);
  });
});
