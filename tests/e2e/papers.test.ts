import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { extract } from 'tar-stream';
import { accessible, PATIENCE_MS } from './screen';
import { Server } from './server';
import { demoStage } from './stage';

const stage = demoStage();
const PREVIEW = '.pdf-pages';

/** What is written in a document, page by page. */
async function pagesOf(bytes: ArrayBuffer | Uint8Array): Promise<readonly string[]> {
  const pdf = await getDocument({ data: new Uint8Array(bytes), isEvalSupported: false, verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let number = 1; number <= pdf.numPages; number++) {
    const { items } = await (await pdf.getPage(number)).getTextContent();
    pages.push(items.map((item) => ('str' in item ? item.str : '')).join(' '));
  }
  return pages;
}

const addressOf = (title: string, rest: string): string =>
  `${stage().server.url}/api/v1/jobs/${stage().jobs.get(title) ?? ''}${rest}`;

describe('the papers of a job', () => {
  it('are seen as they will be printed, saved, and set by a thread of the browser with the server gone', async () => {
    const { screen, go, server } = stage();
    await go('Eider Yard', '?point=drive&rung=leave');
    await screen.press('Papers as PDF');
    await screen.says('Yours to know', PREVIEW);
    await screen.says('page 1 of 1', PREVIEW);
    await accessible(screen);
    const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-saved-'));
    const browser = await screen.page.createCDPSession();
    await browser.send('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: folder });
    await screen.press('Save as PDF');
    const file = path.join(folder, 'Eider Yard, Customer’s page.pdf');
    // It is there before it is whole
    const isWhole = () => existsSync(file) && readFileSync(file).subarray(-16).includes('%%EOF');
    for (const end = Date.now() + PATIENCE_MS; !isWhole() && Date.now() < end;)
      await new Promise((resolve) => setTimeout(resolve, 40));
    expect((await pagesOf(readFileSync(file))).join(' ')).toContain('breaker 9');
    rmSync(folder, { recursive: true });
    await server.stop();
    await screen.choose('which paper', 'Job sheet');
    await screen.says('For the trade', PREVIEW);
    await screen.choose('which paper', 'Labels');
    await screen.says('feeds: Drive', PREVIEW);
    await screen.choose('printed on', 'sheet of 21');
    await screen.says('feeds: Drive', PREVIEW);
    await screen.choose('which paper', 'For the electrician');
    await screen.says('Nothing on this job is for a licence');
    await server.start();
  });
  it('come from the server with the same words, also asked for twice at once', async () => {
    const asked = () => fetch(addressOf('Fulmar Mews', '/papers/job')).then((answer) => answer.arrayBuffer());
    const [one, two] = await Promise.all([asked(), asked()]);
    const [first, second] = [await pagesOf(one), await pagesOf(two)];
    expect(second).toEqual(first);
    expect(first.join(' ')).toContain('As it hangs the gate is missed');
    const refused = await fetch(addressOf('Fulmar Mews', '/papers/labels?first=22'));
    expect(refused.status).toBe(422);
    expect((await fetch(addressOf('Fulmar Mews', '/papers/poster'))).status).toBe(404);
    expect((await fetch(addressOf('Fulmar Mews', '/papers/electrician'))).status).toBe(409);
  });
  it('lie beside the job in its archive, which is taken in again as the same job', async () => {
    const archive = await (await fetch(addressOf('Eider Yard', '/container?with=papers'))).arrayBuffer();
    const names: string[] = [];
    const reading = extract();
    reading.end(Buffer.from(archive));
    for await (const entry of reading) {
      names.push(entry.header.name);
      entry.resume();
    }
    expect(names[0]).toBe('entries.json');
    for (const name of ['papers/customer.pdf', 'papers/job.pdf', 'papers/labels.pdf', 'readings.csv', 'calendar.ics'])
      expect(names).toContain(`beside/${name}`);
    expect(names.filter((name) => name.startsWith('beside/drawings/')).length).toBeGreaterThan(1);
    const elsewhere = new Server();
    await elsewhere.start();
    const taken = await fetch(`${elsewhere.url}/api/v1/jobs/import`, {
      method: 'POST',
      headers: { 'content-type': 'application/x-tar', origin: elsewhere.url },
      body: archive,
    });
    expect(taken.status).toBe(201);
    const there = await fetch(`${elsewhere.url}/api/v1/jobs/${stage().jobs.get('Eider Yard') ?? ''}/file`);
    const here = await fetch(addressOf('Eider Yard', '/file'));
    // When it came here and that it was taken in is of the place, all else is of the job
    const ofJob = async (answer: Response) => {
      const { entries, ...rest } = (await answer.json()) as { entries: Record<string, unknown>[] };
      return { ...rest, entries: entries.map((entry) => ({ ...entry, receivedAt: null, imported: null })) };
    };
    expect(await ofJob(there)).toEqual(await ofJob(here));
    await elsewhere.stop();
    elsewhere.clear();
  });
});
