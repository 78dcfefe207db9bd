/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { Written, close, openJob } from './onScreen';

afterEach(close);

const POINT = { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' } as const;
const begun = (region = 'na-120') =>
  new Written().write('siteDescribed', { name: 'Siskin House', region }).write('pointAdded', POINT);
const box = (label: string | RegExp): HTMLInputElement => screen.getByLabelText(label, { selector: 'input' });

describe('a group of fields that saves itself', () => {
  it('writes one entry when it is left, what changed and nothing else', async () => {
    const { entries } = begun();
    const { user, ready, kept, written } = openJob(entries, { rung: 'look', area: 'plate' });
    await ready();
    await user.type(box('lead reaches out of the hole'), '4 in');
    await user.tab();
    expect(written()).toEqual([]);
    await user.click(screen.getByRole('heading', { name: /^Look/ }));
    await kept();
    expect(written().map(({ kind, data }) => [kind, data])).toEqual([
      ['pointDescribed', { pointId: 'front', leadReachM: 0.1016 }],
    ]);
  });
  it('writes at Enter, once, though it is left afterwards', async () => {
    const { user, ready, kept, written } = openJob(begun().entries, { rung: 'look', area: 'plate' });
    await ready();
    await user.type(box('lead reaches out of the hole'), '90 mm{Enter}');
    await user.click(screen.getByRole('heading', { name: /^Look/ }));
    await kept();
    expect(written().map(({ data }) => data)).toEqual([{ pointId: 'front', leadReachM: 0.09 }]);
  });
  it('keeps nothing that its own parser refuses, and says why at the field', async () => {
    const { user, ready, written } = openJob(begun().entries, { rung: 'look', area: 'plate' });
    await ready();
    const field = box('lead reaches out of the hole');
    await user.type(field, 'a hand');
    await user.click(screen.getByRole('heading', { name: /^Look/ }));
    const fault = await screen.findByRole('alert');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(field.getAttribute('aria-describedby')).toBe(fault.id);
    expect(fault.textContent).toMatch(/not a figure/);
    expect(written()).toEqual([]);
  });
  it('takes an answer back with an empty field', async () => {
    const { entries } = begun().write('pointDescribed', { pointId: 'front', leadReachM: 0.09 });
    const { user, ready, kept, written } = openJob(entries, { rung: 'look', area: 'plate' });
    await ready();
    await user.clear(box('lead reaches out of the hole'));
    await user.keyboard('{Enter}');
    await kept();
    expect(written()[0]?.data).toEqual({ pointId: 'front', leadReachM: null });
  });
  it('reads a bare figure in the units of the site', async () => {
    const { user, ready, kept, written } = openJob(begun('gb-230').entries, { rung: 'look', area: 'plate' });
    await ready();
    await user.type(box('lead reaches out of the hole'), '90{Enter}');
    await kept();
    expect(written()[0]?.data).toMatchObject({ leadReachM: 0.09 });
  });
  it('lets the verdict move while a figure is typed, and writes nothing for it', async () => {
    const { entries } = begun().write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 30 });
    const { user, ready, written } = openJob(entries, { rung: 'measure' });
    await ready();
    const carried = screen.getByRole('complementary');
    const before = carried.textContent;
    await user.type(box('open volts, transformer'), '11.2');
    await waitFor(() => expect(carried.textContent).not.toBe(before));
    expect(written()).toEqual([]);
  });
});

describe('one of a few', () => {
  const group = (name: string) => screen.getByRole('radiogroup', { name });
  it('is a group of radios, written when one is picked, and let go by picking it again', async () => {
    const { user, ready, kept, written, job } = openJob(begun().entries, { rung: 'look', area: 'door' });
    await ready();
    const brick = within(group('wall')).getByRole('radio', { name: 'brick' });
    expect((brick as HTMLInputElement).checked).toBe(false);
    await user.click(screen.getByText('brick'));
    await kept();
    expect(written().at(-1)?.data).toEqual({ pointId: 'front', wall: 'brick' });
    await waitFor(() => expect((brick as HTMLInputElement).checked).toBe(true));
    await user.click(screen.getByText('brick'));
    await kept();
    expect(written().at(-1)?.data).toEqual({ pointId: 'front', wall: null });
    expect(job().points[0]).not.toMatchObject({ look: { wall: 'brick' } });
  });
  it('is let go by the keyboard, too', async () => {
    const { entries } = begun().write('pointDescribed', { pointId: 'front', wall: 'brick' });
    const { user, ready, kept, written } = openJob(entries, { rung: 'look', area: 'door' });
    await ready();
    within(group('wall')).getByRole('radio', { name: 'brick' }).focus();
    await user.keyboard('{Delete}');
    await kept();
    expect(written().map(({ data }) => data)).toEqual([{ pointId: 'front', wall: null }]);
  });
  it('has one answer only: another one takes its place', async () => {
    const { entries } = begun().write('pointDescribed', { pointId: 'front', wall: 'brick' });
    const { user, ready, kept } = openJob(entries, { rung: 'look', area: 'door' });
    await ready();
    await user.click(screen.getByText('timber'));
    await kept();
    await waitFor(() => {
      const on = within(group('wall'))
        .getAllByRole('radio')
        .filter((one) => (one as HTMLInputElement).checked);
      expect(on.map((one) => one.nextElementSibling?.textContent)).toEqual(['timber']);
    });
  });
});

describe('any of a few', () => {
  it('are boxes that stay down, each turn written with all that are down then', async () => {
    const { user, ready, kept, written } = openJob(begun().entries, { rung: 'look', area: 'view' });
    await ready();
    const [first, second] = within(screen.getByRole('group', { name: 'should be seen' })).getAllByRole('checkbox');
    if (!first || !second) throw new Error('two things to see');
    await user.click(first);
    await kept();
    await user.click(second);
    await kept();
    await user.click(first);
    await kept();
    const said = written().map(({ data }) => ('shouldSee' in data ? data.shouldSee : undefined));
    expect(said.map((all) => all?.length)).toEqual([1, 2, 1]);
    expect(said[2]).toEqual(said[1]?.slice(1));
  });
});

describe('questions that are written by a button', () => {
  it('ask for what is missing, and write nothing before', async () => {
    const { user, ready, written } = openJob(begun().entries, { rung: 'look', area: 'wifi' });
    await ready();
    await user.click(screen.getByRole('button', { name: 'Keep the reading' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Missing: signal at the spot.');
    expect(written()).toEqual([]);
  });
  it('write what is there, leave out what may be left out, and are empty again', async () => {
    const { user, ready, kept, written } = openJob(begun().entries, { rung: 'look', area: 'wifi' });
    await ready();
    await user.type(box('signal at the spot'), '64');
    await user.type(box('speed up'), '8');
    await user.click(screen.getByRole('button', { name: 'Keep the reading' }));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'wifiRead', data: { pointId: 'front', dbm: -64, upMbit: 8 } });
    expect(written()[0]?.data).not.toHaveProperty('downMbit');
    await waitFor(() => expect(box('signal at the spot').value).toBe(''));
  });
  it.each([
    ['200', /not possible here/],
    ['abc', /figure|number/i],
  ])('refuse %s at its field', async (text, words) => {
    const { user, ready, written } = openJob(begun().entries, { rung: 'look', area: 'wifi' });
    await ready();
    await user.type(box('signal at the spot'), text);
    await user.click(screen.getByRole('button', { name: 'Keep the reading' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(words);
    expect(written()).toEqual([]);
  });
});

describe('a reading', () => {
  const measured = () => begun().write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 30 });
  it('may be a range', async () => {
    const { user, ready, kept, written } = openJob(measured().entries, { rung: 'measure' });
    await ready();
    await user.type(box('open volts, transformer'), '18 to 18.6{Enter}');
    await kept();
    expect(written()[0]).toMatchObject({
      kind: 'readingTaken',
      data: { what: 'volts', at: 'transformer', state: 'open', low: 18, high: 18.6 },
    });
    expect((await screen.findByRole('cell', { name: '18 to 18.6 V' })).textContent).toContain('18.6');
  });
  it('that can’t be true beside another is refused where it was typed', async () => {
    const { entries } = measured().write('readingTaken', {
      pointId: 'front',
      what: 'volts',
      at: 'transformer',
      state: 'open',
      low: 18,
      high: 18,
    });
    const { user, ready, written } = openJob(entries, { rung: 'measure' });
    await ready();
    const running = screen.getAllByLabelText('volts', { selector: 'input' })[0];
    if (!running) throw new Error('no field for volts');
    await user.type(running, '24{Enter}');
    expect((await screen.findByRole('alert')).textContent).toMatch(/open|above|more/i);
    expect(written()).toEqual([]);
  });
  it('is struck in its row, and gone from the judgement', async () => {
    const { entries } = measured().write('readingTaken', {
      pointId: 'front',
      what: 'volts',
      at: 'transformer',
      state: 'open',
      low: 18,
      high: 18,
    });
    const { user, ready, kept, written, job } = openJob(entries, { rung: 'measure' });
    await ready();
    await user.click(screen.getByRole('button', { name: /^Strike transformer, open/ }));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'entryStruck', data: { target: entries.at(-1)?.id } });
    expect(job().points[0]).toMatchObject({ readings: [] });
  });
});
