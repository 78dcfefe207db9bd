import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { newEntry, type Entry } from '@/core/kinds';
import { keptLog } from '@/ui/log/keptLog';
import { keepLogsAhead } from '@/ui/log/logsAhead';
import { headHere } from '@/ui/log/newJobs';
import { emptyShelf } from './emptyShelf';

const BY = { id: 'ines', name: 'Ines' };
const timeOf = (seq: number): string => `2026-03-04T09:00:${String(seq).padStart(2, '0')}.000Z`;
const idOf = (job: number): string => `018f0000-0000-7000-8000-00000000000${job}`;
const note = (job: number, seq: number): Entry => ({
  ...newEntry(
    'noteWritten',
    { text: `note ${seq}` },
    { id: `018f0000-0000-7000-800${job}-0000000000${seq}0`, at: timeOf(seq), by: BY },
  ),
  seq,
  receivedAt: timeOf(seq),
});

/** A server with some jobs of so many notes; what it was asked. */
function serving(jobs: Map<number, number>, gone: readonly number[] = []): string[] {
  const asked: string[] = [];
  const told = (body: unknown, status = 200) =>
    Promise.resolve({
      ok: status < 400,
      status,
      headers: new Headers(),
      json: () => Promise.resolve(body),
    } as Response);
  globalThis.fetch = (to) => {
    const path = (typeof to === 'string' ? to : '').replace('/api/v1', '');
    asked.push(path);
    const job = Number(/^\/jobs\/[0-9a-f-]+(\d)(?=$|\/)/.exec(path)?.[1]);
    if (gone.includes(job)) return told({ status: 404, title: 'x', detail: 'There is no such job.', errors: [] }, 404);
    const count = jobs.get(job) ?? 0;
    if (!path.includes('/entries')) return told({ id: idOf(job), title: `Job ${job}`, createdAt: timeOf(0) });
    const after = Number(/after=(\d+)/.exec(path)?.[1]);
    const entries = Array.from({ length: count - after }, (_, i) => note(job, after + i + 1));
    return told({ entries, last: count });
  };
  return asked;
}
const listed = (job: number, last: number) => ({ id: idOf(job), updatedAt: timeOf(last) });
const keptOf = async (job: number): Promise<number> => (await keptLog(idOf(job))).length;

beforeEach(() => emptyShelf());

describe('the logs of open jobs', () => {
  it('are here before anybody opens them, and are asked for again only where they have grown', async () => {
    const jobs = new Map([
      [1, 3],
      [2, 2],
    ]);
    const asked = serving(jobs);
    await keepLogsAhead([listed(1, 3), listed(2, 2)]);
    expect([await keptOf(1), await keptOf(2)]).toEqual([3, 2]);
    expect(await headHere(idOf(1))).toEqual({ id: idOf(1), title: 'Job 1', createdAt: timeOf(0) });
    asked.length = 0;
    jobs.set(2, 4);
    await keepLogsAhead([listed(1, 3), listed(2, 4)]);
    expect(asked).toEqual([`/jobs/${idOf(2)}`, `/jobs/${idOf(2)}/entries?after=2`]);
    expect(await keptOf(2)).toBe(4);
  });
  it('of which one is gone meanwhile are here all the same, the others', async () => {
    serving(new Map([[3, 1]]), [1]);
    await keepLogsAhead([listed(1, 3), listed(3, 1)]);
    expect([await keptOf(1), await keptOf(3)]).toEqual([0, 1]);
  });
  it('wait for another time where nobody answers', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('fetch failed'));
    await expect(keepLogsAhead([listed(1, 3)])).rejects.toThrow();
    expect(await keptOf(1)).toBe(0);
  });
});
