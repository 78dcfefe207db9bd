/** @vitest-environment jsdom */
import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { fireEvent, screen } from '@testing-library/react';
import { Written, close, openJob } from './onScreen';

// There is no drawing surface here: nobody can sign
beforeAll(() => {
  HTMLCanvasElement.prototype.getContext = () => null;
});
afterEach(close);

const left = () => {
  const log = new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'gb-230' })
    .write('pointAdded', { pointId: 'yard', pointKind: 'plugFloodlight', name: 'Yard' });
  return openJob(log.entries, { rung: 'leave' });
};
const button = (name: string) => screen.findByRole('button', { name });
const handed = (kind: string) => (entries: readonly { readonly kind: string; readonly data: unknown }[]) =>
  entries.filter((entry) => entry.kind === kind);

describe('handing over', () => {
  it('is not signed by a field on which nothing was drawn, and says so there', async () => {
    const { user, ready, written } = left();
    await ready();
    await user.click(await screen.findByLabelText('signs here'));
    await user.type(await screen.findByLabelText(/^what was told or stays to do/), 'lamps come on Monday');
    await user.click(await button('The sheet is handed over'));
    expect((await screen.findByRole('alert')).textContent).toContain('no signature yet');
    expect(handed('pointLeft')(written())).toEqual([]);
  });
  it('says why nobody signs, and is not taken without', async () => {
    const { user, ready, kept, written } = left();
    await ready();
    await user.click(await screen.findByLabelText('is not there'));
    await user.type(await screen.findByLabelText(/^what was told or stays to do/), 'lamps come on Monday');
    await user.click(await button('The sheet is handed over'));
    expect(handed('pointLeft')(written())).toEqual([]);
    await user.type(await screen.findByLabelText('why nobody signs'), 'at work till five');
    await user.click(await button('The sheet is handed over'));
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'pointLeft',
      data: { pointId: 'yard', signed: 'absent', unsignedWhy: 'at work till five', remark: 'lamps come on Monday' },
    });
    expect(await screen.findByText(/nobody was there\. at work till five/)).toBeTruthy();
  });
  it('keeps the days that come due, and offers them as a calendar', async () => {
    const { ready, kept, written } = left();
    await ready();
    expect(screen.queryByRole('link', { name: /^Calendar/ })).toBeNull();
    const field = await screen.findByLabelText('battery looked at next');
    fireEvent.change(field, { target: { value: '2027-03-01' } });
    fireEvent.blur(field);
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'handoverDescribed',
      data: { pointId: 'yard', batteryOn: '2027-03-01' },
    });
    expect((await screen.findByRole('link', { name: 'Calendar, one date' })).getAttribute('href')).toMatch(/calendar$/);
  });
});
