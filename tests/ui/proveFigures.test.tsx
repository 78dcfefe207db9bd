/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { close, openJob } from './onScreen';
import { siteOf } from './firm';

afterEach(close);

const row = (id: string) => within(document.querySelector<HTMLElement>(`[data-check=${id}]`) ?? document.body);
/** A door at which nothing was tried yet. */
const proving = (title = 'Oyster Quay 5') =>
  openJob(
    siteOf(title, ({ kind }) => kind === 'checkDone'),
    { rung: 'prove' },
  );

describe('what is asked back at a door', () => {
  it('takes the volts of one place together, each against its own band, and leaves out what was not read', async () => {
    const { user, ready, kept, written } = proving();
    await ready();
    await user.click(row('standbyVolts').getByRole('button', { name: 'do it now' }));
    const bands = await waitFor(() => {
      const all = [
        ...(row('standbyVolts')
          .getByTestId('band')
          .textContent?.matchAll(/([\d.]+) to ([\d.]+) V/g) ?? []),
      ];
      expect(all).toHaveLength(3);
      return all.map(([, low, high]) => (Number(low) + Number(high)) / 2);
    });
    await user.type(row('standbyVolts').getByLabelText('volts, standby'), bands[0]?.toFixed(1) ?? '');
    await user.type(row('standbyVolts').getByLabelText('volts, live at night'), '3');
    await user.click(row('standbyVolts').getByRole('button', { name: 'Write it down' }));
    await kept();
    const checks = written().flatMap((entry) => (entry.kind === 'checkDone' ? [entry.data] : []));
    expect(checks.map(({ check, result, at }) => [check, result, at])).toEqual([
      ['nightVolts', 'failed', 'transformer'],
      ['standbyVolts', 'passed', 'transformer'],
    ]);
    // What is to be read next stands beside the job at once
    expect(await screen.findAllByText(/Read next: the mains at this moment/)).toHaveLength(2);
  });
  it('asks how it rang before it takes seconds, and fails on a muffled ring in time', async () => {
    const { user, ready, kept, written } = proving('Cormorant Row 7');
    await ready();
    await user.click(row('ring').getByRole('button', { name: 'do it now' }));
    expect(row('ring').queryByLabelText('seconds until it rings')).toBeNull();
    await user.click(row('ring').getByText('muffled'));
    await user.type(row('ring').getByLabelText('seconds until it rings'), '1');
    await user.click(row('ring').getByRole('button', { name: 'Write it down' }));
    await kept();
    expect(written().at(-1)?.data).toMatchObject({
      check: 'ring',
      result: 'failed',
      rang: 'muffled',
      figure: 1,
      reason: 'It rang muffled.',
    });
  });
  it('takes a setting at one tap', async () => {
    const { user, ready, kept, written } = proving();
    await ready();
    await user.click(row('setting').getByRole('button', { name: 'do it now' }));
    const wanted = row('setting').getByTestId('wanted-setting').querySelector('b')?.textContent ?? '';
    await user.click(within(row('setting').getByRole('radiogroup')).getByText(wanted));
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ check: 'setting', result: 'passed' });
    expect(written().at(-1)?.data).toHaveProperty('setTo', expect.stringMatching(/./));
  });
});
