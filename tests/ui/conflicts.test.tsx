/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { newEntry, type Entry } from '@/core/kinds';
import { keepLog, keptLog } from '@/ui/log/keptLog';
import { INES, TOMAS, Written, close, openJob, reload } from './onScreen';

afterEach(close);

const begun = () =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'na-120' })
    .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' });

/** What two wrote who knew no more than the first entries. */
function both(entries: readonly Entry[]): readonly Entry[] {
  const at = new Date(Date.now() - 1000).toISOString();
  const said = (by: typeof INES, wall: 'brick' | 'timber', n: number): Entry => ({
    ...newEntry(
      'pointDescribed',
      { pointId: 'front', wall },
      { id: `00000000-0000-7000-8000-00000000ff0${n}`, at, by, seen: entries.length },
    ),
    seq: entries.length + n,
    receivedAt: at,
  });
  return [...entries, said(INES, 'brick', 1), said(TOMAS, 'timber', 2)];
}

describe('two answers to one fact', () => {
  it('stand with who gave them, and one is settled by a tap', async () => {
    const { user, ready, kept, written } = openJob(both(begun().entries), { rung: 'look', area: 'door' });
    await ready();
    const conflict = await screen.findByRole('region', { name: 'Two answers' });
    expect(conflict.textContent).toContain('Two answers: wall');
    expect(within(conflict).getByRole('button', { name: /Timber.*Tomas.*stands now/ })).toBeTruthy();
    await user.click(within(conflict).getByRole('button', { name: /Brick.*Ines/ }));
    await kept();
    expect(written().map(({ kind, data }) => [kind, data])).toEqual([
      ['pointDescribed', { pointId: 'front', wall: 'brick' }],
    ]);
    await waitFor(() => expect(screen.queryByRole('region', { name: 'Two answers' })).toBeNull());
    expect(screen.getByRole<HTMLInputElement>('radio', { name: 'brick' }).checked).toBe(true);
  });
});

describe('a page that is older than what this browser read', () => {
  const HEAD = { id: 'job', title: 'Siskin House', createdAt: '2026-03-04T09:00:00Z' };

  it('shows what was read since, without a server', async () => {
    const { entries } = begun();
    await keepLog(HEAD, begun().write('pointDescribed', { pointId: 'front', wall: 'brick' }).entries);
    const { ready, server } = openJob(entries, { rung: 'look', area: 'door' });
    server.instead = () => {
      throw new TypeError('fetch failed');
    };
    await ready();
    await waitFor(() => expect(screen.getByRole<HTMLInputElement>('radio', { name: 'brick' }).checked).toBe(true));
  });
  it('keeps what it read for the next time, and believes nothing that it can’t read', async () => {
    const opened = openJob(begun().entries, { rung: 'look', area: 'door' });
    await opened.ready();
    await opened.user.click(screen.getByText('brick'));
    await opened.kept();
    await waitFor(async () => expect((await keptLog('job')).at(-1)).toMatchObject({ data: { wall: 'brick' } }));
    reload();
    await keepLog(HEAD, [{ id: 'no entry' }] as unknown as readonly Entry[]);
    expect(await keptLog('job')).toEqual([]);
  });
});
