import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import type { ElementHandle } from 'puppeteer-core';
import { accessible } from './screen';
import { demoStage } from './stage';

const stage = demoStage();
const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-yard-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** The lens of the camera that hangs at Drive, as the catalogue ships it. */
const LENS = { hfovDeg: 105, widthPx: 2560, heightPx: 1440 } as const;
/** Where the yard’s gate and car stand, by its own plan. */
async function places() {
  const log = (await (await fetch(await entriesOf())).json()) as {
    entries: { kind: string; data: { targetId?: string; distanceM?: number; turnDeg?: number } }[];
  };
  return ['gate', 'car'].map((id) => {
    const said = log.entries.filter(({ kind, data }) => kind === 'targetPlaced' && data.targetId === id);
    const of = (field: 'distanceM' | 'turnDeg') =>
      said.findLast(({ data }) => data[field] !== undefined)?.data[field] ?? 0;
    const turn = (of('turnDeg') * Math.PI) / 180;
    return { id: `${id}, its foot`, point: [of('distanceM') * Math.sin(turn), of('distanceM') * Math.cos(turn), 0] };
  });
}
async function entriesOf(): Promise<string> {
  const { server } = stage();
  const { jobs } = (await (await fetch(`${server.url}/api/v1/jobs?limit=50`)).json()) as {
    jobs: { id: string; title: string }[];
  };
  return `${server.url}/api/v1/jobs/${jobs.find(({ title }) => title === 'Eider Yard')?.id ?? ''}/entries`;
}

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
  it('finds how it hangs from a picture of its own, by places that are pointed at', async () => {
    const { screen, server } = stage();
    // A camera as Drive’s, 9 ft 4 in up, that came to look 6° to the left and 20° down
    const truth = { bearingDeg: -6, tiltDownDeg: 20 };
    const { points } = (await (
      await fetch(`${server.url}/api/v1/compute/view`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          camera: {
            model: 'rectilinear',
            position: [0, 0.15, 2.8448],
            bearingDeg: 360 + truth.bearingDeg,
            tiltDownDeg: truth.tiltDownDeg,
            rollDeg: 0,
            hfovDeg: LENS.hfovDeg,
            widthPx: LENS.widthPx,
            heightPx: LENS.heightPx,
          },
          boxes: [],
          points: await places(),
        }),
      })
    ).json()) as { points: { id: string; pixel: [number, number] }[] };
    const drawn = await screen.page.evaluate(
      ({ widthPx, heightPx }, marks) => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [widthPx, heightPx];
        const brush = canvas.getContext('2d');
        if (!brush) throw new Error('nothing to draw with');
        brush.fillRect(0, 0, widthPx, heightPx);
        brush.fillStyle = '#ffffff';
        for (const { pixel } of marks) brush.fillRect(pixel[0] - 12, pixel[1] - 12, 24, 24);
        return canvas.toDataURL('image/png').split(',')[1] ?? '';
      },
      LENS,
      points,
    );
    const file = path.join(folder, 'own.png');
    writeFileSync(file, Buffer.from(drawn, 'base64'));
    const input = (await screen.found('[data-testid=pose] input[type=file]')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
    for (const { id, pixel } of points) {
      await screen.choose('Pick a place', id);
      const picture = await screen.found('svg.own-picture');
      await picture.scrollIntoView();
      const box = await picture.boundingBox();
      if (!box) throw new Error('the picture is nowhere');
      await screen.page.mouse.click(
        box.x + (pixel[0] / LENS.widthPx) * box.width,
        box.y + (pixel[1] / LENS.heightPx) * box.height,
      );
    }
    await screen.press('Work out how it hangs');
    const told = await screen.text('[data-testid=pose-found]');
    expect(told).toMatch(/It looks [5-7]° left, (19|20|21)° below the horizon/);
    await screen.press('Write it down');
    await screen.kept();
    await screen.says('This is how it was written down.');
  });
});

/** Drags something by the mouse, so many pixels to the right and down. */
async function drag(selector: string, right: number, down: number): Promise<void> {
  const { screen } = stage();
  const handle = await screen.found(selector);
  await handle.scrollIntoView();
  const box = await handle.boundingBox();
  if (!box) throw new Error(`${selector} is nowhere`);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await screen.page.mouse.move(x, y);
  await screen.page.mouse.down();
  await screen.page.mouse.move(x + right, y + down, { steps: 6 });
  await screen.page.mouse.up();
}

describe('the plan of the site', () => {
  it('is reshaped by a corner that is dragged, and shows what the cameras see together', async () => {
    const { screen, go } = stage();
    await go('Eider Yard', '?point=drive&rung=look&area=plan');
    await screen.says('closes by itself', '.sides');
    const before = await screen.text('svg.site-plan .picked');
    await drag('svg.site-plan [aria-label^="corner 3:"]', 30, 0);
    await screen.kept();
    // The lengths that stand at its sides
    await screen.until(
      (old) => document.querySelector('svg.site-plan .picked')?.textContent?.replace(/\s+/g, ' ') !== old,
      {},
      before,
    );
    await screen.press('Show what its camera sees');
    await screen.says('m² recognised', '[data-testid=together]');
    await accessible(screen);
  });
});

describe('a doorbell in a narrow porch', () => {
  it('is dragged up the wall, its wedge turned, and says what is then seen', async () => {
    const { screen, go } = stage();
    await go('Petrel Steps', '?rung=mount');
    const before = await screen.text('[data-testid=sees]');
    await drag('svg.side .device .body', 0, -70);
    await screen.kept();
    await screen.until(
      (old) => document.querySelector('[data-testid=sees]')?.textContent?.replace(/\s+/g, ' ') !== old,
      {},
      before,
    );
    const dragged = await screen.text('[data-testid=sees]');
    await screen.click('svg.above [aria-label^="side wedge 20°, looking right"]');
    await screen.kept();
    await screen.until(
      (old) => document.querySelector('[data-testid=sees]')?.textContent?.replace(/\s+/g, ' ') !== old,
      {},
      dragged,
    );
    await screen.says('side wedge 20°', '.stack');
    await accessible(screen);
  });
});
