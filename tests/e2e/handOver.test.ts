import { describe, expect, it } from 'vitest';
import { accessible } from './screen';
import { eventsIn } from '../eventsIn';
import { demoStage } from './stage';

const stage = demoStage();

/** Draws a name on the field with the mouse. */
async function sign(): Promise<void> {
  const { screen } = stage();
  const field = await screen.found('canvas.signature');
  await field.scrollIntoView();
  const box = await field.boundingBox();
  if (!box) throw new Error('no field to sign on');
  const { mouse } = screen.page;
  await mouse.move(box.x + 0.1 * box.width, box.y + 0.6 * box.height);
  await mouse.down();
  for (let i = 1; i <= 12; i++)
    await mouse.move(box.x + (0.1 + 0.06 * i) * box.width, box.y + (i % 2 ? 0.3 : 0.7) * box.height);
  await mouse.up();
}

describe('handing over', () => {
  it('is signed with a finger, dated, and stands so on the customer’s page', async () => {
    const { screen, go } = stage();
    await go('Eider Yard', '?point=drive&rung=leave');
    await screen.page.$eval('input[type=date]', (field) => {
      field.focus();
      field.value = '2027-02-28';
    });
    await screen.page.$eval('input[type=date]', (field) => field.blur());
    await screen.kept();
    const calendar = await screen.page.$eval('[data-testid=comes-due] a', (link) => link.href);
    const answer = await fetch(calendar);
    expect(answer.headers.get('content-type')).toContain('text/calendar');
    expect(eventsIn(await answer.text()).map(({ startDate }) => startDate.toString())).toContain('2027-02-28');

    await screen.choose('whoever is shown it', 'signs here');
    await sign();
    await accessible(screen);
    await screen.type('handed to', 'R. Carne');
    await screen.type('what was told or stays to do', 'wiring goes on next week');
    await screen.press('The sheet is handed over');
    await screen.says('Signed by R. Carne');
    await screen.kept();
    await go('Eider Yard', '/sheet');
    const path = await (
      await screen.found('[data-testid=customer-page] .signed path')
    ).evaluate((drawn) => drawn.getAttribute('d'));
    expect(path).toMatch(/^M\d+ \d+L/);
    expect(await screen.text('[data-testid=customer-page]')).toContain('ends on 28 February 2027');
  });
  it('leaves the job on the board as handed over with what is open', async () => {
    const { screen, go } = stage();
    await go('Petrel Steps', '?point=front&rung=leave');
    await screen.choose('whoever is shown it', 'is not there');
    await screen.type('what was told or stays to do', 'cable goes on next week');
    await screen.type('why nobody signs', 'at work');
    await screen.press('The sheet is handed over');
    await screen.says('Not signed');
    await screen.kept();
    await screen.open(stage().server.url);
    await screen.says('handed over,');
  });
});
