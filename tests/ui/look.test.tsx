/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { Written, close, openJob, routed } from './onScreen';

afterEach(close);

const begun = (region = 'na-120') =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region })
    .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' });
const look = (area: string, log = begun()) => openJob(log.entries, { rung: 'look', area });
/** With a button before it: there is a transformer somewhere. */
const wired = () => begun().write('pointDescribed', { pointId: 'front', wasThere: 'button' });
const box = (label: string | RegExp): HTMLInputElement => screen.getByLabelText(label, { selector: 'input' });

describe('the parts of the survey', () => {
  it('stand in a strip with how each stands, and one of them is at hand', async () => {
    const { user, ready } = look('door');
    await ready();
    const strip = screen.getByRole('navigation', { name: 'Parts of the survey' });
    const here = () => within(strip).getByRole('button', { current: true }).textContent;
    expect(here()).toContain('Door');
    await user.click(within(strip).getByRole('button', { name: /Wi-Fi/ }));
    await waitFor(() => expect(here()).toContain('Wi-Fi'));
    expect(box('signal at the spot')).toBeTruthy();
  });
  it('lead to the area that is asked for in the address', async () => {
    const { ready } = look('bag');
    await ready();
    expect(screen.getByText(/^At the van, before the ladder/)).toBeTruthy();
  });
});

describe('the bag', () => {
  it('asks for the batch of what was dead new before, and of nothing else', async () => {
    const { ready } = openJob(begun().entries, {
      rung: 'look',
      area: 'bag',
      deadNew: [
        { fault: 'fuseOpen', batch: 'L-2231' },
        { fault: 'fuseOpen', batch: '' },
        { fault: 'openToDoor', batch: 'L-9' },
      ],
    });
    await ready();
    const [told, ...others] = screen.getAllByTestId('dead-before');
    expect(told?.textContent).toBe('2 were dead out of their bags. Which batch is this? Try it first if it is L-2231.');
    expect(others).toEqual([]);
  });
});

describe('a board', () => {
  it('is listed by its number of ways, which is whole', async () => {
    const { user, ready, kept, written } = look('board');
    await ready();
    await user.type(box('how many ways'), '8.5');
    await user.click(screen.getByRole('button', { name: 'List the breaker panel' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/whole number/);
    await user.clear(box('how many ways'));
    await user.type(box('how many ways'), '8');
    await user.click(screen.getByRole('button', { name: 'List the breaker panel' }));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'boardListed', data: { boardId: 'main', ways: 8 } });
    expect(await screen.findByLabelText('label of breaker 8')).toBeTruthy();
  });
  const listed = (region?: string) => begun(region).write('boardListed', { boardId: 'main', name: 'panel', ways: 4 });
  it('has a label, a rating and a protection for each way', async () => {
    const { user, ready, kept, written } = look('board', listed());
    await ready();
    await user.type(box('label of breaker 2'), 'porch');
    await user.type(box('rating of breaker 2'), '15 A{Enter}');
    await kept();
    expect(written()[0]?.data).toEqual({ boardId: 'main', way: '2', label: 'porch', ratingAmps: 15 });
    await user.selectOptions(screen.getByLabelText('protection of breaker 2'), 'GFCI');
    await kept();
    expect(written()[1]?.data).toEqual({ boardId: 'main', way: '2', protection: 'rcd' });
    await user.selectOptions(screen.getByLabelText('protection of breaker 2'), 'not said');
    await kept();
    expect(written()[2]?.data).toEqual({ boardId: 'main', way: '2', protection: null });
  });
  it('calls what trips on a leak as the place does', async () => {
    const { ready } = look('board', listed('gb-230'));
    await ready();
    const words = within(screen.getByLabelText('protection of way 1'))
      .getAllByRole('option')
      .map((one) => one.textContent);
    expect(words).toEqual(['not said', 'no RCD', 'RCD', 'AFDD', 'RCD and AFDD', 'a fuse']);
  });
  it('asks whether a way that feeds a freezer stays on, and why', async () => {
    const { user, ready, kept, written } = look('board', listed());
    await ready();
    await user.type(box('label of breaker 3'), 'freezer{Enter}');
    await kept();
    expect(await screen.findByText(/^Keep it on\?/)).toBeTruthy();
    await user.click(screen.getByLabelText('keep breaker 3 on'));
    await kept();
    expect(written()[1]?.data).toMatchObject({ way: '3', doNotDrop: true });
    expect(await screen.findByLabelText('why breaker 3 stays on')).toBeTruthy();
  });
  it('takes a further way by the number that stands there, once', async () => {
    const { user, ready, kept, written } = look('board', listed());
    await ready();
    await user.click(screen.getByText(/^One more breaker/));
    await user.type(box('its number, as written'), '4');
    await user.click(screen.getByRole('button', { name: 'Add the breaker' }));
    expect((await screen.findByRole('alert')).textContent).toBe('breaker 4 stands there already.');
    await user.clear(box('its number, as written'));
    await user.type(box('its number, as written'), '4A');
    await user.click(screen.getByRole('button', { name: 'Add the breaker' }));
    await kept();
    expect(written()[0]?.data).toEqual({ boardId: 'main', way: '4A', gone: null });
  });
});

describe('the search for a transformer', () => {
  it('goes on to the next best place, and ends where it is found', async () => {
    const { user, ready, kept, written } = look('transformer', wired());
    await ready();
    const next = () => document.querySelector('.big-pair .step-words')?.textContent;
    const first = next();
    await user.click(screen.getByRole('button', { name: 'Not there' }));
    await kept();
    await waitFor(() => expect(next()).not.toBe(first));
    await user.click(screen.getByRole('button', { name: 'Found it here' }));
    await kept();
    expect(written().map(({ kind }) => kind)).toEqual(['placeLooked', 'transformerDescribed']);
    expect(written()[1]?.data).toHaveProperty('foundAt');
  });
  it('can be given up, and taken up again', async () => {
    const { user, ready, kept, job } = look('transformer', wired());
    await ready();
    await user.click(screen.getByRole('button', { name: /^Give the search up/ }));
    await kept();
    await user.click(await screen.findByRole('button', { name: 'Search on' }));
    await kept();
    expect(job().points[0]).toMatchObject({ transformer: {} });
    expect(await screen.findByRole('button', { name: 'Not there' })).toBeTruthy();
  });
});

describe('what a switch tells', () => {
  it('is written by its name, and taken back', async () => {
    const { user, ready, kept, written } = look('transformer', wired());
    await ready();
    const name = box('switch that was turned off');
    expect(screen.getByRole('button', { name: 'Bell is dead' })).toHaveProperty('disabled', true);
    await user.type(name, 'stair light');
    await user.click(screen.getByRole('button', { name: 'Bell is dead' }));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'switchTried', data: { name: 'stair light', bellDies: true } });
    const row = await screen.findByText(/stair light off: bell is dead/);
    await user.click(within(row).getByRole('button', { name: 'take back' }));
    await kept();
    await waitFor(() => expect(screen.queryByText(/stair light off/)).toBeNull());
  });
});

describe('walls on the way of the Wi-Fi', () => {
  it('are tapped once each, counted, and taken away from the end', async () => {
    const { user, ready, kept, written } = look('wifi');
    await ready();
    const walls = screen.getByRole('group', { name: 'walls between' });
    const [first] = within(walls).getAllByRole('button');
    if (!first) throw new Error('no walls');
    await user.click(first);
    await kept();
    await user.click(first);
    await kept();
    await user.click(screen.getByRole('button', { name: 'take the last away' }));
    await kept();
    const said = written().map(({ data }) => ('routerWalls' in data ? data.routerWalls?.length : undefined));
    expect(said).toEqual([1, 2, 1]);
  });
});

describe('a further point', () => {
  it('is asked what it shares before it is added, and then is gone to', async () => {
    const { user, ready, kept, written } = look('door');
    await ready();
    await user.click(screen.getByText(/^Another door at this site/));
    expect(screen.getByText(/^One answer decides/)).toBeTruthy();
    expect(screen.queryByLabelText('name of the new point')).toBeNull();
    await user.click(screen.getByText('no, a supply of its own'));
    await user.type(await screen.findByLabelText('name of the new point'), 'Side gate');
    await user.click(screen.getByRole('button', { name: 'Add the point' }));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'pointAdded', data: { name: 'Side gate', pointKind: 'doorbell' } });
    expect(written()[0]?.data).not.toMatchObject({ supplyId: 's' });
    expect(routed.at(-1)).toMatch(/rung=look$/);
  });
  it('is taken away again at a second word, and nothing of the house with it', async () => {
    const { user, ready, kept, written, job } = look('door');
    await ready();
    await user.click(screen.getByText(/^Front door is something else/));
    await user.click(screen.getByRole('button', { name: 'Take this point away' }));
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(written()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Take this point away' }));
    await user.click(screen.getByRole('button', { name: 'Take Front door away' }));
    await waitFor(() => expect(written()).toHaveLength(1));
    expect(written()[0]?.kind).toBe('entryStruck');
    expect(job().points).toEqual([]);
    await kept().catch(() => undefined);
  });
});

describe('before the visit', () => {
  it('is ready at one tap for all that was not asked, and leaves what was', async () => {
    const log = begun().write('customerDescribed', { wifiPassword: 'ready' });
    const { user, ready, kept, written } = look('before', log);
    await ready();
    await user.click(screen.getByRole('button', { name: 'All that was not asked yet is ready' }));
    await kept();
    expect(written()[0]?.kind).toBe('customerDescribed');
    expect(written()[0]?.data).not.toHaveProperty('wifiPassword');
    expect(Object.values(written()[0]?.data ?? {}).every((value) => value === 'ready')).toBe(true);
  });
});
