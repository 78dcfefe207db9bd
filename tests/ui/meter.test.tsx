/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { Written, close, openJob } from './onScreen';

// The simulated meter itself, on the job that stands here: it asks no server.
afterEach(close);

const begun = () =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'na-120' })
    .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' })
    .write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 10 });
const measure = (simulatedDevices = true) =>
  openJob(begun().entries, { rung: 'measure', settings: { simulatedDevices } });
const take = 'Take open volts, transformer from the meter';
const still = () => screen.findByText('It stands still.');
const display = () => screen.getByTestId('meter-display').textContent;

describe('the meter', () => {
  it('is not there where no devices are simulated', async () => {
    const { ready } = measure(false);
    await ready();
    expect(screen.queryByRole('button', { name: take })).toBeNull();
  });
  it('runs up, stands still, is taken, and marks what it gave', async () => {
    const { user, ready, kept, written } = measure();
    await ready();
    await user.click(screen.getByRole('button', { name: take }));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByText(/^V AC, probes on transformer screw and other screw/)).toBeTruthy();
    await dialog.findByText('settling…');
    expect(dialog.getByRole('button', { name: 'Take it' })).toHaveProperty('disabled', true);
    await still();
    const shown = Number.parseFloat(display() ?? '');
    expect(shown).toBeGreaterThan(8);
    await user.click(dialog.getByRole('button', { name: 'Take it' }));
    await kept();
    expect(written()[0]?.data).toMatchObject({
      what: 'volts',
      state: 'open',
      low: shown,
      high: shown,
      simulated: true,
    });
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });
  it('puts the probes on anew at “again”, and shows the same', async () => {
    const { user, ready } = measure();
    await ready();
    await user.click(screen.getByRole('button', { name: take }));
    await still();
    const before = display();
    await user.click(screen.getByRole('button', { name: 'Again' }));
    await screen.findByText('settling…');
    await still();
    expect(display()).toBe(before);
  });
  it('reads without a server: in a cellar it is asked nothing', async () => {
    const { user, ready, server, bench } = measure();
    await ready();
    server.instead = () => {
      throw new TypeError('fetch failed');
    };
    await user.click(screen.getByRole('button', { name: take }));
    await still();
    const shown = Number.parseFloat(display() ?? '');
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    await waitFor(() => expect(bench().textContent).toContain(`${shown} V`));
    expect(server.asked.filter((asked) => asked.includes('/sim/'))).toEqual([]);
  });
  it('says why it shows nothing, and nothing can be taken then', async () => {
    const { user, ready } = measure();
    await ready();
    // Its circuit is live: who asks for ohms is told so
    await user.click(screen.getByRole('button', { name: 'Take chime coil ohms from the meter' }));
    await screen.findByRole('dialog');
    expect(await screen.findByText('Live: take volts, not ohms. Switch it off first.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Take it' })).toHaveProperty('disabled', true);
  });
  it('is opened by its key at the field that is asked for', async () => {
    const { user, ready } = measure();
    await ready();
    screen.getByRole('main').focus();
    await user.keyboard('m');
    expect(await screen.findByRole('dialog')).toBeTruthy();
    await still();
  });
  it('is no longer marked once its figure is typed over', async () => {
    const { user, ready, kept, written } = measure();
    await ready();
    await user.type(screen.getByLabelText('open volts, transformer'), '18.2{Enter}');
    await kept();
    expect(written()[0]?.data).not.toHaveProperty('simulated');
  });
});
