import { mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { accessible } from './screen';
import { Server } from './server';
import { demoStage } from './stage';

const stage = demoStage();
const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-firm-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** What keeps the firm itself, under Settings. */
describe('the firm', () => {
  it('is backed up into a folder that was said, by one press, and told when', async () => {
    const { screen, server } = stage();
    const place = path.join(folder, 'backup');
    await screen.open(`${server.url}/settings`);
    await screen.says('No backup is known of.');
    const keep = async (text: string): Promise<void> => {
      await screen.type('folder on the firm’s machine', text);
      await screen.press('Keep it');
    };
    await keep(server.folder);
    await screen.says('lies among the data themselves');
    await keep(place);
    await screen.press('Back up now');
    await screen.says('Last backed up');
    expect(readdirSync(path.join(place, 'sets'))).toHaveLength(1);
    await accessible(screen);
  });
  it('leaves as one file and comes back elsewhere, whole, by clicks', async () => {
    const { screen, server, jobs } = stage();
    await screen.open(`${server.url}/settings`);
    const href = await screen.page.$eval('a[href="/api/v1/firm"]', (link) => link.href);
    const file = path.join(folder, 'firm.foxfirm.tar');
    writeFileSync(file, Buffer.from(await (await fetch(href)).arrayBuffer()));
    expect(statSync(file).size).toBeGreaterThan(100_000);
    const other = new Server();
    await other.start();
    try {
      await screen.open(`${other.url}/settings`);
      const none = path.join(folder, 'list.tar');
      writeFileSync(none, 'a shopping list');
      await screen.give('Take a firm in', none);
      await screen.says('This is no archive of a firm');
      await screen.give('Take a firm in', file);
      await screen.says(`Taken in. New jobs: ${jobs.size}. Jobs with more in them: 0. Here already: 0.`);
      await accessible(screen);
      await screen.give('Take a firm in', file);
      await screen.says(`New jobs: 0. Jobs with more in them: 0. Here already: ${jobs.size}.`);
      await screen.open(`${other.url}/`);
      await screen.says('Tern Cottage');
      for (const id of jobs.values()) {
        const entries = async (url: string) => {
          const told = (await (await fetch(`${url}/api/v1/jobs/${id}/entries`)).json()) as {
            entries: { id: string }[];
          };
          return told.entries.map((one) => one.id).sort();
        };
        expect(await entries(other.url)).toEqual(await entries(server.url));
      }
    } finally {
      await other.stop();
      other.clear();
    }
  });
});
