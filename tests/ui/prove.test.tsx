/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { fireEvent, screen, within } from '@testing-library/react';
import { Written, close, openJob } from './onScreen';

afterEach(close);

/** A floodlight with a plug, its camera chosen: what it shows once it is on. */
const proving = () =>
  openJob(
    new Written()
      .write('siteDescribed', { name: 'Siskin House', region: 'gb-230' })
      .write('pointAdded', { pointId: 'yard', pointKind: 'plugFloodlight', name: 'Yard' }).entries,
    { rung: 'prove' },
  );
const row = (id: string) => within(document.querySelector<HTMLElement>(`[data-check=${id}]`) ?? document.body);

describe('what is tried once it is on', () => {
  it('passes at one tap what was seen, each written by itself, and nothing that wants a figure or the dark', async () => {
    const { user, ready, kept, written } = proving();
    await ready();
    expect(written()).toEqual([]);
    await user.click(await screen.findByRole('button', { name: /^All \d of these were seen$/ }));
    await kept();
    const passed = written().map(({ data }) => (data as { check?: string }).check);
    expect(passed).toEqual(['lamps', 'switches', 'paired', 'film', 'picture', 'phoneAway', 'aimStill']);
    expect(document.querySelector('[data-check=night]')?.textContent).not.toContain('Passed,');
    expect(screen.queryByTestId('pass-together')).toBeNull();
  });
  it('puts the night off to a day, for us or for the customer, and takes it back', async () => {
    const { user, ready, kept, written } = proving();
    await ready();
    await user.click(row('night').getByRole('button', { name: 'do it now' }));
    const day = row('night').getByLabelText('put off to');
    fireEvent.change(day, { target: { value: '2026-12-03' } });
    fireEvent.blur(day);
    await user.click(row('night').getByRole('button', { name: 'The customer sends a picture' }));
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'checkPutOff',
      data: { pointId: 'yard', check: 'night', on: '2026-12-03', by: 'customer' },
    });
    expect(await screen.findByText(/Put off to 3 Dec 2026: the customer sends a picture/)).toBeTruthy();
    await user.click(row('night').getByRole('button', { name: 'again' }));
    await kept();
    expect(written().at(-1)?.kind).toBe('entryStruck');
  });
  it('writes down how far off the sensor fired', async () => {
    const { user, ready, kept, written } = proving();
    await ready();
    await user.click(row('sensorWalk').getByRole('button', { name: 'do it now' }));
    await user.type(row('sensorWalk').getByLabelText('farthest it fired at'), '7.5 m');
    await user.click(row('sensorWalk').getByRole('button', { name: 'Write it down' }));
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ check: 'sensorWalk', figure: 7.5, result: 'passed' });
    expect(row('sensorWalk').getByText(/7\.5 m/)).toBeTruthy();
  });
});
