/** @vitest-environment jsdom */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { DEFAULT_SETTINGS, type Settings } from '@/contract/settings';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import type { BoardJob, BoardPart } from '@/contract/listedJob';
import { currencies } from '@/words';
import { Board } from '@/ui/board/Board';
import { CataloguePage } from '@/ui/catalogue/CataloguePage';
import { Frame } from '@/ui/frame/Frame';
import { SettingsPage } from '@/ui/settings/SettingsPage';
import { allWaiting } from '@/ui/log/allWaiting';
import { madeHere } from '@/ui/log/newJobs';
import { CREW, INES, answering, bodyOf, close, pathOf, reload, routed, show } from './onScreen';

const NOW = new Date().toISOString();

/** What was sent, but for what a page only asks for by itself; and what is answered to it by its path. */
const sent: { path: string; body: unknown }[] = [];
let answers: Readonly<Record<string, () => ReturnType<typeof answering>>> = {};
beforeEach(() => {
  sent.length = 0;
  routed.length = 0;
  answers = {};
  globalThis.fetch = (to, init) => {
    const path = pathOf(to);
    const body = bodyOf(init);
    if (path !== '/backup' && path !== '/session') sent.push({ path, body });
    const answer = answers[path] ?? answers[path.replace(/[0-9a-f-]{36}/, ':id')];
    return Promise.resolve((answer ?? (() => answering(undefined, 502)))() as Response);
  };
});
afterEach(close);

const refused = (detail: string, errors: readonly { path: string; message: string }[] = []) =>
  answering({ title: 'Refused', status: 422, detail, errors }, 422);

describe('Settings', () => {
  it('change a school, and show what stands afterwards', async () => {
    const { user } = show(<SettingsPage first={DEFAULT_SETTINGS} currencies={currencies()} isOffice />);
    const next: Settings = { ...DEFAULT_SETTINGS, policy: { ...DEFAULT_SETTINGS.policy, bellSide: 'live' } };
    answers = { '/settings': () => answering(next) };
    const [off, live] = within(screen.getByRole('group', { name: /^Bell side while working/ })).getAllByRole('radio');
    if (!off || !live) throw new Error('two schools');
    expect((off as HTMLInputElement).checked).toBe(true);
    await user.click(live);
    expect(sent).toEqual([{ path: '/settings', body: { policy: { bellSide: 'live' } } }]);
    await waitFor(() => expect((live as HTMLInputElement).checked).toBe(true));
    expect((off as HTMLInputElement).checked).toBe(false);
  });
  it('stay as they were where the server is away, and say so', async () => {
    const { user } = show(<SettingsPage first={DEFAULT_SETTINGS} currencies={currencies()} isOffice />);
    const [, live] = within(screen.getByRole('group', { name: /^Bell side/ })).getAllByRole('radio');
    await user.click(live ?? document.body);
    expect((await screen.findByRole('alert')).textContent).toMatch(/can’t be reached.*Nothing was changed/);
    expect((live as HTMLInputElement).checked).toBe(false);
  });
  it('take a currency, and none again', async () => {
    const { user } = show(<SettingsPage first={DEFAULT_SETTINGS} currencies={currencies()} isOffice />);
    answers = { '/settings': () => answering({ ...DEFAULT_SETTINGS, currency: 'GBP' }) };
    const picker = screen.getByLabelText('what parts cost is in');
    expect((picker as HTMLSelectElement).value).toBe('none');
    await user.selectOptions(picker, 'GBP');
    expect(sent[0]?.body).toEqual({ currency: 'GBP' });
    await waitFor(() => expect((picker as HTMLSelectElement).value).toBe('GBP'));
    answers = { '/settings': () => answering(DEFAULT_SETTINGS) };
    await user.selectOptions(picker, 'none');
    expect(sent[1]?.body).toEqual({ currency: '' });
  });
});

describe('the Catalogue', () => {
  it('shows one shelf at a time, sorted by a touch on a head', async () => {
    const { user } = show(<CataloguePage first={SHIPPED_CATALOGUE} />);
    await user.click(screen.getByText('Transformers'));
    const head = screen.getByRole('columnheader', { name: /VA/ });
    expect(head.getAttribute('aria-sort')).toBe('none');
    await user.click(within(head).getByRole('button'));
    const figures = () => {
      const column = [...(head.parentElement?.children ?? [])].indexOf(head);
      return screen
        .getAllByRole('row')
        .slice(1)
        .map((row) => Number(row.children[column]?.textContent));
    };
    const sorted = (all: readonly number[], way: 1 | -1) => [...all].sort((a, b) => way * (a - b));
    const way = head.getAttribute('aria-sort') === 'ascending' ? 1 : -1;
    expect(figures()).toEqual(sorted(figures(), way));
    await user.click(within(head).getByRole('button'));
    expect(figures()).toEqual(sorted(figures(), way === 1 ? -1 : 1));
  });
  it('opens an item that ships, and keeps a change of it as the firm’s own', async () => {
    const { user } = show(<CataloguePage first={SHIPPED_CATALOGUE} />);
    await user.click(screen.getByRole('button', { name: 'Constant-power wired' }));
    const form = screen.getByRole('region', { name: 'Constant-power wired' });
    expect(form.textContent).toContain('It ships');
    expect(within(form).queryByLabelText('id')).toBeNull();
    const watts = within(form).getByLabelText('live at night');
    await user.clear(watts);
    await user.type(watts, '6.1');
    answers = { '/catalogue': () => answering(SHIPPED_CATALOGUE) };
    await user.click(within(form).getByRole('button', { name: 'Keep it' }));
    await screen.findByText('Constant-power wired is kept.');
    expect(sent.at(-1)?.body).toMatchObject({ items: [{ shelf: 'device', values: { name: 'Constant-power wired' } }] });
    expect(JSON.stringify(sent.at(-1)?.body)).toContain('6.1');
  });
  it('keeps what was typed where the server is away, for another try', async () => {
    const { user } = show(<CataloguePage first={SHIPPED_CATALOGUE} />);
    await user.click(screen.getByRole('button', { name: 'Constant-power wired' }));
    const watts = screen.getByLabelText('live at night');
    await user.clear(watts);
    await user.type(watts, '6.1');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/Nothing was changed/);
    expect((watts as HTMLInputElement).value).toBe('6.1');
  });
  it('tells at its field what can’t be', async () => {
    const { user } = show(<CataloguePage first={SHIPPED_CATALOGUE} />);
    await user.click(screen.getByRole('button', { name: 'Constant-power wired' }));
    const watts = screen.getByLabelText('live at night');
    await user.clear(watts);
    await user.type(watts, 'much');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(watts.getAttribute('aria-invalid')).toBe('true');
    expect(sent).toEqual([]);
  });
  it('names each fault of a file by its place, a few of many', async () => {
    const { user } = show(<CataloguePage first={SHIPPED_CATALOGUE} />);
    const faults = Array.from({ length: 12 }, (_, i) => ({ path: `row ${i + 1}, name`, message: 'is missing' }));
    answers = { '/catalogue/device/csv': () => refused('Nothing was taken in.', faults) };
    const file = new File(['id,name\n'], 'shelf.csv', { type: 'text/csv' });
    Object.assign(file, { text: () => Promise.resolve('id,name\n') });
    await user.upload(screen.getByLabelText('Take in doorbells from CSV'), file);
    const told = await screen.findByRole('alert');
    expect(told.textContent).toContain('Nothing was taken in.');
    expect(within(told).getAllByRole('listitem')).toHaveLength(8);
    expect(told.textContent).toContain('and 4 more.');
  });
});

const row = (title: string, more: Partial<BoardJob> = {}): BoardJob => ({
  id: `00000000-0000-7000-8000-${title.length.toString().padStart(12, '0')}`,
  title,
  address: '',
  updatedAt: '2026-03-04T09:00:00Z',
  expectedAt: null,
  finished: false,
  fault: null,
  isBehind: false,
  points: [],
  ...more,
});

describe('the Board', () => {
  it('shows the parts of a day in their order, counts the open ones, and says how many more there are', () => {
    const part = (of: BoardPart['part'], count: number) => ({ part: of, count, jobs: [row(of)] });
    show(
      <Board
        parts={[part('today', 1), part('earlier', 9001), part('noDay', 1), part('finished', 3)]}
        q=""
        madeAt={NOW}
        own={[]}
      />,
    );
    expect(screen.getAllByRole('heading', { level: 2 }).map((one) => one.textContent)).toEqual([
      'Today',
      'Left over',
      'No day yet',
      'Finished',
    ]);
    expect(screen.getByText('9003 open jobs')).toBeTruthy();
    expect(screen.getByText(/^and 9000 more/)).toBeTruthy();
  });
  it('says what is wrong with a row, and that nothing is lost', () => {
    show(
      <Board
        parts={[{ part: 'noDay', count: 1, jobs: [row('Broken', { fault: 'no sentence says fromTomorrow' })] }]}
        q=""
        madeAt={NOW}
        own={[]}
      />,
    );
    expect(screen.getByText(/All that was written is kept/)).toBeTruthy();
  });
  it('shows no verdict of before what was written last, and looks again until it is worked out', async () => {
    const door: BoardJob['points'][number] = {
      id: 'front',
      name: 'Front door',
      marks: [],
      move: { rung: 'choose', words: 'Choose a way', why: '', held: false },
      verdict: { word: 'holds', words: 'holds at night' },
      worries: 1,
    };
    const parts = (isBehind: boolean): BoardPart[] => [
      { part: 'today', count: 1, jobs: [row('Snipe Marsh', { isBehind, points: [door] })] },
    ];
    const { unmount } = show(<Board parts={parts(true)} q="" madeAt={NOW} own={[]} />);
    expect(screen.getByText(/it is being worked out/)).toBeTruthy();
    expect(screen.queryByText('holds at night')).toBeNull();
    await waitFor(() => expect(routed).toContain('here again'), { timeout: 10_000 });
    unmount();
    routed.length = 0;
    show(<Board parts={parts(false)} q="" madeAt={NOW} own={[]} />);
    expect(screen.getByText('holds at night')).toBeTruthy();
    expect(screen.queryByText(/it is being worked out/)).toBeNull();
  });
  it('tells an empty board from a search that finds nothing', () => {
    const { unmount } = show(<Board parts={[]} q="" madeAt={NOW} own={[]} />);
    expect(screen.getByText(/^No job yet/)).toBeTruthy();
    unmount();
    show(<Board parts={[]} q="gull" madeAt={NOW} own={[]} />);
    expect(screen.getByText(/^No site or job begins/)).toBeTruthy();
    expect(screen.getByText('0 for “gull”')).toBeTruthy();
  });
  it('makes a job with its site, its first point and the firm’s policy as it stands', async () => {
    const { user } = show(<Board parts={[]} q="" madeAt={NOW} own={[]} />);
    await user.click(screen.getByRole('button', { name: 'New job' }));
    await user.click(await screen.findByText('Britain', { exact: false, selector: 'label.btn' }));
    await user.type(screen.getByLabelText('site'), 'Wigeon Yard');
    const policy = { ...DEFAULT_SETTINGS.policy, bellSide: 'live' as const };
    answers = {
      '/settings': () => answering({ ...DEFAULT_SETTINGS, policy }),
      '/jobs': () => answering({ id: 'made' }, 201),
      '/jobs/:id/entries': () => answering({ entries: [], last: 3 }),
    };
    await user.click(screen.getByRole('button', { name: 'Make the job' }));
    await waitFor(() => expect(routed.at(-1)).toMatch(/^\/jobs\//));
    expect(sent.map(({ path }) => path.replace(/[0-9a-f-]{36}/, ':id'))).toEqual([
      '/settings',
      '/jobs',
      '/jobs/:id/entries',
    ]);
    expect(sent[1]?.body).toMatchObject({ title: 'Wigeon Yard', by: INES });
    const entries = (sent[2]?.body as { entries?: { kind: string; data: object }[] } | undefined)?.entries ?? [];
    expect(entries.map(({ kind }) => kind)).toEqual(['siteDescribed', 'pointAdded', 'policyTaken']);
    expect(entries[0]?.data).toMatchObject({ name: 'Wigeon Yard', region: 'gb-230' });
    expect(entries[2]?.data).toMatchObject({ bellSide: 'live' });
  });
  it('goes nowhere with a job that was refused', async () => {
    const { user } = show(<Board parts={[]} q="" madeAt={NOW} own={[]} />);
    await user.click(screen.getByRole('button', { name: 'New job' }));
    await user.click(screen.getByRole('button', { name: 'Make the job' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Missing: site.');
    await user.type(screen.getByLabelText('site'), 'Wigeon Yard');
    answers = {
      '/settings': () => answering({ ...DEFAULT_SETTINGS }),
      '/jobs': () => refused('There is such a job.'),
    };
    await user.click(screen.getByRole('button', { name: 'Make the job' }));
    await screen.findByText('There is such a job.');
    expect(routed).toEqual([]);
    expect(await madeHere()).toEqual([]);
    // What was typed is still there, for the next try
    expect(screen.getByLabelText<HTMLInputElement>('site').value).toBe('Wigeon Yard');
  });
  it('goes to a job that was made without a server: it waits here, and is listed', async () => {
    const { user } = show(<Board parts={[]} q="" madeAt={NOW} own={[]} />);
    await user.click(screen.getByRole('button', { name: 'New job' }));
    await user.type(await screen.findByLabelText('site'), 'Dunlin Cellar');
    await user.click(screen.getByRole('button', { name: 'Make the job' }));
    await waitFor(() => expect(routed.at(-1)).toMatch(/^\/jobs\//));
    expect(await madeHere()).toMatchObject([{ title: 'Dunlin Cellar', by: INES }]);
    reload();
    show(<Board parts={[]} q="" madeAt={NOW} own={[]} />);
    await screen.findByRole('heading', { name: 'Made here, not with the firm yet' });
    expect(screen.getByRole('link', { name: /being worked out/ }).getAttribute('href')).toBe(routed.at(-1));
    const [job] = await allWaiting();
    expect(job?.waiting.map(({ entry }) => entry.kind)).toEqual(['siteDescribed', 'pointAdded']);
  });
  it('refuses a file that is no job, by its name', async () => {
    const { user } = show(<Board parts={[]} q="" madeAt={NOW} own={[]} />);
    answers = { '/jobs/import': () => refused('This is no job file.') };
    const file = new File(['[]'], 'letter.json', { type: 'application/json' });
    Object.assign(file, { text: () => Promise.resolve('[]') });
    await user.upload(screen.getByLabelText('Take in a job file'), file);
    expect((await screen.findByRole('alert')).textContent).toBe('letter.json: This is no job file.');
  });
});

describe('the frame', () => {
  const frame = () =>
    show(
      <Frame crew={CREW} own={null} theme="paper" currency="">
        <p>page</p>
      </Frame>,
    );
  it('says who is at work, remembers it, and takes a new name', async () => {
    const { user, unmount } = frame();
    const who = screen.getByLabelText('Who is at work');
    await user.selectOptions(who, 'Tomas');
    unmount();
    const { user: again } = frame();
    expect(screen.getByLabelText<HTMLSelectElement>('Who is at work').value).toBe('tomas');
    await again.selectOptions(screen.getByLabelText('Who is at work'), 'somebody else…');
    await again.click(screen.getByRole('button', { name: 'Say it' }));
    expect(await screen.findByRole('button', { name: 'Type a name.' })).toBeTruthy();
    answers = { '/crew': () => answering({ id: 'rea', name: 'Rea', licensed: false }, 201) };
    await again.type(screen.getByLabelText('Your name'), 'Rea{Enter}');
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLSelectElement>('Who is at work').selectedOptions[0]?.textContent).toBe('Rea'),
    );
  });
  it('finds by its key, and leads to what was typed', async () => {
    const { user } = frame();
    await user.keyboard('/');
    const find = screen.getByRole('searchbox');
    expect(document.activeElement).toBe(find);
    await user.type(find, 'gull & co{Enter}');
    expect(routed.at(-1)).toBe('/?q=gull%20%26%20co');
  });
  it('lists its keys, and none of them acts while somebody types', async () => {
    const { user } = frame();
    await user.click(screen.getByRole('searchbox'));
    await user.keyboard('?');
    expect(screen.queryByRole('dialog')).toBeNull();
    await user.click(screen.getByText('page'));
    await user.keyboard('?');
    expect((await screen.findByRole('dialog')).textContent).toContain('next move');
  });
  it('changes the lamp, and keeps it', async () => {
    const { user } = frame();
    await user.click(screen.getByRole('button', { name: /^Headlamp theme/ }));
    expect(document.documentElement.dataset.theme).toBe('headlamp');
    expect(document.cookie).toContain('fox-ladder-theme=headlamp');
    await user.click(screen.getByRole('button', { name: /^Paper theme/ }));
    expect(document.documentElement.dataset.theme).toBe('paper');
  });
});
