/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { fold } from '@/core/job';
import { plugChoiceOf, plugOptions } from '@/core/points';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { Written, close, openJob } from './onScreen';

afterEach(close);

/** A light with a plug, its camera chosen, at a wall 2.9 m up; a gate that somebody paced. */
const lit = () => {
  const log = new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'gb-230' })
    .write('pointAdded', { pointId: 'yard', pointKind: 'plugFloodlight', name: 'Yard' })
    .write('pointDescribed', { pointId: 'yard', mountedOn: 'wall', wall: 'brick', fixtureHeightM: 2.9 })
    .write('outletDescribed', { pointId: 'yard', wayM: 1.5, alwaysOn: 'yes', residual: 'yes', cover: 'inUse' });
  const [point] = fold({ id: 'j', title: 'Siskin House', createdAt: '' }, log.entries).points;
  const [option] = point?.kind === 'plugFloodlight' ? plugOptions(point, SHIPPED_CATALOGUE) : [];
  if (!option) throw new Error('no camera with a plug');
  return log
    .write('plugFixtureChosen', plugChoiceOf('yard', option.fixture))
    .write('targetPlaced', { pointId: 'yard', targetId: 'g', what: 'gate', distanceM: 7, turnDeg: 20, how: 'paced' });
};
const mount = (log: Written) => openJob(log.entries, { rung: 'mount' });
const sees = () => screen.getByTestId('sees-of').textContent;
const press = (name: string | RegExp) => screen.getByRole('button', { name });

describe('Mount at a floodlight camera', () => {
  it('asks for a camera first, and for something to see', async () => {
    const bare = new Written()
      .write('siteDescribed', { name: 'Siskin House', region: 'gb-230' })
      .write('pointAdded', { pointId: 'yard', pointKind: 'plugFloodlight', name: 'Yard' });
    const { ready } = mount(bare);
    await ready();
    expect(await screen.findByText(/No camera is chosen yet/)).toBeTruthy();
  });
  it('puts something on the plan, says whether it is seen, and what is in its way', async () => {
    const { user, ready, kept, written } = mount(lit());
    await ready();
    expect(await screen.findByTestId('sees-of')).toBeTruthy();
    expect(sees()).toContain('Sees 1 of 1');
    await user.click(
      within(screen.getByRole('radiogroup', { name: 'What is to be seen, or kept out' })).getByLabelText('bins'),
    );
    await user.type(screen.getByLabelText('how far, along the ground'), '6 m');
    await user.type(screen.getByLabelText('to the right, looking out'), '-30');
    await user.click(press('Put it there'));
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'targetPlaced',
      data: { what: 'bins', distanceM: 6, turnDeg: -30, wants: 'detect', how: 'paced' },
    });
    await waitFor(() => expect(sees()).toContain('Sees 2 of 2'));
    await user.click(within(screen.getByRole('radiogroup', { name: 'What stands in the way' })).getByLabelText('shed'));
    await user.type(screen.getByLabelText('how far, along the ground'), '4');
    await user.type(screen.getByLabelText('to the right, looking out'), '-30');
    await user.click(press('Put it there'));
    await kept();
    await waitFor(() => expect(screen.getByTestId('targets').textContent).toContain('hidden by the shed'));
    expect(sees()).toContain('Sees 1 of 2');
  });
  it('refuses a way of three kilometres where it is typed, and writes nothing', async () => {
    const { user, ready, written } = mount(lit());
    await ready();
    await user.click(
      within(await screen.findByRole('radiogroup', { name: 'What is to be seen, or kept out' })).getByLabelText('gate'),
    );
    await user.type(screen.getByLabelText('how far, along the ground'), '3 km');
    await user.click(press('Put it there'));
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(written()).toEqual([]);
  });
  it('moves a pin by the arrow keys, and follows at once', async () => {
    const { ready, kept, written } = mount(lit());
    await ready();
    const pin = await screen.findByRole('button', { name: /^gate, 7.0 m away, 20° right/ });
    fireEvent.keyDown(pin, { key: 'ArrowRight' });
    await kept();
    expect(written()).toMatchObject([{ kind: 'targetPlaced', data: { targetId: 'g', distanceM: 7, turnDeg: 21 } }]);
    expect(await screen.findByRole('button', { name: /^gate, 7.0 m away, 21° right/ })).toBeTruthy();
  });
  it('steps the joint to its limit, tells where the head then looks, and takes the aim', async () => {
    const { user, ready, kept, written } = mount(lit());
    await ready();
    const card = () => screen.getByTestId('aim-card').textContent ?? '';
    await screen.findByTestId('aim-card');
    const before = card();
    await user.click(press('turned, looking out: more'));
    await waitFor(() => expect(card()).not.toBe(before));
    expect(screen.getByText(/^Proposed:/)).toBeTruthy();
    await user.click(press('Take this aim'));
    await kept();
    expect(written()).toMatchObject([{ kind: 'aimPlanned', data: { pointId: 'yard', lensM: 2.9 } }]);
    expect(await screen.findByText('This is the aim that was taken.')).toBeTruthy();
  });
  it('takes away what is not there, and it is on the plan no more', async () => {
    const { user, ready, kept } = mount(lit());
    await ready();
    await user.click(within(await screen.findByTestId('targets')).getByRole('button', { name: 'gate' }));
    await user.click(press('take it away'));
    await kept();
    expect(await screen.findByText(/Say first what it is to see/)).toBeTruthy();
  });
  it('holds how it hangs against the plan, says what is lost, and lets it stand in words', async () => {
    const log = lit().write('aimPlanned', { pointId: 'yard', lensM: 2.9, panDeg: 20, jointDeg: 13 });
    const { user, ready, kept, written } = mount(log);
    await ready();
    const now = within(await screen.findByTestId('hangs-now'));
    expect(now.getByTestId('hangs-table').textContent).toContain('holds');
    const less = now.getByRole('button', { name: 'turned, looking out: less' });
    for (let i = 0; i < 75; i++) fireEvent.click(less);
    await waitFor(() => expect(now.getByTestId('hangs-table').textContent).toContain('lost'));
    expect(now.getByText('75° more to your right')).toBeTruthy();
    await user.click(press('Write it down, gate lost'));
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'mountRecorded',
      data: { heightM: 2.9, panDeg: -55, downDeg: 13, rollDeg: 0, aimedBy: 'eye' },
    });
    await user.click(await screen.findByRole('button', { name: 'let it stand' }));
    await user.type(screen.getByLabelText('why the gate may be missed'), 'the customer knows');
    await user.click(press('let it stand'));
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'missAccepted',
      data: { targetId: 'g', words: 'the customer knows' },
    });
    expect(await screen.findByText(/The gate may be missed, by/)).toBeTruthy();
  });
});
