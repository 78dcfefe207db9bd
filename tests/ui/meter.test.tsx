/** @vitest-environment jsdom */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { act, screen, waitFor, within } from '@testing-library/react';
import type { MeterReading } from '@/contract/instrument';
import { Written, close, openJob } from './onScreen';

/** The stream of a meter, which a test lets speak. */
class FakeStream extends EventTarget {
  static all: FakeStream[] = [];
  onmessage: ((event: MessageEvent<string>) => void) | null = null;
  onerror: (() => void) | null = null;
  closed = false;
  constructor(readonly url: string) {
    super();
    // That of a job’s news is none of a meter
    if (url.includes('/sim/meter')) FakeStream.all.push(this);
  }
  close(): void {
    this.closed = true;
  }
  say(frame: unknown): void {
    act(() =>
      this.onmessage?.(
        new MessageEvent('message', { data: typeof frame === 'string' ? frame : JSON.stringify(frame) }),
      ),
    );
  }
}
beforeEach(() => {
  FakeStream.all = [];
  Object.assign(globalThis, { EventSource: FakeStream });
});
afterEach(close);

const frame = (text: string, more: Partial<MeterReading> = {}): MeterReading => ({
  value: Number.parseFloat(text),
  unit: 'V',
  text,
  settled: false,
  beeps: false,
  problem: null,
  simulated: true,
  ...more,
});
const begun = () =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'na-120' })
    .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' })
    .write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 10 });
const measure = (simulatedDevices = true) =>
  openJob(begun().entries, { rung: 'measure', settings: { simulatedDevices } });
const stream = (): FakeStream => {
  const last = FakeStream.all.at(-1);
  if (!last) throw new Error('no stream');
  return last;
};
const take = 'Take open volts, transformer from the meter';

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
    stream().say(frame('12.1'));
    expect(dialog.getByTestId('meter-display').textContent).toBe('12.1 V');
    expect(dialog.getByRole('button', { name: 'Take it' })).toHaveProperty('disabled', true);
    stream().say(frame('18.4', { settled: true }));
    expect(dialog.getByText('It stands still.')).toBeTruthy();
    await user.click(dialog.getByRole('button', { name: 'Take it' }));
    await kept();
    expect(written()[0]?.data).toMatchObject({ what: 'volts', state: 'open', low: 18.4, high: 18.4, simulated: true });
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(stream().closed).toBe(true);
  });
  it('puts the probes on anew at “again”', async () => {
    const { user, ready } = measure();
    await ready();
    await user.click(screen.getByRole('button', { name: take }));
    const dialog = within(await screen.findByRole('dialog'));
    const first = stream();
    await user.click(dialog.getByRole('button', { name: 'Again' }));
    await waitFor(() => expect(stream()).not.toBe(first));
    expect(first.closed).toBe(true);
  });
  it.each([
    ['something that is no display', 'welcome, guest'],
    ['a display without its unit', { value: 3, text: '3' }],
  ])('is away where %s comes', async (_what, said) => {
    const { user, ready } = measure();
    await ready();
    await user.click(screen.getByRole('button', { name: take }));
    await screen.findByRole('dialog');
    stream().say(said);
    expect(screen.getByText('The meter can’t be reached. Type the figure instead.')).toBeTruthy();
  });
  it('says why it shows nothing, and nothing can be taken then', async () => {
    const { user, ready } = measure();
    await ready();
    await user.click(screen.getByRole('button', { name: take }));
    await screen.findByRole('dialog');
    stream().say(frame('OL', { value: null, settled: true, problem: 'Over the range.' }));
    expect(screen.getByText('Over the range.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Take it' })).toHaveProperty('disabled', true);
  });
  it('is opened by its key at the field that is asked for', async () => {
    const { user, ready } = measure();
    await ready();
    screen.getByRole('main').focus();
    await user.keyboard('m');
    expect(await screen.findByRole('dialog')).toBeTruthy();
    expect(FakeStream.all).toHaveLength(1);
  });
  it('is no longer marked once its figure is typed over', async () => {
    const { user, ready, kept, written } = measure();
    await ready();
    await user.type(screen.getByLabelText('open volts, transformer'), '18.2{Enter}');
    await kept();
    expect(written()[0]?.data).not.toHaveProperty('simulated');
  });
});
