import { beforeAll, describe, expect, it } from 'vitest';
import { accessible, type Screen } from './screen';
import { demoStage, type Stage } from './stage';

const stage = demoStage();
let screen: Screen;
let server: Stage['server'];
let jobs: Stage['jobs'];
beforeAll(() => {
  ({ screen, server, jobs } = stage());
});

const go = (title: string, where: string) => stage().go(title, where);
/** The ways that the next test drops. */
const dropped = () => screen.page.$$eval('.drop-set b', (tiles) => tiles.map((tile) => tile.textContent ?? ''));
const answers = () => screen.page.$$eval('[data-testid=answers] li', (lines) => lines.length);

/** The bell of the made-up house hangs on breaker 12. */
const TRUTH = '12';

async function proveBell(): Promise<void> {
  for (const field of ['between the two leads', 'first lead to ground', 'second lead to ground'])
    await screen.type(field, '0');
  await screen.press('Meter is rated for mains');
  await screen.press('Place is dry');
  await screen.says('This proves it dead', '[data-testid=proof-bell]');
  await screen.press('Write the proof down');
  await screen.says('PROVED DEAD', '[data-testid=circuit-state]');
}

describe('a hunt on a board of 24 ways', () => {
  it('goes to its end by two buttons, never dropping a way that stays on', async () => {
    await go('Whimbrel Court', '?rung=isolate');
    await screen.says('left · about', '[data-testid=hunt-sum]');
    await accessible(screen);
    for (let tests = 0; tests < 12 && (await screen.page.$('[data-testid=hunt-sum]')); tests++) {
      const set = await dropped();
      expect(set).not.toContain('9');
      expect(set).not.toContain('17');
      const before = await answers();
      await screen.click(set.includes(TRUTH) ? '[data-testid=died]' : '[data-testid=still-on]');
      await screen.until((count) => document.querySelectorAll('[data-testid=answers] li').length > count, {}, before);
    }
    await screen.says('Name breaker 12 as the circuit');
  });

  it('takes an answer back and goes on from there', async () => {
    const before = await answers();
    await screen.page.evaluate(() =>
      document.querySelector<HTMLButtonElement>('[data-testid=answers] li:last-child button')?.click(),
    );
    await screen.until((count) => document.querySelectorAll('[data-testid=answers] li').length < count, {}, before);
    await screen.says('left · about', '[data-testid=hunt-sum]');
    const set = await dropped();
    await screen.click(set.includes(TRUTH) ? '[data-testid=died]' : '[data-testid=still-on]');
    await screen.says('Name breaker 12 as the circuit');
    await screen.press('Name breaker 12 as the circuit');
    await screen.says('breaker 12', '[data-testid=circuit-state]');
  });

  it('asks for a second feed, and a sign of life ends a proof', async () => {
    await screen.choose('another circuit comes into the same box', 'no');
    await screen.choose('its neutral is shared', 'no');
    await screen.press('Tagged');
    await screen.press('breaker 12 is off and tagged');
    await screen.says('OFF', '[data-testid=circuit-state]');
    await proveBell();
    await screen.press('A hint to note');
    await screen.press('non-contact pen beeps');
    await screen.says('NOT KNOWN', '[data-testid=circuit-state]');
    await screen.says('a sign of life');
  });

  it('prints a label with its record’s code, in a size of common stock', async () => {
    await screen.press('Label to print');
    await screen.page.waitForSelector('svg.circuit-label');
    await screen.choose('label stock', '89');
    const label = await screen.page.$eval('svg.circuit-label', (svg) => ({
      width: svg.getAttribute('width'),
      words: svg.textContent ?? '',
      code: svg.querySelector('path')?.getAttribute('d')?.length ?? 0,
    }));
    expect(label.width).toBe('89mm');
    expect(label.words).toContain('breaker 12');
    expect(label.code).toBeGreaterThan(2000);
    await accessible(screen);
  });
});

describe('the simulated meter', () => {
  it('gives a reading by m, marked as simulated, and the verdict moves', async () => {
    await go('Marram View', '?rung=measure');
    await screen.page.waitForSelector('.bench .asked button.from-meter');
    // On a slow machine the buttons stand there before the page listens to keys
    for (let tries = 0; tries < 20 && !(await screen.page.$('.modal')); tries++) {
      await screen.page.keyboard.press('m');
      await new Promise((resolve) => setTimeout(resolve, 500));
    }
    await screen.says('It stands still', '.modal');
    const shown = await screen.text('[data-testid=meter-display]');
    await screen.press('Take it');
    await screen.says(Number.parseFloat(shown).toString(), 'table');
    await screen.says('transformer, open, simulated');
    await screen.kept();
  });

  it('reads next to nothing on a circuit that is off, and proves it with the mark', async () => {
    await go('Marram View', '?rung=isolate');
    await screen.keep('which breaker', 'breaker 5');
    await screen.press('Tagged');
    await screen.press('breaker 5 is off and tagged');
    for (const field of ['between the two leads', 'first lead to ground', 'second lead to ground']) {
      await screen.page.waitForSelector(`button[aria-label="Take ${field} from the meter"]`);
      await screen.click(`button[aria-label="Take ${field} from the meter"]`);
      await screen.says('It stands still', '.modal');
      await screen.press('Take it');
      await screen.until(() => !document.querySelector('.modal'));
    }
    await screen.press('Meter is rated for mains');
    await screen.press('Place is dry');
    await screen.press('Write the proof down');
    await screen.says('PROVED DEAD', '[data-testid=circuit-state]');
    await screen.says('simulated', '[data-testid=circuit-state]');
  });

  it('is not there once it is switched off in Settings, nor for the open interface', async () => {
    await screen.open(`${server.url}/settings`);
    await accessible(screen);
    await screen.press('A simulated meter and phone');
    await screen.until(
      () => document.querySelector<HTMLInputElement>('.form-check [type=checkbox]')?.checked === false,
    );
    await go('Marram View', '?rung=measure');
    await screen.page.waitForSelector('#reading-open');
    expect(await screen.page.$('button.from-meter')).toBeNull();
    const id = jobs.get('Marram View') ?? '';
    const query = 'function=voltsAc&from=S1&to=S2';
    const answer = await fetch(`${server.url}/api/v1/sim/meter?job=${id}&point=front&${query}`);
    expect(answer.status).toBe(409);
  });

  it('left no fault in the browser', () => {
    expect(screen.faults.filter((fault) => !fault.includes('409'))).toEqual([]);
  });
});
