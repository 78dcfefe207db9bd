import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { toBuffer } from 'qrcode';
import sharp from 'sharp';
import { accessible } from './screen';
import { demoStage } from './stage';

const stage = demoStage();
const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-codes-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** Takes a picture in where the code is asked for. */
async function show(picture: Buffer): Promise<void> {
  const { screen } = stage();
  const file = path.join(folder, `${picture.length}.png`);
  writeFileSync(file, picture);
  const input = await screen.page.waitForSelector('[data-testid=device-identity] input[type=file]');
  if (!input) throw new Error('no picture is asked for');
  await input.uploadFile(file);
}

describe('which device hangs here', () => {
  it('is read off a picture of its code, and a code that stands at two points is told', async () => {
    const { screen, go } = stage();
    await go('Eider Yard', '?point=drive&rung=prove');
    // A code as it is met: small in the picture, turned, on grey
    const code = await sharp(await toBuffer('CAM-7731-02', { width: 260 }))
      .rotate(11, { background: '#8a8a80' })
      .extend({ top: 240, left: 330, right: 120, bottom: 160, background: '#8a8a80' })
      .png()
      .toBuffer();
    await show(code);
    await screen.until(() => document.querySelector<HTMLInputElement>('input[name=code]')?.value === 'CAM-7731-02');
    await screen.kept();
    await screen.click('[data-check=paired] .btn-link');
    await screen.press('the other band', '[data-testid=pairing-tries]');
    await screen.says('tried first', '[data-testid=pairing-tries]');
    await screen.kept();
    await screen.press('Call it “Drive 1”');
    await screen.kept();
    await accessible(screen);
    await screen.point('Side path');
    await screen.keep('what its code says', 'cam-7731-02');
    await screen.says('This is the code of “Drive” too');
    await screen.keep('what its code says', 'CAM-7731-03');
    await screen.until(() => !document.body.textContent?.includes('This is the code of “Drive” too'));
  });
  it('says so where a picture holds no code', async () => {
    const { screen, go } = stage();
    await go('Eider Yard', '?point=drive&rung=prove');
    await show(
      await sharp({ create: { width: 300, height: 200, channels: 3, background: '#777' } })
        .png()
        .toBuffer(),
    );
    await screen.says('No code can be read on this picture');
    expect(screen.faults).toEqual([]);
  });
});
