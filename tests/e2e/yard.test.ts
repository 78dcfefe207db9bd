import { describe, expect, it } from '@jest/globals';
import { accessible } from './screen';
import { demoStage } from './stage';

const stage = demoStage();
const PIN = 'svg.yard-plan [aria-label^="gate,"]';

/** The row of a target in the table. */
const row = (name: string): Promise<string> => {
  const { screen } = stage();
  return screen.page.$$eval(
    '[data-testid=targets] tbody tr',
    (rows, words) =>
      (rows.find((one) => one.querySelector('th')?.textContent?.includes(words))?.textContent ?? '').replace(
        /\s+/g,
        ' ',
      ),
    name,
  );
};

describe('the yard at Mount', () => {
  it('says what is seen and what is not, and why', async () => {
    const { screen, go } = stage();
    await go('Eider Yard', '?point=drive&rung=mount');
    await screen.says('Sees 3 of 4', '[data-testid=sees-of]');
    expect(await row('gate')).toContain('recognised');
    expect(await row('bins')).toContain('hidden by the shed');
    expect(await row('window')).toContain('kept out');
    await accessible(screen);
  });
  it('lets a pin be dragged, and all that follows from it follows', async () => {
    const { screen } = stage();
    const before = await row('gate');
    const pin = await screen.found(PIN);
    await pin.scrollIntoView();
    const box = await pin.boundingBox();
    if (!box) throw new Error('the pin is nowhere');
    const [x, y] = [box.x + box.width / 2, box.y + box.height * 0.6];
    await screen.page.mouse.move(x, y);
    await screen.page.mouse.down();
    await screen.page.mouse.move(x - 10, y + 30, { steps: 5 });
    await screen.page.mouse.up();
    await screen.kept();
    await screen.until(
      (old) => {
        const rows = [...document.querySelectorAll('[data-testid=targets] tbody tr')];
        const gate = rows.find((one) => one.querySelector('th')?.textContent?.includes('gate'));
        return gate !== undefined && (gate.textContent ?? '').replace(/\s+/g, ' ') !== old;
      },
      {},
      before,
    );
    // Nearer it is seen more finely
    const pixels = (text: string): number => Number(/gate(\d+)/.exec(text.replace(/\s/g, ''))?.[1]);
    expect(pixels(await row('gate'))).toBeGreaterThan(pixels(before));
  });
  it('is aimed by the steps of its joint, taken, and stands after a new visit', async () => {
    const { screen, go } = stage();
    await screen.click('button[aria-label="turned, looking out: more"]');
    await screen.press('Take this aim');
    await screen.kept();
    const card = await screen.text('[data-testid=aim-card]');
    await go('Eider Yard', '?point=drive&rung=mount');
    await screen.says('This is the aim that was taken.');
    expect(await screen.text('[data-testid=aim-card]')).toBe(card);
  });
});
