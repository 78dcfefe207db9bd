import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser } from 'puppeteer-core';
import { Climber } from './climber';
import { Screen, launch } from './screen';
import { Server } from './server';

/** A phone, with what it keeps while it is off. */
class Phone {
  private readonly folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-phone-'));
  private browser: Browser | null = null;

  async on(): Promise<Screen> {
    this.browser = await launch([], this.folder);
    return new Screen(await this.browser.newPage(), true);
  }

  async off(): Promise<void> {
    await this.browser?.close();
    this.browser = null;
  }

  async clear(): Promise<void> {
    await this.off();
    rmSync(this.folder, { recursive: true, force: true });
  }
}

interface Entered {
  readonly id: string;
}

const server = new Server();
const [first, second] = [new Phone(), new Phone()];
let port = '';
beforeAll(async () => {
  server.fill();
  await server.start();
  port = new URL(server.url).port;
});
afterAll(async () => {
  await first.clear();
  await second.clear();
  await server.stop();
  server.clear();
});

const entriesOf = async (id: string): Promise<readonly Entered[]> =>
  ((await (await fetch(`${server.url}/api/v1/jobs/${id}/entries`)).json()) as { entries: Entered[] }).entries;

/** One look at the Board, until the browser has the program and the logs of the open jobs. */
async function lookedOnce(screen: Screen): Promise<void> {
  await screen.open(server.url);
  await screen.says('Merlin Cellar');
  await screen.until(() => localStorage.getItem('fox-ladder-day-ahead') !== null, { timeout: 120_000 });
}

/** What the browser’s own shelf still has to send. */
const waiting = (screen: Screen): Promise<number> =>
  screen.page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const open = indexedDB.open('fox-ladder');
        open.onsuccess = () => {
          const count = open.result.transaction('waiting').objectStore('waiting').count();
          count.onsuccess = () => resolve(count.result);
        };
      }),
  );

/** The sheet of a job, but for the moment at which it was printed. */
const sheetOf = async (screen: Screen, id: string): Promise<string> => {
  await screen.open(`${server.url}/jobs/${id}/sheet`);
  await screen.page.waitForSelector('.sheet-page');
  return (await screen.text('.sheet-page')).replace(/\d{1,2}:\d\d/g, '');
};

describe('a whole job without a server', () => {
  it('is climbed to its PDF after the browser was off, a second phone in it meanwhile, and nothing is lost', async () => {
    let one = await first.on();
    await new Climber(one, server.url).begin('Merlin Cellar', 'one with a plug');
    const id = /jobs\/([^/?]+)/.exec(one.page.url())?.[1] ?? '';
    const begun = await entriesOf(id);
    const two = await second.on();
    // Each is somebody’s own: what one says twice is no conflict
    await two.page.evaluateOnNewDocument(() => {
      if (location.protocol.startsWith('http')) localStorage.setItem('fox-ladder-who', 'tomas');
    });
    await lookedOnce(one);
    await lookedOnce(two);
    await first.off();
    await server.stop('SIGKILL');

    one = await first.on();
    one.isAlone = two.isAlone = true;
    const climb = new Climber(one, server.url);
    await one.open(`${server.url}/jobs/${id}?rung=look`);
    await one.area('Spot');
    await one.choose('mounted on', 'wall');
    await one.choose('wall', 'brick');
    await one.keep('height over the ground', '9 ft');
    // The stand-in for a phone reads without a server
    await one.area('Wi-Fi');
    await one.press('Take it from the phone');
    await one.says('dBm', '.plain-list');
    await climb.rung('Measure');
    await one.keep('way of the lead to it', '6 ft');
    await one.choose('on whatever switch is turned', 'yes');
    await one.choose('its GFCI turns it off when tested', 'yes');
    await one.choose('its cover', 'closes over a plug');

    // The other one answers what was answered here, and something else
    await two.open(`${server.url}/jobs/${id}?rung=look&area=spot`);
    await two.keep('height over the ground', '11 ft');
    await two.says('Without the firm since');

    await climb.rung('Choose');
    await one.press('Take this camera');
    const steps = await climb.tickAll();
    expect(steps.at(-1)).toContain('Plug in');
    await climb.hungAndLit(null);
    const sheet = await climb.leave();
    expect(sheet).toContain('To switch it off, pull its plug');
    await one.open(`${server.url}/jobs/${id}/papers?paper=job`);
    await one.page.waitForSelector('.pdf-pages canvas');
    await one.says('pull its plug', '.pdf-pages');
    const [ofOne, ofTwo] = [await waiting(one), await waiting(two)];
    expect(ofOne).toBeGreaterThan(20);
    expect(ofTwo).toBe(1);

    await server.start(port);
    for (const screen of [one, two]) {
      await screen.open(`${server.url}/outbox`);
      await screen.says('Nothing waits');
    }
    const after = await entriesOf(id);
    expect(after).toHaveLength(begun.length + ofOne + ofTwo);
    expect(new Set(after.map((entry) => entry.id)).size).toBe(after.length);
    // Both read one job, and of what both answered each has both answers
    one.isAlone = two.isAlone = false;
    const own = await sheetOf(one, id);
    expect(own).toContain('R. Carne');
    expect(await sheetOf(two, id)).toBe(own);
    for (const screen of [one, two]) {
      await screen.open(`${server.url}/jobs/${id}?rung=look&area=spot`);
      await screen.says('9 ft', '.conflicts');
      await screen.says('11 ft', '.conflicts');
    }
  });
});
