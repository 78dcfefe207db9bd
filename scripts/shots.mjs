// npm run shots: one picture of each main view at 1280 × 800, from the demo firm, into docs/screenshots; with names, those alone.
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { ensureChromium, findChromium, root } from './setup.mjs';
import { freePort, stop } from './serve.mjs';
import { onDemoServer } from './temporary.mjs';

const folder = path.join(root, 'docs/screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true };

/** Name of the picture, site (null: a page of no job), where, and how. */
const VIEWS = [
  ['board', null, ''],
  ['house', 'Avocet Rectory', '?rung=look&area=house'],
  ['measure', 'Tern Cottage', '?rung=measure'],
  ['choose', 'Tern Cottage', '?rung=choose'],
  ['hunt', 'Whimbrel Court', '?rung=isolate'],
  ['box-wire', 'Eider Yard', '?point=drive&rung=wire'],
  ['yard', 'Eider Yard', '?point=drive&rung=mount'],
  ['prove', 'Lapwing Lodge', '?rung=prove'],
  ['fault', 'Godwit Lane 9', '?rung=prove&area=fault'],
  ['papers', 'Oyster Quay 5', '/papers'],
  ['practice', null, '/practice'],
  ['phone-door', 'Redshank Hall', '?rung=measure', { size: PHONE }],
  ['phone-aim', 'Fulmar Mews', '?rung=mount', { size: PHONE }],
  ['phone-fault', 'Garganey House', '?rung=prove&area=fault', { size: PHONE }],
  ['phone-wire', 'Sandpiper House', '?rung=wire', { size: PHONE, theme: 'headlamp' }],
  ['conflict', 'Tern Cottage', '?rung=look&area=door', { before: sayTwice, at: '[aria-label="Two answers"]' }],
  ['outbox', 'Marram View', '?rung=look&area=door', { after: writeAway }],
];
/** Of a firm that signs in: taken one after the other. */
const SIGNED = ['sign-in', 'accounts'];
const HOST = 'firm.local';
const PASSPHRASE = 'seven slow herons wade';

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

/** Two people say different things of one wall, neither knowing of the other’s. */
async function sayTwice(url, { id }) {
  const ask = async (where, body) =>
    (await fetch(`${url}/api/v1${where}`, body ? { method: 'POST', body: JSON.stringify(body) } : {})).json();
  const { crew } = await ask('/crew');
  const { entries, last } = await ask(`/jobs/${id}/entries`);
  const { version, data } = entries.find(({ kind }) => kind === 'pointDescribed');
  for (const [i, wall] of ['brick', 'timber'].entries()) {
    const { id: byId, name } = crew[i];
    const entry = { id: crypto.randomUUID(), at: new Date().toISOString(), by: { id: byId, name }, seen: last };
    const said = { ...entry, kind: 'pointDescribed', version, data: { pointId: data.pointId, wall } };
    const { errors } = await ask(`/jobs/${id}/entries`, { entries: [said] });
    if (errors) throw new Error(JSON.stringify(errors));
  }
}

/** Says two things of the door that don’t get through, and looks at what waits. */
async function writeAway(page) {
  await page.waitForFunction(() => localStorage.getItem('fox-ladder-day-ahead') !== null, { timeout: 90_000 });
  await page.setRequestInterception(true);
  page.on('request', (request) => void (request.method() === 'POST' ? request.abort() : request.continue()));
  for (const words of ['a button', 'concrete']) {
    await page.click(`label::-p-text(${words})`);
    await pause(1000);
  }
  await page.waitForSelector('.waiting-sign', { timeout: 20_000 });
  await page.click('.waiting-sign');
  await page.waitForSelector('.outbox table');
}

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function launch(more = {}, args = []) {
  const { default: puppeteer } = await import('puppeteer-core');
  return puppeteer.launch({
    executablePath: findChromium(),
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu', ...args],
    defaultViewport: DESK,
    ...more,
  });
}

async function keep(page, name) {
  await page.screenshot({ path: path.join(folder, `${name}.png`) });
  console.log(`• docs/screenshots/${name}.png`);
}

async function takeViews(views, url) {
  const { jobs } = await (await fetch(`${url}/api/v1/jobs?limit=50`)).json();
  const browser = await launch();
  try {
    for (const [name, site, where, { size = DESK, theme = 'paper', at, before, after } = {}] of views) {
      const job = jobs.find(({ title }) => title === site);
      await before?.(url, job);
      const page = await browser.newPage();
      await page.evaluateOnNewDocument((round) => {
        localStorage.setItem('fox-ladder-who', 'ines');
        if (location.pathname === '/practice') localStorage.setItem('fox-ladder-practice', round);
      }, JSON.stringify(ROUND));
      await browser.setCookie({ name: 'fox-ladder-theme', value: theme, domain: '127.0.0.1', path: '/' });
      await page.setViewport(size);
      await page.goto(site === null ? `${url}${where}` : `${url}/jobs/${job.id}${where}`, {
        waitUntil: 'networkidle2',
      });
      // A job stands once it is judged; what is worked out with more draws comes a moment after it
      await page.waitForSelector('main:not([aria-busy=true])');
      await pause(1000);
      await page.waitForFunction(() => !document.querySelector('.working'), { timeout: 120_000 });
      if (where === '/papers') await page.waitForSelector('.pdf-pages canvas[aria-busy=false]');
      await after?.(page);
      if (at) await page.$eval(at, (part) => part.scrollIntoView({ behavior: 'instant', block: 'center' }));
      await pause(300);
      await keep(page, name);
      await page.close();
    }
  } finally {
    await browser.close();
  }
}

/** The first account is made by the code in the server’s window, then one for an installer, and a code for a phone. */
async function takeSigned(url, said) {
  const browser = await launch({ acceptInsecureCerts: true }, [`--host-resolver-rules=MAP ${HOST} 127.0.0.1`]);
  try {
    const page = await browser.newPage();
    await page.goto(url, { waitUntil: 'networkidle2' });
    const fields = { code: /hour: (\S+)/.exec(said())?.[1] ?? '', name: 'Ines', passphrase: PASSPHRASE };
    for (const [name, text] of Object.entries({ ...fields, again: PASSPHRASE }))
      await page.type(`input[name=${name}]`, text);
    await page.click('button[type=submit]');
    await page.waitForSelector('.signed-in');
    const stranger = await (await browser.createBrowserContext()).newPage();
    await stranger.goto(url, { waitUntil: 'networkidle2' });
    await keep(stranger, 'sign-in');
    await page.goto(`${url}/accounts`, { waitUntil: 'networkidle2' });
    await page.type('.accounts input[name=name]', 'Jory');
    await page.click('.accounts .secret button[type=submit]');
    await page.click('::-p-text(Sign in another device)');
    await page.waitForSelector('.code-shown');
    await pause(500);
    await page.evaluate(() => scrollTo({ top: 0, behavior: 'instant' }));
    await keep(page, 'accounts');
  } finally {
    await browser.close();
  }
}

try {
  const names = process.argv.slice(2);
  const isWanted = (name) => names.length === 0 || names.includes(name);
  await ensureChromium();
  mkdirSync(folder, { recursive: true });
  const views = VIEWS.filter(([name]) => isWanted(name));
  if (views.length > 0) await onDemoServer((url) => takeViews(views, url));
  if (SIGNED.some(isWanted)) {
    const port = String(await freePort());
    await onDemoServer((_, said) => takeSigned(`https://${HOST}:${port}`, said), {
      FOX_LADDER_HOSTS: HOST,
      FOX_LADDER_TLS: 'self',
      FOX_LADDER_TLS_PORT: port,
      FOX_LADDER_LISTEN: '127.0.0.1',
    });
  }
} catch (error) {
  stop(error.message);
}
