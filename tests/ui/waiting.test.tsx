/** @vitest-environment jsdom */
import { afterEach, describe, expect, it, vi } from 'vitest';
import { fireEvent, screen, within } from '@testing-library/react';
import { Written, close, openJob } from './onScreen';

afterEach(async () => {
  await close();
  vi.restoreAllMocks();
});

const NOW = Date.parse('2026-03-05T12:00:00Z');
const row = (id: string) => within(document.querySelector<HTMLElement>(`[data-check=${id}]`) ?? document.body);

/** A doorbell that is on and lit, at noon; its log is dated in March. */
function lit(): Written {
  return new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'na-120' })
    .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door' })
    .write('circuitListed', { circuitId: 'c', way: 'B7', feeds: ['front'] })
    .write('circuitSwitched', { circuitId: 'c', to: 'on' })
    .write('checkDone', { pointId: 'front', check: 'lit', result: 'passed' })
    .write('waitStarted', { pointId: 'front', check: 'firstCharge', minutes: 15 });
}
/** Opens it with its timer started so long ago; less than 0: by a clock that is ahead. */
async function started(minutesAgo: number) {
  const log = lit();
  const at = new Date(NOW - minutesAgo * 60_000).toISOString();
  const entries = log.entries.map((entry) => (entry.kind === 'waitStarted' ? { ...entry, at } : entry));
  vi.spyOn(Date, 'now').mockReturnValue(NOW);
  const opened = openJob(entries, { rung: 'prove' });
  await opened.ready();
  return opened;
}
const timer = async (): Promise<string> => (await row('firstCharge').findByRole('timer')).textContent ?? '';

describe('a timer', () => {
  it('counts from its entry, whenever the page is opened', async () => {
    await started(5);
    expect(await timer()).toContain('10:00');
  });
  it('says that it is over, and from when it was where somebody forgot it', async () => {
    await started(16);
    expect(await timer()).toBe('The 15 minutes are over: look at it now.');
    await close();
    await started(26 * 60);
    expect(await timer()).toMatch(/^Started 4 Mar \d\d:00, the 15 minutes are long over/);
  });
  it('counts nothing by a clock that was ahead, and says why', async () => {
    await started(-90);
    expect(await timer()).toContain('which is still to come');
  });
  it('takes a clock that is a little ahead for its own: it never takes longer than it takes', async () => {
    await started(-0.5);
    expect(await timer()).toContain('15:00');
  });
});

describe('switching on after somebody else', () => {
  it('names whose word it is and whose lock, and has no button while steps are open', async () => {
    const log = new Written()
      .write('siteDescribed', { name: 'Siskin House', region: 'na-120' })
      .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door' })
      .write('circuitListed', { circuitId: 'c', way: 'B7', feeds: ['front'] })
      .write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });
    const entries = log.entries.map((entry) =>
      entry.kind === 'circuitSwitched' ? { ...entry, by: { id: 'tomas', name: 'Tomas' } } : entry,
    );
    const { user, ready, kept, written } = openJob(entries, { rung: 'prove' });
    await ready();
    const section = await screen.findByTestId('power-on');
    expect(section.textContent).toContain('B7 is off on Tomas’s word');
    expect(section.textContent).toContain('Tomas’s lock off');
    await user.click(within(section).getByRole('button', { name: 'B7 is on' }));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'circuitSwitched', data: { circuitId: 'c', to: 'on' } });
    expect(screen.queryByTestId('power-on')).toBeNull();
  });
});

describe('the code of a device', () => {
  const mount = () =>
    openJob(
      new Written()
        .write('siteDescribed', { name: 'Siskin House', region: 'na-120' })
        .write('pointAdded', { pointId: 'yard', pointKind: 'plugFloodlight', name: 'Yard' }).entries,
      { rung: 'mount' },
    );
  it('takes a line at Mount until somebody wants it, and can be said to be none', async () => {
    const { user, ready, kept, written } = mount();
    await ready();
    const before = () => within(screen.getByTestId('code-before'));
    expect(before().queryByRole('button', { name: 'Code off a picture' })).toBeNull();
    await user.click(before().getByRole('button', { name: 'Its code, before it goes on the wall' }));
    await user.click(before().getByRole('button', { name: 'None to be read' }));
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ codeReadBy: 'none' });
    await user.click(before().getByRole('button', { name: 'It has one' }));
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ codeReadBy: null });
  });
  it('says so where a picture is larger than any server takes', async () => {
    const { user, ready, written } = mount();
    await ready();
    await user.click(await screen.findByRole('button', { name: 'Its code, before it goes on the wall' }));
    const huge = new File(['x'], 'huge.jpg', { type: 'image/jpeg' });
    Object.defineProperty(huge, 'size', { value: 60 * 1024 * 1024 });
    const input = document.querySelector<HTMLInputElement>('[data-testid=scan-code] input[type=file]');
    if (!input) throw new Error('no picture is asked for');
    fireEvent.change(input, { target: { files: [huge] } });
    expect((await screen.findByRole('alert')).textContent).toBeTruthy();
    expect(written()).toEqual([]);
  });
});
