import { existsSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Browser } from 'puppeteer-core';
import { Screen, launch } from './screen';

const demo = process.env.FOX_LADDER_DEMO;
const built = process.env.FOX_LADDER_BUILT ?? '';

// With FOX_LADDER_BUILT set by hand there is no newcomer to look at
(demo ? describe : describe.skip)('npm run demo in a fresh clone, no data folder named', () => {
  let browser: Browser;
  beforeAll(async () => {
    browser = await launch();
  });
  afterAll(() => browser.close());

  it('ends with the demo firm on the Board', async () => {
    const screen = new Screen(await browser.newPage());
    await screen.open(demo ?? '');
    const text = await screen.page.$eval('main', (main) => main.innerText);
    expect(text).toContain('Tern Cottage');
    expect(text).toContain('Eider Yard');
    const { jobs } = (await (await fetch(`${demo}/api/v1/jobs?limit=200`)).json()) as { jobs: unknown[] };
    expect(jobs.length).toBe(25);
    expect(existsSync(path.join(built, 'data/fox-ladder.db'))).toBe(true);
  });

  it('warns of nothing while it builds', () => {
    const printed = process.env.FOX_LADDER_PRINTED ?? '';
    expect(printed).toContain('next build');
    // What npm says of the machine’s own settings is not ours
    const lines = printed.split('\n').filter((line) => !line.startsWith('npm '));
    expect(lines.filter((line) => /warn|⚠|deprecat/i.test(line))).toEqual([]);
  });
});
