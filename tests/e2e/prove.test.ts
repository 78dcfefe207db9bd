import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { toBuffer } from 'qrcode';
import sharp from 'sharp';
import { newEntry, type NewEntry, type Stated } from '@/core/kinds';
import { Screen, accessible, launch } from './screen';
import { demoStage } from './stage';

const stage = demoStage();
const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-camera-'));
afterAll(() => rmSync(folder, { recursive: true }));

const INES = { id: 'ines', name: 'Ines' } as const;

/** Makes a job of entries through the server. @returns its address */
async function made(title: string, stated: readonly Stated[]): Promise<string> {
  const { url } = stage().server;
  const at = new Date().toISOString();
  const id = crypto.randomUUID();
  const entries = stated.map(({ kind, data }): NewEntry =>
    newEntry(kind, data, { id: crypto.randomUUID(), at, by: INES }),
  );
  const send = async (to: string, body: object): Promise<void> => {
    const { ok, status } = await fetch(`${url}/api/v1/jobs${to}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: url },
      body: JSON.stringify(body),
    });
    if (!ok) throw new Error(`${to} answers ${status}`);
  };
  await send('', { id, at, by: INES, title });
  await send(`/${id}/entries`, { entries });
  return `${url}/jobs/${id}`;
}

describe('switching on, in its order', () => {
  it('tells on whose word it is off, counts until its sign, and what to do while it charges', async () => {
    const { screen } = stage();
    const job = await made('Wheatear Lane', [
      { kind: 'siteDescribed', data: { name: 'Wheatear Lane', region: 'na-120' } },
      { kind: 'pointAdded', data: { pointId: 'front', pointKind: 'doorbell', name: 'Front door' } },
      { kind: 'pointAdded', data: { pointId: 'yard', pointKind: 'plugFloodlight', name: 'Yard' } },
      { kind: 'circuitListed', data: { circuitId: 'c', way: 'B7', feeds: ['front'] } },
      {
        kind: 'circuitSwitched',
        data: { circuitId: 'c', to: 'off', tagged: true, houseTold: true, guard: 'locked' },
      },
    ]);
    await screen.open(`${job}?point=front&rung=prove`);
    await screen.says('B7 is off on Ines’s word', '[data-testid=power-on]');
    await screen.says('Ines’s lock off', '[data-testid=power-on]');
    await accessible(screen);
    await screen.press('B7 is on', '[data-testid=power-on]');
    await screen.says('LIVE', '[data-testid=circuit-state]');
    await screen.says('of 3:00', '[data-testid=sign]');
    // The stand-in comes up by itself, and does what it is told
    await screen.press('A device to try it with');
    await screen.choose('it is told to', 'stay dark');
    await screen.says('Dark.', '[data-testid=simulated-device]');
    await screen.choose('it is told to', 'work');
    await screen.says('it starts', '[data-testid=simulated-device]');
    await screen.press('Passed', '[data-check=lit]');
    await screen.press('Start the timer', '[data-check=firstCharge]');
    await screen.says('Meanwhile at Yard', '[data-testid=meanwhile]');
    await screen.kept();
    // It runs on while nobody looks
    await screen.open(`${job}?point=front&rung=prove`);
    await screen.says('left of 15 min', '[data-check=firstCharge]');
    await screen.click('[data-testid=meanwhile] a');
    await screen.until(() => document.querySelector('.points [aria-current]')?.textContent === 'Yard');
    expect(screen.faults).toEqual([]);
  });
  it('offers nothing to be switched on over steps that nobody ticked', async () => {
    const { screen, go } = stage();
    await go('Eider Yard', '?point=drive&rung=prove');
    await screen.says('close up first', '[data-testid=power-on]');
    expect(await screen.text('[data-testid=power-on]')).not.toContain('lever');
    expect(
      await screen.page.$$eval('[data-testid=power-on] button', (all) => all.map((one) => one.textContent)),
    ).toEqual([expect.stringContaining('close up first')]);
  });
});

describe('a code before the camera', () => {
  it('is read while the camera runs, kept with its picture, and never lost to another one', async () => {
    const { server, jobs } = stage();
    const frame = await sharp({ create: { width: 1280, height: 720, channels: 3, background: '#8a8a80' } })
      .composite([{ input: await toBuffer('CAM-LIVE-7', { width: 320 }), top: 200, left: 480 }])
      .jpeg()
      .toBuffer();
    const film = path.join(folder, 'code.mjpeg');
    writeFileSync(film, Buffer.concat(Array<Buffer>(8).fill(frame)));
    const browser = await launch([
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${film}`,
    ]);
    try {
      const screen = new Screen(await browser.newPage());
      const photos = async (): Promise<number> => {
        const answer = await fetch(`${server.url}/api/v1/jobs/${jobs.get('Eider Yard') ?? ''}`);
        return ((await answer.json()) as { photos: readonly unknown[] }).photos.length;
      };
      const before = await photos();
      await screen.open(`${server.url}/jobs/${jobs.get('Eider Yard') ?? ''}?point=side&rung=mount`);
      await screen.press('Its code, before it goes on the wall');
      await screen.press('Scan by the camera');
      await screen.says('Its code is kept: CAM-LIVE-7', '[data-testid=code-before]');
      await screen.kept();
      // The picture that it was read in is with the job, though what showed the camera is gone
      for (let tries = 0; tries < 50 && (await photos()) === before; tries++)
        await new Promise((done) => setTimeout(done, 200));
      expect(await photos()).toBe(before + 1);
      await screen.rung('Prove');
      await screen.press('Scan its code', '[data-testid=device-identity]');
      await screen.says('kept for this point is CAM-LIVE-7');
      await screen.press('Keep the other');
      expect(await screen.page.$eval('input[name=code]', (input) => input.value)).toBe('CAM-LIVE-7');
      expect(screen.faults).toEqual([]);
    } finally {
      await browser.close();
    }
  });
});

describe('a later job at the same house', () => {
  it('starts with what stands there, knows nothing of live and dead, and leads to the old sheet', async () => {
    const { screen, go } = stage();
    await go('Oyster Quay 5', '?rung=leave');
    await screen.press('Start the next job at this house');
    await screen.page.waitForSelector('[data-testid=earlier-job]');
    await screen.says('NOT KNOWN', '[data-testid=circuit-state]');
    await accessible(screen);
    await screen.click('[data-testid=earlier-job] a');
    await screen.page.waitForSelector('.sheet-page');
    expect(await screen.text('.sheet-page')).toContain('L. Bosanko');
    expect(screen.faults).toEqual([]);
  });
});
