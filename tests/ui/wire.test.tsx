/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import type { Entry } from '@/core/kinds';
import { close, openJob } from './onScreen';
import { allPoints, siteOf } from './firm';

afterEach(close);

/** Sandpiper House with its way taken, before anything of its circuit was said. */
const taken = () => siteOf('Sandpiper House', ({ kind }) => kind === 'circuitListed');
/** With its breaker off and the bell side proved, before the first step. */
const proved = () => siteOf('Sandpiper House', ({ kind }) => kind === 'stepTicked');
const wire = (entries: readonly Entry[], settings = {}) => openJob(entries, { rung: 'wire', settings });
const step = () => screen.getByTestId('step').textContent;

describe('a step of Wire', () => {
  it('waits for its way: nothing is to be wired before one is taken', async () => {
    const { user, ready } = wire(siteOf('Sandpiper House', ({ kind }) => kind === 'choiceMade'));
    await ready();
    expect(screen.queryByTestId('tick')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Go to Choose' }));
    await screen.findByRole('heading', { name: /^Choose/ });
  });
  it('is held at the bell wires until they are proved dead, and leads to where that is done', async () => {
    const { user, ready } = wire(taken());
    await ready();
    const first = screen.queryByTestId('tick');
    if (first) await user.click(first);
    await screen.findByText(/^Held:/);
    expect(screen.queryByTestId('tick')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Prove it dead' }));
    await screen.findByRole('heading', { name: /^Isolate/ });
  });
  it('is ticked once, by whom and when, and the next one stands there', async () => {
    const { user, ready, kept, written } = wire(proved());
    await ready();
    const before = step();
    await user.click(screen.getByTestId('tick'));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'stepTicked', data: { how: 'done' }, by: { name: 'Ines' } });
    await waitFor(() => expect(step()).not.toBe(before));
  });
  it('is taken back, and open again', async () => {
    const { user, ready, kept, written } = wire(proved());
    await ready();
    const before = step();
    await user.click(screen.getByTestId('tick'));
    await kept();
    const list = screen.getByRole('heading', { name: 'All steps' }).nextElementSibling;
    await user.click(within(list as HTMLElement).getAllByRole('button')[0] ?? document.body);
    expect(await screen.findByText(/^done/, { selector: 'b' })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Not done after all' }));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'entryStruck', data: { target: written()[0]?.id } });
    await waitFor(() => expect(screen.getByTestId('tick')).toBeTruthy());
    expect(step()).toBe(before);
  });
  it('differs in words only, which the record keeps', async () => {
    const { user, ready, kept, written } = wire(proved());
    await ready();
    await user.click(screen.getByRole('button', { name: 'Differs' }));
    await user.click(screen.getByRole('button', { name: 'Done, as built differs' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Missing: what is different here.');
    await user.type(screen.getByLabelText('what is different here'), 'two wires under Front');
    await user.click(screen.getByRole('button', { name: 'Done, as built differs' }));
    await kept();
    expect(written()[0]?.data).toMatchObject({ how: 'done', differs: 'two wires under Front' });
  });
  it.each([
    ['By somebody else', 'bySomebodyElse'],
    ['Without proof of dead', 'withoutProof'],
  ])('that is held can be recorded afterwards: %s', async (button, how) => {
    const { user, ready, kept, written } = wire(taken());
    await ready();
    const first = screen.queryByTestId('tick');
    if (first) await user.click(first);
    await user.click(await screen.findByText('It has been done already'));
    await user.click(screen.getByRole('button', { name: button }));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'stepTicked', data: { how } });
  });
});

describe('the whole list', () => {
  it('ticks what is free, and opens what is held instead', async () => {
    const { user, ready, kept, written } = wire(proved());
    await ready();
    await user.click(screen.getByText('whole list'));
    const list = await screen.findByTestId('tick-list');
    const free = () => within(list).queryAllByRole('button', { name: /^Tick:/ });
    const before = free().length;
    expect(before).toBeGreaterThan(0);
    await user.click(free()[0] ?? list);
    await kept();
    expect(written()[0]?.kind).toBe('stepTicked');
    await waitFor(() => expect(within(list).getAllByRole('button', { name: /: done$/ })).toHaveLength(1));
  });
  it('opens every step that is held, and none of them offers a tick', async () => {
    const { user, ready, written } = wire(taken());
    await ready();
    await user.click(screen.getByText('whole list'));
    const held = () => within(screen.getByTestId('tick-list')).getAllByRole('button', { name: /^Open:/ });
    const count = held().length;
    expect(count).toBeGreaterThan(1);
    for (let i = 0; i < count; i++) {
      await user.click(held()[i] ?? document.body);
      await screen.findByText(/^Held:/);
      expect(screen.queryByTestId('tick')).toBeNull();
      await user.click(screen.getByText('whole list'));
    }
    expect(written()).toEqual([]);
  });
});

describe('a lead that is found elsewhere', () => {
  it('is moved by its list, said in words, and put back', async () => {
    const { user, ready, kept, written } = wire(siteOf('Sandpiper House'));
    await ready();
    const lead = await screen.findByRole('button', { name: 'other module lead' });
    await user.click(lead);
    const panel = await screen.findByTestId('lead-panel');
    await user.selectOptions(within(panel).getByRole('combobox'), 'chime.Rear');
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'leadMoved', data: { to: 'chime.Rear' } });
    const moved = await screen.findByTestId('moved');
    expect(moved.textContent).toContain('Rear');
    expect(screen.getByTestId('findings').textContent).toContain('Front and Rear');
    await user.click(within(moved).getByRole('button', { name: 'not so' }));
    await kept();
    await waitFor(() => expect(screen.queryByTestId('moved')).toBeNull());
  });
});

describe('a box', () => {
  it('shows its drawing with the leads at the step at hand', async () => {
    const drive = allPoints.find(({ at }) => at === 'Eider Yard, Drive');
    const { ready } = openJob(drive?.entries ?? [], { pointId: drive?.pointId ?? '', rung: 'wire' });
    await ready();
    expect(document.querySelectorAll('svg.box-drawing .wire').length).toBeGreaterThan(4);
    expect(document.querySelectorAll('svg.box-drawing .wire.now').length).toBeGreaterThan(0);
    expect(screen.getByText('Every rule is kept.')).toBeTruthy();
  });
});
