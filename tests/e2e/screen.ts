import { AxePuppeteer } from '@axe-core/puppeteer';
import { expect } from 'vitest';
import puppeteer, { type Browser, type ElementHandle, type Page } from 'puppeteer-core';

/**
 * Starts the browser that the machine has.
 * @param more arguments of the browser beside the usual ones
 * @param folder where it keeps what it keeps, for who starts it again
 */
export const launch = (more: readonly string[] = [], folder?: string): Promise<Browser> =>
  puppeteer.launch({
    ...(folder === undefined ? {} : { userDataDir: folder }),
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    // The firm’s own certificate, where a test asks for one, is nobody’s else
    acceptInsecureCerts: true,
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu', '--disable-background-networking', ...more],
    defaultViewport: { width: 1280, height: 800 },
  });

/** A wait ends with what it waits for; on a busy machine that may take its time. */
export const PATIENCE_MS = 60_000;
const LOOK_MS = 40;
/** What is missed so often is out of reach. */
const MOST_TRIES = 4;

/** What a hand means to press: what a selector finds, or the first of it that begins with these words. */
interface Aim {
  readonly selector: string;
  readonly words: string | null;
}

/**
 * In the page: waits until what is meant is there, takes a click and stands still, brings it into view, and listens whether it is clicked.
 * In one piece, for every question to a browser takes its time.
 * @returns where to click; null where it never came
 */
async function aimedAt({ selector, words }: Aim, patienceMs: number): Promise<{ x: number; y: number } | null> {
  const RESTS_MS = 30;
  const MOST_RESTS = 50;
  const find = (): Element | undefined =>
    words === null
      ? (document.querySelector(selector) ?? undefined)
      : [...document.querySelectorAll(selector)].find(
          (one) =>
            (one.textContent ?? '').replace(/\s+/g, ' ').trim().startsWith(words) && one.getClientRects().length > 0,
        );
  const rest = () => new Promise((resolve) => setTimeout(resolve, RESTS_MS));
  const until = performance.now() + patienceMs;
  for (let before: DOMRect | undefined, last: Element | undefined, rests = 0; performance.now() < until;) {
    const one = find();
    let at = one?.getClientRects()[0];
    // What is switched off for a moment, while something is worked out, is waited for
    if (!one || !at || one.matches(':disabled')) {
      last = undefined;
      await rest();
      continue;
    }
    // A bar at the foot of a phone lies over what is in view
    const above = document.elementFromPoint((at.left + at.right) / 2, (at.top + at.bottom) / 2);
    const isFree = above !== null && (one.contains(above) || above.contains(one));
    if (!isFree || at.top < 0 || at.left < 0 || at.bottom > innerHeight || at.right > innerWidth) {
      one.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' });
      at = one.getClientRects()[0] ?? at;
    }
    const stands = one === last && before?.x === at.x && before.y === at.y;
    if (stands || ++rests > MOST_RESTS) {
      const hand = { isFelt: false };
      one.addEventListener('click', () => (hand.isFelt = true), { capture: true, once: true });
      Object.assign(window, { handOfTest: hand });
      const [left, right] = [Math.max(0, at.left), Math.min(innerWidth, at.right)];
      const [top, bottom] = [Math.max(0, at.top), Math.min(innerHeight, at.bottom)];
      return { x: (left + right) / 2, y: (top + bottom) / 2 };
    }
    last = one;
    before = at;
    await rest();
  }
  return null;
}

/** Does what a hand does; what is drawn anew meanwhile is looked for again. */
async function unlessDrawnAnew<T>(act: () => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries++)
    try {
      return await act();
    } catch (error) {
      if (tries === MOST_TRIES || !/detached|context was destroyed|Cannot find context/.test(String(error)))
        throw error;
    }
}

/** A page as a person uses it: fields by their labels, buttons by their words. */
export class Screen {
  readonly faults: string[] = [];
  private isSomebody = false;
  /** There is no server: what is kept is kept here. */
  isAlone = false;

  /** @param keepsPages the browser keeps the program, as it does in earnest; else it is left out: it fetches for a while */
  constructor(
    readonly page: Page,
    private readonly keepsPages = false,
  ) {
    page.setDefaultTimeout(PATIENCE_MS);
    page.setDefaultNavigationTimeout(3 * PATIENCE_MS);
    page.on('pageerror', (error) => this.faults.push(String(error)));
    page.on('console', (message) => message.type() === 'error' && this.faults.push(message.text()));
  }

  /** Waits until something is so. It is looked at by the clock: a tab that paints nothing for a while is asked too. */
  readonly until: Page['waitForFunction'] = (isSo, options, ...told) =>
    this.page.waitForFunction(isSo, { polling: LOOK_MS, ...options }, ...told);

  /** Who is at this screen, where nobody said so yet: without a word of it nobody writes. */
  private async asInes(): Promise<void> {
    if (this.isSomebody) return;
    this.isSomebody = true;
    if (!this.keepsPages)
      await this.page.evaluateOnNewDocument(() => {
        Object.defineProperty(Navigator.prototype, 'serviceWorker', { value: undefined, configurable: true });
      });
    await this.page.evaluateOnNewDocument(() => {
      if (location.protocol.startsWith('http') && localStorage.getItem('fox-ladder-who') === null)
        localStorage.setItem('fox-ladder-who', 'ines');
    });
  }

  async open(url: string): Promise<void> {
    await this.asInes();
    // The line on which a job’s news come stays open
    await this.page.goto(url, { waitUntil: 'networkidle2' });
  }

  /** Hands a file to the button of these words that takes one in. */
  async give(label: string, file: string): Promise<void> {
    const input = await this.page.waitForSelector(`::-p-xpath(//label[contains(., "${label}")]/input[@type="file"])`);
    await (input as ElementHandle<HTMLInputElement> | null)?.uploadFile(file);
  }

  async field(label: string): Promise<ElementHandle> {
    const found = await this.page.waitForSelector(`::-p-aria(${label}[role="textbox"])`, { timeout: PATIENCE_MS });
    if (!found) throw new Error(`no field “${label}”`);
    return found;
  }

  /** Types into a field over what stands there. */
  type(label: string, text: string): Promise<void> {
    return unlessDrawnAnew(async () => {
      const box = await this.field(label);
      await box.scrollIntoView();
      await this.still(box);
      await box.click();
      // Chosen whole by the field itself: a message above it may move it under a threefold click
      await box.evaluate((one) => (one as HTMLInputElement).select());
      await box.press('Backspace');
      await box.type(text);
    });
  }

  /** Types into a field that hides what is typed, by its own name: such a one has no role. */
  fill(name: string, text: string): Promise<void> {
    return unlessDrawnAnew(async () => {
      const box = await this.found(`input[name=${name}]`);
      await box.evaluate((one) => (one as HTMLInputElement).select());
      await box.press('Backspace');
      await box.type(text);
    });
  }

  /** Types and keeps it with Enter. */
  async keep(label: string, text: string): Promise<void> {
    await this.type(label, text);
    await this.page.keyboard.press('Enter');
    await this.kept();
  }

  /** Waits until what was written is kept: with the firm, or here where there is no server. */
  async kept(): Promise<void> {
    await this.until(
      (orHere) => {
        const line = document.querySelector('.kept');
        return line?.textContent === 'kept' || (orHere && line?.classList.contains('here') === true);
      },
      {},
      this.isAlone,
    );
  }

  /** Waits until the browser’s own shelf has heard that nothing is typed any more: a page that is closed tells it nothing. */
  nothingTyped(): Promise<void> {
    return this.typedOnShelf(false);
  }

  /** Waits until the browser’s own shelf has text that is typed, or has none. */
  async typedOnShelf(isAny = true): Promise<void> {
    await this.until(
      (wanted) =>
        new Promise<boolean>((resolve) => {
          const open = indexedDB.open('fox-ladder');
          open.onsuccess = () => {
            const typed = open.result.transaction('typed').objectStore('typed').count();
            typed.onsuccess = () => {
              open.result.close();
              resolve(typed.result > 0 === wanted);
            };
          };
        }),
      {},
      isAny,
    );
  }

  /** Clicks what carries these words: a button, a link, a line to tick. */
  press(words: string, within = 'body'): Promise<void> {
    const selector = `${within} :is(button, a, label.form-check-label, label.btn, summary)`;
    return this.hit(`“${words}”`, { selector, words });
  }

  /** What a selector finds, once it is there. */
  async found(selector: string): Promise<ElementHandle> {
    const element = await this.page.waitForSelector(selector);
    if (!element) throw new Error(`nothing at “${selector}”`);
    return element;
  }

  /** Clicks what a selector finds, once it is there and stands still. */
  click(selector: string): Promise<void> {
    return this.hit(`“${selector}”`, { selector, words: null });
  }

  /**
   * Clicks until it is felt by what was meant: what slides away or is drawn anew under the hand is pressed beside.
   * Never twice where it was felt: a choice would be taken back.
   */
  private async hit(named: string, aim: Aim): Promise<void> {
    for (let tries = 1; tries <= MOST_TRIES; tries++) {
      const at = await unlessDrawnAnew(() => this.page.evaluate(aimedAt, aim, PATIENCE_MS));
      if (!at) throw new Error(`nothing to press: ${named}`);
      await this.page.mouse.click(at.x, at.y);
      // A page that was left by it tells nothing more
      const isFelt = await this.page
        .evaluate(() => (window as { handOfTest?: { isFelt: boolean } }).handOfTest?.isFelt ?? true)
        .catch(() => true);
      if (isFelt) return;
    }
    throw new Error(`${named} does not feel a click`);
  }

  /** Lands on what a selector finds, as the Tab key does; of a drawing too. */
  async focus(selector: string): Promise<void> {
    await (await this.found(selector)).evaluate((one) => (one as HTMLElement | SVGElement).focus());
  }

  /** Presses what a test knows by its own name. */
  pressNamed(name: string): Promise<void> {
    return this.click(`[data-testid=${name}]`);
  }

  /** Waits until something stays where it is: a hand aims at what stands still, not at what just slides away. */
  private async still(element: ElementHandle): Promise<void> {
    for (let before = await element.boundingBox(), tries = 0; tries < 50; tries++) {
      await new Promise((resolve) => setTimeout(resolve, 30));
      const now = await element.boundingBox();
      if (before && now && before.x === now.x && before.y === now.y) return;
      before = now;
    }
  }

  /** Presses one of a group of choices. */
  async choose(group: string, words: string): Promise<void> {
    const keys = `:is([role=radiogroup], [role=group])[aria-label^="${group}"]`;
    await this.page.waitForSelector(keys, { timeout: PATIENCE_MS });
    await this.press(words, keys);
  }

  /** Goes to a part of the survey. */
  async area(name: string): Promise<void> {
    await this.page.waitForSelector('nav.areas', { timeout: PATIENCE_MS });
    await this.page.evaluate(
      (words) =>
        [...document.querySelectorAll<HTMLButtonElement>('nav.areas button')]
          .find((one) => one.querySelector('b')?.textContent === words)
          ?.click(),
      name,
    );
    await this.says(name, 'nav.areas [aria-current]');
  }

  /** Goes to a rung of the ladder, and waits until it stands. */
  async rung(name: string): Promise<void> {
    await this.press(name, '.rungs');
    await this.says(name, '.rungs [aria-current]');
  }

  /** Goes to another point of the job, and waits until its page stands. */
  async point(name: string): Promise<void> {
    await this.press(name, '.points');
    await this.says(name, '.points a[aria-current]');
  }

  /** The text of the page, or of a part of it once it is there. */
  async text(selector = 'body'): Promise<string> {
    return (await this.found(selector)).evaluate((element) => (element.textContent ?? '').replace(/\s+/g, ' '));
  }

  async says(text: string, selector = 'body'): Promise<void> {
    await this.until(
      (words, scope) =>
        [...document.querySelectorAll(scope)].some((one) =>
          (one.textContent ?? '').replace(/\s+/g, ' ').includes(words),
        ),
      { timeout: PATIENCE_MS },
      text,
      selector,
    );
  }

  /** A figure of the carry sheet, by its label. */
  async figure(label: string): Promise<number> {
    const found = await this.page.$$eval(
      '.carry .figures dt',
      (list, words) => list.find((one) => one.textContent === words)?.nextElementSibling?.textContent ?? '',
      label,
    );
    return Number.parseFloat(found);
  }
}

/** Nothing serious or worse by axe on what is shown. */
export async function accessible({ page }: Screen): Promise<void> {
  const { violations } = await new AxePuppeteer(page).analyze();
  const bad = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(bad.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`)).toEqual([]);
}
