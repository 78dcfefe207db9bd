/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { close, openJob } from './onScreen';
import { allPoints, siteOf } from './firm';

afterEach(close);

const box = (label: string | RegExp): HTMLInputElement => screen.getByLabelText(label, { selector: 'input' });
/** Log and point of a demo site, by “site, point”. */
function standing(at: string) {
  const found = allPoints.find((point) => point.at === at);
  if (!found) throw new Error(`no point ${at}`);
  return found;
}

describe('the ladder at the side', () => {
  it.each(allPoints.map(({ at, entries, pointId }) => [at, entries, pointId] as const))(
    'of %s has eight rungs, each with its state in words, and one of them at hand',
    async (_at, entries, pointId) => {
      const { ready } = openJob(entries, { pointId });
      await ready();
      const rungs = within(screen.getByRole('navigation', { name: 'Ladder' })).getAllByRole('button');
      expect(rungs).toHaveLength(8);
      for (const rung of rungs) expect(rung.textContent).toMatch(/, (open|in hand|done|held)/);
      expect(rungs.filter((rung) => rung.getAttribute('aria-current') === 'step')).toHaveLength(1);
    },
  );
  it('is climbed by its numbers, by its next move, and by a new reading', async () => {
    const { user, ready } = openJob(siteOf('Tern Cottage'), { rung: 'look' });
    await ready();
    const at = () => screen.getByRole('heading', { level: 1 }).textContent;
    for (const [key, rung] of [
      ['3', 'Choose'],
      ['8', 'Leave'],
      ['1', 'Look'],
      ['r', 'Measure'],
      ['n', 'Choose'],
    ] as const) {
      screen.getByRole('main').focus();
      await user.keyboard(key);
      await waitFor(() => expect(at()).toContain(rung));
    }
  });
});

describe('the carry sheet', () => {
  it('stands on every rung with the same verdict, figures, worries and what to bring', async () => {
    const { user, ready } = openJob(siteOf('Tern Cottage'), { rung: 'look' });
    await ready();
    const carried = () => screen.getByRole('complementary').textContent;
    const first = carried();
    expect(first).toMatch(/Replace it.*Lasts in over 99 % of cases, leading so far.*Fails.*Worries.*To bring/s);
    for (const rung of ['Measure', 'Choose', 'Isolate', 'Leave']) {
      await user.click(screen.getByRole('button', { name: new RegExp(`^${rung}`) }));
      await ready();
      expect(carried()).toBe(first);
    }
  });
  it('comes up from the foot of a phone, and says there what it says at the side', async () => {
    const { user, ready } = openJob(siteOf('Tern Cottage'), { rung: 'look' });
    await ready();
    const side = screen.getByRole('complementary').textContent ?? '';
    await user.click(screen.getByRole('button', { expanded: false, name: /worr/ }));
    const drawer = await screen.findByRole('dialog', { name: 'Carry sheet' });
    expect(drawer.textContent).toContain(side);
  });
});

describe('a floodlight camera at Choose', () => {
  const { entries, pointId } = standing('Eider Yard, Side path');
  it('shows what each camera asks of the box before it is taken', async () => {
    const { user, ready, written, bench } = openJob(entries, { pointId, rung: 'choose' });
    await ready();
    const cameras = screen.getByRole('group', { name: 'Camera' });
    const all = within(cameras).getAllByRole('radio');
    expect(all.length).toBeGreaterThan(2);
    const before = bench().textContent;
    await user.click(within(cameras).getByLabelText(/^Single-lamp/));
    await waitFor(() => expect(all.filter((one) => (one as HTMLInputElement).checked)).toHaveLength(1));
    expect(bench().textContent).not.toBe(before);
    expect(screen.getByText(/^About 22 min of work/)).toBeTruthy();
    expect(written()).toEqual([]);
  });
  it('is taken with its whole plan, so that a later catalogue changes nothing', async () => {
    const { user, ready, kept, written } = openJob(entries, { pointId, rung: 'choose' });
    await ready();
    await user.click(screen.getByRole('button', { name: 'Take this plan' }));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'fixtureChosen', data: { pointId } });
    expect(written()[0]?.data).toHaveProperty('fixture');
    expect(await screen.findByRole('button', { name: 'Go to Isolate' })).toBeTruthy();
  });
  it('takes the thickness of its bar as it is typed, and refuses what none has', async () => {
    const { user, ready } = openJob(entries, { pointId, rung: 'choose' });
    await ready();
    const bar = box('cross-bar, thick');
    const faults = () => screen.queryAllByRole('alert').map(({ textContent }) => textContent ?? '');
    await user.clear(bar);
    await user.type(bar, '4 in');
    await waitFor(() => expect(faults().some((text) => /^From .* to .*\.$/.test(text))).toBe(true));
    await user.clear(bar);
    await user.type(bar, '1/8 in');
    await waitFor(() => expect(faults().some((text) => text.startsWith('From'))).toBe(false));
  });
});

describe('a box at Measure', () => {
  const { entries, pointId } = standing('Eider Yard, Back door');
  it('asks one test after another, and concludes from what is typed', async () => {
    const { user, ready, kept, written } = openJob(entries, { pointId, rung: 'measure' });
    await ready();
    const asked = () => screen.getByTestId('next-test').textContent;
    const first = asked();
    await user.type(within(screen.getByTestId('next-test')).getByRole('textbox'), '0{Enter}');
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'conductorTested', data: { value: 0 } });
    await waitFor(() => expect(asked()).not.toBe(first));
  });
  it('takes a cable in by its usual name, and out again', async () => {
    const { user, ready, kept, written } = openJob(entries, { pointId, rung: 'measure' });
    await ready();
    const cables = () => document.querySelectorAll('.cable').length;
    const before = cables();
    await user.click(screen.getByRole('button', { name: /^\+ 14\/2 with ground/ }));
    await kept();
    await waitFor(() => expect(cables()).toBe(before + 1));
    const added = written()[0]?.data;
    expect(added && 'conductors' in added && Array.isArray(added.conductors) ? added.conductors.length : 0).toBe(3);
    const outs = screen.getAllByRole('button', { name: 'It is not there' });
    await user.click(outs.at(-1) ?? document.body);
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ conductors: null });
  });
  it('refuses a size that no conductor has, where it was typed', async () => {
    const { user, ready, written } = openJob(entries, { pointId, rung: 'measure' });
    await ready();
    const size = screen.getAllByLabelText(/^size of black/)[0] as HTMLInputElement;
    await user.clear(size);
    await user.type(size, 'thick');
    await user.tab();
    expect((await screen.findByText('No such size.')).getAttribute('role')).toBe('alert');
    expect(written()).toEqual([]);
    await user.clear(size);
    await user.type(size, '12 AWG');
    await user.tab();
    await waitFor(() => expect(written()).toHaveLength(1));
    const said = written()[0]?.data;
    expect(JSON.stringify(said)).toContain('"awg":12');
  });
});

const plugged = () => {
  const found = allPoints.find(({ job, pointId }) =>
    job.points.some(({ id, kind }) => id === pointId && kind === 'plugFloodlight'),
  );
  if (!found) throw new Error('no point with a plug');
  return found;
};

describe('an outlet that a plug goes into', () => {
  const { entries, pointId } = plugged();
  it('draws the lead as long as its way, in the units of the site', async () => {
    const { ready } = openJob(entries, { pointId, rung: 'measure' });
    await ready();
    const drawing = screen.getByRole('img', { name: /^The lead from the camera to/ });
    expect(drawing.getAttribute('aria-label')).toMatch(/\d/);
  });
});

describe('Mount at a door', () => {
  it('moves what is in the picture with the height that is typed, and keeps the wedge that is picked', async () => {
    const { user, ready, kept, written } = openJob(siteOf('Lapwing Lodge'), { rung: 'mount' });
    await ready();
    const sees = () => screen.getAllByText(/^At .*: /)[0]?.textContent;
    const before = sees();
    const height = box('lens over standing ground');
    await user.clear(height);
    await user.type(height, '0.6 m');
    await waitFor(() => expect(sees()).not.toBe(before));
    await user.keyboard('{Enter}');
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'mountRecorded', data: { heightM: 0.6 } });
    await user.click(within(screen.getByRole('radiogroup', { name: 'tilt wedge' })).getByText('none'));
    await kept();
    expect(written()[1]?.data).toMatchObject({ tiltDeg: 0 });
  });
});

describe('Prove at a door', () => {
  const proving = () => siteOf('Oyster Quay 5', ({ kind }) => kind === 'checkDone');
  it('asks for power first, then check after check, none passed by default', async () => {
    const { user, ready, kept, written } = openJob(proving(), { rung: 'prove' });
    await ready();
    const on = screen.queryByRole('button', { name: / is on$/ });
    if (on) {
      await user.click(on);
      await kept();
    }
    const current = () => document.querySelector('[data-check][aria-current]');
    const first = current()?.getAttribute('data-check');
    expect(first).toBeTruthy();
    await user.click(within(current() as HTMLElement).getByRole('button', { name: 'Passed' }));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'checkDone', data: { check: first, result: 'passed' } });
    await waitFor(() => expect(current()?.getAttribute('data-check')).not.toBe(first));
  });
  it('skips with a reason only, and fails with one', async () => {
    const { user, ready, kept, written } = openJob(proving(), { rung: 'prove' });
    await ready();
    const on = screen.queryByRole('button', { name: / is on$/ });
    if (on) {
      await user.click(on);
      await kept();
    }
    const before = written().length;
    const current = () => within(document.querySelector<HTMLElement>('[data-check][aria-current]') ?? document.body);
    await user.click(current().getByRole('button', { name: 'Skip' }));
    await user.click(current().getByRole('button', { name: 'Skip it' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Missing: why skipped.');
    expect(written()).toHaveLength(before);
    await user.type(current().getByLabelText('why skipped'), 'nobody to ring');
    await user.click(current().getByRole('button', { name: 'Skip it' }));
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ result: 'skipped', reason: 'nobody to ring' });
  });
});

describe('Leave', () => {
  it('is handed over with what is not done answered for in words', async () => {
    const { user, ready, kept, written } = openJob(siteOf('Tern Cottage'), { rung: 'leave' });
    await ready();
    expect(screen.getByTestId('undone').textContent).toMatch(/^Not done yet: /);
    await user.click(screen.getByRole('button', { name: 'The sheet is handed over' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Missing: what was told or stays to do.');
    await user.type(box('what was told or stays to do'), 'comes back on Friday');
    await user.click(screen.getByRole('button', { name: 'The sheet is handed over' }));
    await kept();
    expect(written()[0]).toMatchObject({
      kind: 'pointLeft',
      data: { copyGiven: true, remark: 'comes back on Friday' },
    });
    await user.click(await screen.findByRole('button', { name: 'Not handed over after all' }));
    await kept();
    expect(written()[1]?.kind).toBe('entryStruck');
  });
  it('keeps a note for the record', async () => {
    const { user, ready, kept, written } = openJob(siteOf('Tern Cottage'), { rung: 'leave' });
    await ready();
    await user.type(box('for the record'), 'dog in the yard');
    await user.click(screen.getByRole('button', { name: 'Write it down' }));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'noteWritten', data: { text: 'dog in the yard' } });
    expect(await screen.findByText(/dog in the yard/)).toBeTruthy();
  });
});
