import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { accessible, type Screen } from './screen';
import { demoStage, type Stage } from './stage';

const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-files-'));
const stage = demoStage();
let screen: Screen;
let server: Stage['server'];
beforeAll(() => {
  ({ screen, server } = stage());
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const go = (title: string, rung: string) => stage().go(title, `?rung=${rung}`);
const names = () => screen.page.$$eval('table .way', (list) => list.map((one) => one.textContent));
/** Gives a file to the button that takes it in. */
async function takeIn(label: string, name: string, text: string): Promise<void> {
  const file = path.join(folder, name);
  writeFileSync(file, text);
  await screen.give(label, file);
}
const csvOf = async (shelf: string) => (await fetch(`${server.url}/api/v1/catalogue/${shelf}/csv`)).text();

describe('the catalogue', () => {
  it('shows what ships, shelf by shelf, and reads well to everybody', async () => {
    await screen.open(`${server.url}/catalogue`);
    expect(await names()).toContain('Constant-power wired');
    await accessible(screen);
    await screen.choose('shelf', 'Transformers');
    expect(await names()).toContain('16 V 30 VA');
    await screen.press('volts, V', 'table');
    const volts = await screen.page.$$eval('tbody td.n:nth-child(2)', (list) =>
      list.map((one) => Number(one.textContent)),
    );
    expect(volts).toEqual([...volts].sort((a, b) => (volts[0] === Math.min(...volts) ? a - b : b - a)));
  });
  it('tells a figure that can’t be, at its field, and keeps nothing', async () => {
    await screen.choose('shelf', 'Doorbells');
    await screen.press('Tall-view wired', 'table');
    await screen.type('drops out under', '20');
    await screen.press('Keep it');
    await screen.says('20 is above “full from”, 14.5', '.field.wrong');
    await screen.type('drops out under', '-1');
    await screen.says('does not lie from 1 to 60 V', '.field.wrong');
    await screen.type('live at night', '0');
    await screen.press('Keep it');
    await screen.says('0 does not lie from', '.field.wrong');
    await accessible(screen);
    await screen.press('Close');
    expect(await csvOf('device')).not.toContain(',20,');
  });
  it('keeps an own item beside what ships, and what ships comes back', async () => {
    await screen.press('Tall-view wired', 'table');
    await screen.type('live at night', '7.1');
    await screen.press('Keep it');
    await screen.says('Tall-view wired is kept', '[role=status]');
    await screen.says('own, in place of what ships', 'table');
    await screen.press('Tall-view wired', 'table');
    await screen.press('Back to what ships');
    await screen.says('Your own item is gone', '[role=status]');
    expect(await screen.text('table')).not.toContain('in place of what ships');
  });
  it('names a wrong row and column of a file, and takes nothing in by halves', async () => {
    await screen.choose('shelf', 'Transformers');
    const before = await csvOf('transformer');
    const [header = '', row = '', other = ''] = before.trim().split('\r\n');
    const mine = other
      .replace('box-24-40', 'van-24-60')
      .replace('24 V 40 VA', 'Van 24 V 60 VA')
      .replace(',40,', ',60,');
    await takeIn(
      'Take in transformers',
      'bad.csv',
      `${header}\r\n${mine}\r\n${row.replace('box-16-30', 'x').replace(',30,', ',-30,')}\r\n`,
    );
    await screen.says('row 3, ratedVa: -30 does not lie from 1 to 200 VA', '[role=alert]');
    await screen.says('Nothing was taken in', '[role=alert]');
    await takeIn('Take in transformers', 'twice.csv', `${header}\r\n${mine}\r\n${mine}\r\n`);
    await screen.says('stands at row 2, id already', '[role=alert]');
    await takeIn('Take in transformers', 'header.csv', `${header.replace('ratedVa', 'power')}\r\n${mine}\r\n`);
    await screen.says('row 1, ratedVa: this column is missing', '[role=alert]');
    await takeIn(
      'Take in transformers',
      'formula.csv',
      `${header}\r\n${mine.replace('Van 24 V 60 VA', '=HYPERLINK(1)')}\r\n`,
    );
    await screen.says('row 2, name: looks like a spreadsheet’s formula', '[role=alert]');
    await takeIn('Take in items', 'not.json', '{"items": 3}');
    await screen.says('items: is not a list', '[role=alert]');
    expect(await csvOf('transformer')).toBe(before);
    await accessible(screen);
    await takeIn('Take in transformers', 'good.csv', `${header}\r\n${mine}\r\n${row}\r\n`);
    await screen.says('good.csv is taken in', '[role=status]');
    await screen.says('Van 24 V 60 VA', 'table');
    const file = (await (await fetch(`${server.url}/api/v1/catalogue/file`)).json()) as { items: unknown[] };
    // The row that ships was said again without a change: it is not the firm’s own
    expect(file.items).toHaveLength(1);
  });
  it('refuses over HTTP what it refuses on screen', async () => {
    const post = (at: string, body: string, type = 'application/json') =>
      fetch(`${server.url}/api/v1/catalogue${at}`, { method: 'POST', headers: { 'content-type': type }, body });
    expect((await post('', '{')).status).toBe(400);
    expect((await post('/attic/csv', 'a', 'text/csv')).status).toBe(404);
    expect((await post('/cable/csv', 'a,b\r\n1,2', 'text/csv')).status).toBe(422);
    expect((await post('/cable/csv', 'x'.repeat(3_000_000), 'text/csv')).status).toBe(413);
    const gone = await fetch(`${server.url}/api/v1/catalogue/cable/none`, { method: 'DELETE' });
    expect(gone.status).toBe(404);
    expect(gone.headers.get('content-type')).toContain('application/problem+json');
  });
  it('is what the Board proposes from: it says another thing as soon as the items are others', async () => {
    const moveOf = async () => {
      const answer = await fetch(`${server.url}/api/v1/jobs?q=Turnstone`);
      const { jobs } = (await answer.json()) as { jobs: { points: { verdict: { words: string } }[] }[] };
      return jobs[0]?.points[0]?.verdict.words;
    };
    expect(await moveOf()).toBe('so far: put one in');
    const ids = [...(await csvOf('transformer')).matchAll(/^[a-z][\w-]*(?=,)/gm)].map(([id]) => id).slice(1);
    const [header = '', ...rows] = (await csvOf('transformer')).trim().split('\r\n');
    const va = header.split(',').indexOf('ratedVa');
    const weak = rows.map((row) => row.split(',').with(va, '8').join(','));
    expect(weak).toHaveLength(ids.length);
    await takeIn('Take in transformers', 'weak.csv', [header, ...weak, ''].join('\r\n'));
    await screen.says('weak.csv is taken in', '[role=status]');
    await expect.poll(moveOf, { timeout: 20_000 }).toBe('nothing holds');
    for (const id of ids) await fetch(`${server.url}/api/v1/catalogue/transformer/${id}`, { method: 'DELETE' });
    await expect.poll(moveOf, { timeout: 20_000 }).toBe('so far: put one in');
    await takeIn(
      'Take in transformers',
      'good.csv',
      `${header}\r\n${rows.find((row) => row.startsWith('van')) ?? ''}\r\n`,
    );
    await screen.says('good.csv is taken in', '[role=status]');
  });
  it('is what Choose multiplies: an own transformer is one of the ways', async () => {
    await go('Tern Cottage', 'choose');
    await screen.until(() => document.querySelector('.selectors') && !document.querySelector('.working'));
    await screen.choose('transformer', 'Van 24 V 60 VA');
    await screen.says('At the transformer, wire by wire');
    await screen.press('Take: ');
    await screen.kept();
    // The job keeps the figures that it was chosen with, whatever becomes of the catalogue
    await fetch(`${server.url}/api/v1/catalogue/transformer/van-24-60`, { method: 'DELETE' });
    await go('Tern Cottage', 'wire');
    await screen.says('Bell wires under the pair of screws that gives 24 V');
    await screen.says('Van 24 V 60 VA', 'nav');
  });
});

describe('two doors on one transformer with three screws', () => {
  it('are worked out together, and another pair of screws is proposed', async () => {
    await go('Avocet Rectory', 'measure');
    await screen.says('Back door', 'svg.loop');
    await screen.says('Two chimes', 'svg.loop');
    await go('Avocet Rectory', 'choose');
    await screen.says('24 V pair S1–S3', '[data-testid=proposal]');
    await screen.says('all doorbells at work together', '[data-testid=other-door]');
  });
  it('shows every wire before and after, and the steps that lead there', async () => {
    await screen.choose('chime', 'Module in bypass');
    await screen.says('afterwards, what changes in color', '.before-after');
    const after = await screen.page.$$eval('.before-after svg', (list) =>
      list.map((one) => one.getAttribute('aria-label') ?? ''),
    );
    expect(after[0]).toContain('Rear: rear door’s wire');
    // With the chime out of the loop the rear doorbell’s wire follows the transformer’s
    expect(after[1]).toContain('Rear: nothing');
    expect(await screen.page.$$('.before-after svg .lead.now')).not.toHaveLength(0);
    await accessible(screen);
    await screen.until(() => !document.querySelector('.working'), { timeout: 120_000 });
    await screen.press('Take: ');
    await screen.kept();
    await go('Avocet Rectory', 'wire');
    await screen.says('Bell wires under S1 and S3: 24 V', '.steps');
    await screen.says('Two wires off Front, into the bypass port', '.steps');
    await screen.says('Rear door’s wire off Rear, into the bypass port', '.steps');
  });
  it('refuses volts of a pair that do not add up', async () => {
    await go('Avocet Rectory', 'measure');
    await screen.type('S1–S3 volts', '40');
    await screen.press('Keep the label');
    await screen.says('S1–S3 gives the sum of the other two, about 24 V', '.field.wrong');
    await screen.type('S1–S3 volts', '24');
    await screen.type('S1–S3 VA', '30 amps');
    await screen.press('Keep the label');
    await screen.says('is not a unit for this', '.field.wrong');
  });
  it('left no fault in the browser', () => {
    // A refused file is told by the browser too
    expect(screen.faults.filter((fault) => !fault.includes('status of 4'))).toEqual([]);
  });
});
