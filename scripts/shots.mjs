// npm run shots: one picture of each main view at 1280 × 800, from the demo firm, into docs/screenshots.
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { ensureChromium, findChromium, root } from './setup.mjs';
import { stop } from './serve.mjs';
import { onDemoServer } from './temporary.mjs';

const folder = path.join(root, 'docs/screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true };

/** Name of the picture, site (null: a page of no job), where, size, theme, and what is brought into view. */
const VIEWS = [
  ['board', null, ''],
  ['house', 'Avocet Rectory', '?rung=look&area=house'],
  ['plan', 'Eider Yard', '?point=drive&rung=look&area=plan'],
  ['measure', 'Tern Cottage', '?rung=measure'],
  ['choose', 'Tern Cottage', '?rung=choose'],
  ['hunt', 'Whimbrel Court', '?rung=isolate'],
  ['isolate', 'Sandpiper House', '?rung=isolate'],
  ['box-wire', 'Eider Yard', '?point=drive&rung=wire'],
  ['mount', 'Lapwing Lodge', '?rung=mount'],
  ['yard', 'Eider Yard', '?point=drive&rung=mount'],
  ['prove', 'Lapwing Lodge', '?rung=prove'],
  ['fault', 'Godwit Lane 9', '?rung=prove&area=fault'],
  ['papers', 'Oyster Quay 5', '/papers'],
  ['catalogue', null, '/catalogue'],
  ['practice', null, '/practice'],
  ['phone-door', 'Redshank Hall', '?rung=measure', PHONE],
  ['phone-aim', 'Fulmar Mews', '?rung=mount', PHONE],
  ['phone-fault', 'Garganey House', '?rung=prove&area=fault', PHONE],
  ['phone-wire', 'Sandpiper House', '?rung=wire', PHONE, 'headlamp'],
];

/** A house at the practice bench with the leads on. */
const ROUND = {
  id: '00000000-0000-7000-8000-000000000001',
  asked: { level: 'any', seed: 55018 },
  acts: [
    { do: 'look', test: 'othersOnWifi' },
    { do: 'walk', to: 'door' },
    { do: 'look', test: 'deviceLight' },
    { do: 'walk', to: 'chime' },
    { do: 'read', dial: 'voltsAc', range: 200, red: 'front', black: 'run2B' },
  ],
};

try {
  await ensureChromium();
  const { default: puppeteer } = await import('puppeteer-core');
  mkdirSync(folder, { recursive: true });
  await onDemoServer(async (url) => {
    const { jobs } = await (await fetch(`${url}/api/v1/jobs?limit=50`)).json();
    const browser = await puppeteer.launch({
      executablePath: findChromium(),
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
    });
    try {
      for (const [name, site, where, size = DESK, theme = 'paper', at] of VIEWS) {
        const page = await browser.newPage();
        await page.evaluateOnNewDocument((round) => {
          localStorage.setItem('fox-ladder-who', 'ines');
          if (location.pathname === '/practice') localStorage.setItem('fox-ladder-practice', round);
        }, JSON.stringify(ROUND));
        await browser.setCookie({ name: 'fox-ladder-theme', value: theme, domain: '127.0.0.1', path: '/' });
        await page.setViewport(size);
        const job = jobs.find(({ title }) => title === site);
        await page.goto(site === null ? `${url}${where}` : `${url}/jobs/${job.id}${where}`, {
          waitUntil: 'networkidle2',
        });
        // A job stands once it is judged; what is worked out with more draws comes a moment after it
        await page.waitForSelector('main:not([aria-busy=true])');
        await new Promise((resolve) => setTimeout(resolve, 1000));
        await page.waitForFunction(() => !document.querySelector('.working'), { timeout: 120_000 });
        if (where === '/papers') await page.waitForSelector('.pdf-pages canvas[aria-busy=false]');
        if (at) await page.$eval(at, (part) => part.scrollIntoView({ behavior: 'instant' }));
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
