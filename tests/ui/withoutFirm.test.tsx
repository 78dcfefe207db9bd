/** @vitest-environment jsdom */
import { afterEach, describe, expect, it, vi } from 'vitest';
import { act, screen, waitFor } from '@testing-library/react';
import { answer } from '@/contract/answers';
import { momentText } from '@/ui/figures/momentText';
import { Frame } from '@/ui/frame/Frame';
import { call } from '@/ui/log/api';
import { noteReached } from '@/ui/log/firm';
import { CREW, answering, close, show } from './onScreen';

afterEach(async () => {
  vi.restoreAllMocks();
  await close();
  localStorage.removeItem('fox-ladder-reached');
});

const told = (): string | null | undefined =>
  screen.getAllByRole('status').find((one) => one.className === 'without-firm')?.textContent;
const open = () =>
  show(
    <Frame crew={CREW} own={null} theme="paper" currency="none">
      <p>a page</p>
    </Frame>,
  );
const asked = (): Promise<unknown> =>
  call(
    '/session',
    answer((value): value is unknown => value !== null),
  ).catch(() => null);

describe('the firm’s server', () => {
  it('is away from when it answered last, and back as soon as it answers anything', async () => {
    const at = new Date();
    at.setHours(0, 7, 0, 0);
    act(() => noteReached(at.getTime()));
    globalThis.fetch = () => Promise.reject(new TypeError('fetch failed'));
    open();
    await waitFor(() => expect(told()).toBe('Without the firm since 00:07'));
    globalThis.fetch = () => Promise.resolve(answering({ account: null }) as Response);
    await act(asked);
    expect(told()).toBe('');
  });
  it.each([
    ['a gateway that fails', () => answering(undefined, 502)],
    ['somebody who speaks otherwise', () => answering({ welcome: 'guest' })],
  ])('is away where there is %s in its place', async (_who, instead) => {
    act(() => noteReached());
    globalThis.fetch = () => Promise.resolve(instead() as Response);
    open();
    await waitFor(() => expect(told()).toMatch(/^Without the firm since/));
  });
  it('is there where it refuses something, in its own words', async () => {
    act(() => noteReached());
    const problem = { title: 'Refused', status: 422, detail: 'No.', errors: [] };
    globalThis.fetch = () => Promise.resolve(answering(problem, 422) as Response);
    open();
    await act(asked);
    expect(told()).toBe('');
  });
  it('is written down for later pages, and believed where that can’t be', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('fetch failed'));
    open();
    await waitFor(() => expect(told()).toMatch(/^Without the firm/));
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    globalThis.fetch = () => Promise.resolve(answering({ account: null }) as Response);
    await act(asked);
    expect(told()).toBe('');
    full.mockRestore();
    // Not with each answer: several come in a second
    const at = Date.now() + 60_000;
    for (const later of [0, 3000, 6000, 9000]) noteReached(at + later);
    expect(localStorage.getItem('fox-ladder-reached')).toBe(String(at + 6000));
  });
  it('tells the day too where it was away since yesterday, as far as another page knew', async () => {
    vi.resetModules();
    localStorage.setItem('fox-ladder-reached', String(new Date(2026, 10, 1, 16, 5).getTime()));
    const { firmNow, noteAway } = await import('@/ui/log/firm');
    noteAway();
    expect(momentText(firmNow().reachedAt ?? 0)).toBe('1 Nov 16:05');
  });
});
