// What a slow phone makes of the pages: a real browser, its processor slowed down four times, as wide as a phone.
import puppeteer from 'puppeteer-core';
import { bundleForPage, ensureChromium } from './setup.mjs';

const SLOWER = 4;
const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true };
const QUIET_MS = 2500;
const KEYS = ['1', '8', '.', '4', 'Backspace', '6', 'Backspace', 'Backspace', '.', '2', 'Backspace', '9'];

const quiet = () => new Promise((resolve) => setTimeout(resolve, QUIET_MS));
const quantile = (values, share) =>
  values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(share * values.length))] ?? NaN;

/** Watches a page from within, from its first line on. */
function watch(who) {
  localStorage.setItem('fox-ladder-who', who);
  globalThis.longTasks = [];
  globalThis.keystrokes = [];
  new PerformanceObserver((list) => {
    for (const { startTime, duration } of list.getEntries()) globalThis.longTasks.push({ startTime, duration });
  }).observe({ type: 'longtask', buffered: true });
  new PerformanceObserver((list) => {
    for (const { name, duration } of list.getEntries()) if (name === 'keydown') globalThis.keystrokes.push(duration);
  }).observe({ type: 'event', durationThreshold: 16, buffered: true });
}

/** The longest of what the page did in one go since `from`, ms. */
const longest = (page, from = 0) =>
  page.evaluate(
    (since) =>
      globalThis.longTasks.reduce((most, task) => (task.startTime < since ? most : Math.max(most, task.duration)), 0),
    from,
  );

const OPENINGS = 5;
const FOLDS = 20;

/** Jobs that a browser keeps, opened in a page that never did so before. @returns lines of figures */
async function openedHere(browser, url) {
  const code = await bundleForPage('openedHere');
  const context = await browser.createBrowserContext();
  const inPage = async (work) => {
    const page = await context.newPage();
    await page.goto(`${url}/healthz`);
    await page.emulateCPUThrottling(SLOWER);
    await page.addScriptTag({ path: code });
    const figures = await work(page);
    await page.close();
    return figures;
  };
  const open = (page, id) => page.evaluate((job) => globalThis.openedHere.open(job), id);
  const length = await inPage((page) => page.evaluate(() => globalThis.openedHere.keep()));
  const first = [];
  const next = [];
  const long = [];
  for (let i = 0; i < OPENINGS; i++) {
    await inPage(async (page) => {
      first.push(await open(page, 'usual'));
      next.push(await open(page, 'next'));
    });
    await inPage(async (page) => long.push(await open(page, 'long')));
  }
  const again = await inPage((page) => page.evaluate((runs) => globalThis.openedHere.foldAgain(runs), FOLDS));
  await context.close();
  const middle = (opened, what) =>
    quantile(
      opened.map((one) => one[what]),
      0.5,
    );
  return [
    [`a job of ${length.usual} entries off the shelf and folded, the first of a page`, middle(first, 'all')],
    ['  of which folding', middle(first, 'fold')],
    [`one of ${length.next} entries, the second of a page`, middle(next, 'all')],
    [`one of ${length.long} entries, the first of a page`, middle(long, 'all')],
    ['  of which folding', middle(long, 'fold')],
    [`${length.long} entries folded anew`, quantile(again, 0.5)],
  ];
}

/** @returns lines of figures, `[name, ms]` */
export async function benchBrowser(url) {
  const crew = await (await fetch(`${url}/api/v1/crew`)).json();
  const { jobs } = await (await fetch(`${url}/api/v1/jobs?limit=200`)).json();
  const atMeasure = jobs.filter(({ points }) => points[0]?.move.rung === 'measure').slice(0, 4);
  const browser = await puppeteer.launch({
    executablePath: ensureChromium(),
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
  });
  const opened = { tapped: [], first: [], again: [] };
  const typed = [];
  let here = [];
  try {
    here = await openedHere(browser, url);
    for (const { id } of atMeasure) {
      // A browser of its own each time: nothing is there from the one before
      const context = await browser.createBrowserContext();
      const page = await context.newPage();
      await page.setViewport(PHONE);
      await page.evaluateOnNewDocument(watch, (crew.crew ?? crew)[0].id);
      await page.emulateCPUThrottling(SLOWER);
      const go = async (where) => {
        await page.goto(`${url}${where}`, { waitUntil: 'networkidle2' });
        await quiet();
      };
      await go(`/jobs/${id}?rung=measure`);
      opened.first.push(await longest(page));
      await go(`/jobs/${id}?rung=measure`);
      opened.again.push(await longest(page));
      await page.focus('.at-door input');
      for (const key of KEYS) {
        await page.keyboard.press(key);
        await new Promise((resolve) => setTimeout(resolve, 400));
      }
      typed.push(...(await page.evaluate(() => globalThis.keystrokes)));
      await go('/');
      const from = await page.evaluate(() => performance.now());
      await page.evaluate((job) => document.querySelector(`main a[href^="/jobs/${job}"]`)?.click(), id);
      await page.waitForSelector('.bench');
      await quiet();
      opened.tapped.push(await longest(page, from));
      await context.close();
    }
  } finally {
    await browser.close();
  }
  const middle = (values) => quantile(values, 0.5);
  return [
    ['longest task, a job opened from the Board', middle(opened.tapped)],
    ['longest task, a job opened by its address', middle(opened.again)],
    ['longest task, the same by a browser that never was here', middle(opened.first)],
    ...here,
    [`keystroke of a reading to its paint, 75 % of ${typed.length}`, quantile(typed, 0.75)],
  ];
}
