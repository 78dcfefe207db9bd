// npm run shots: one picture of each main view at 1280 × 800, from the demo firm, into docs/screenshots.
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { ensureChromium, findChromium, root } from './setup.mjs';
import { stop } from './serve.mjs';
import { onDemoServer } from './temporary.mjs';

const folder = path.join(root, 'docs/screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true };

/** Name of the picture, site, and where in its job; null is the board. */
const VIEWS = [
  ['board', null, ''],
  ['look', 'Tern Cottage', '?rung=look&area=plate'],
  ['look-transformer', 'Redshank Hall', '?rung=look&area=transformer'],
  ['look-photos', 'Tern Cottage', '?rung=look&area=photos'],
  ['customer', 'Knot Cottage', '/before'],
  ['measure', 'Tern Cottage', '?rung=measure'],
  ['choose', 'Tern Cottage', '?rung=choose'],
  ['hunt', 'Whimbrel Court', '?rung=isolate'],
  ['hunt-headlamp', 'Whimbrel Court', '?rung=isolate', DESK, 'headlamp'],
  ['isolate', 'Sandpiper House', '?rung=isolate'],
  ['label', 'Dunlin Terrace 4', '/label/of-front'],
  ['wire', 'Sandpiper House', '?rung=wire'],
  ['mount', 'Lapwing Lodge', '?rung=mount'],
  ['prove', 'Lapwing Lodge', '?rung=prove'],
  ['leave', 'Oyster Quay 5', '?rung=leave'],
  ['sheet', 'Oyster Quay 5', '/sheet'],
  ['phone-board', null, '', PHONE],
  ['phone-look', 'Redshank Hall', '?rung=look&area=transformer', PHONE],
  ['phone-wire', 'Sandpiper House', '?rung=wire', PHONE],
];

try {
  await ensureChromium();
  const { default: puppeteer } = await import('puppeteer-core');
  mkdirSync(folder, { recursive: true });
  await onDemoServer(async (url) => {
    const { jobs } = await (await fetch(`${url}/api/v1/jobs`)).json();
    const browser = await puppeteer.launch({
      executablePath: findChromium(),
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
    });
    try {
      for (const [name, site, where, size = DESK, theme = 'paper'] of VIEWS) {
        const page = await browser.newPage();
        await browser.setCookie({ name: 'fox-ladder-theme', value: theme, domain: '127.0.0.1', path: '/' });
        await page.setViewport(size);
        const job = jobs.find(({ title }) => title === site);
        await page.goto(site === null ? url : `${url}/jobs/${job.id}${where}`, { waitUntil: 'networkidle0' });
        // What is worked out with more draws comes a moment after the page
        await new Promise((resolve) => setTimeout(resolve, 1000));
        await page.screenshot({ path: path.join(folder, `${name}.png`) });
        await page.close();
        console.log(`• docs/screenshots/${name}.png`);
      }
    } finally {
      await browser.close();
    }
  });
} catch (error) {
  stop(error.message);
}
