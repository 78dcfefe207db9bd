import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ProblemError } from '@/contract/problem';
import type { Clock } from '../clock';
import { entry, newJob, temporaryStore } from '../forTests';
import type { Store } from '../store';
import { appendEntries, createJob } from './entryStore';
import { jobLog } from './jobLog';

const NOON = Date.parse('2026-03-04T12:00:00Z');
const [MINUTE, DAY] = [60_000, 86_400_000];
const at = (ms: number): string => new Date(ms).toISOString();

/** The server’s clock, which a test sets. */
function clockAt(store: Store, ms: number): Clock {
  return { now: () => at(ms), newId: () => store.clock.newId() };
}

let store: Store;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ store, end } = await temporaryStore());
});
afterAll(() => end());

const begun = async (): Promise<string> => {
  const job = newJob();
  await createJob(store.db, clockAt(store, NOON), job);
  return job.id;
};
const texts = async (job: string): Promise<readonly unknown[]> =>
  (await jobLog(store.db, job)).entries.map(({ seq, data }) => [seq, (data as { text?: string }).text]);
const said = (text: string, ms: number) => entry('noteWritten', { text }, { at: at(ms) });

describe('a server whose clock jumps', () => {
  it('numbers on and keeps all, a year ahead and back again', async () => {
    const job = await begun();
    await appendEntries(store.db, clockAt(store, NOON), job, [said('before', NOON)]);
    await appendEntries(store.db, clockAt(store, NOON + 365 * DAY), job, [said('a year ahead', NOON + MINUTE)]);
    await appendEntries(store.db, clockAt(store, NOON + 2 * MINUTE), job, [said('set right', NOON + 2 * MINUTE)]);
    expect(await texts(job)).toEqual([
      [1, 'before'],
      [2, 'a year ahead'],
      [3, 'set right'],
    ]);
  });
  it('a day back takes devices for being ahead, tells its time, and writes nothing of it', async () => {
    const job = await begun();
    const slow = clockAt(store, NOON - DAY);
    const right = said('by a right clock', NOON);
    const refusal = await appendEntries(store.db, slow, job, [right]).catch((error: unknown) => error);
    expect(refusal).toBeInstanceOf(ProblemError);
    expect(refusal).toMatchObject({ status: 422, serverTime: at(NOON - DAY) });
    expect(await texts(job)).toEqual([]);
    // The device dates it by that time, and once the server is set right by the right one again
    await appendEntries(store.db, slow, job, [{ ...right, at: at(NOON - DAY) }]);
    await appendEntries(store.db, clockAt(store, NOON + MINUTE), job, [said('afterwards', NOON + MINUTE)]);
    expect(await texts(job)).toEqual([
      [1, 'by a right clock'],
      [2, 'afterwards'],
    ]);
  });
  it('knows what it has by its id, whatever its clock said then', async () => {
    const job = await begun();
    const one = said('once', NOON);
    await appendEntries(store.db, clockAt(store, NOON), job, [one]);
    // Sent again after an answer was lost, while the clock stands a day back: it is there, and not ahead of anything
    await appendEntries(store.db, clockAt(store, NOON - DAY), job, [one]);
    expect(await texts(job)).toEqual([[1, 'once']]);
  });
});
