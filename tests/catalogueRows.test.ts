import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { v7 } from 'uuid';
import { SHELVES, type OwnItem } from '@/core/catalogue';
import { newEntry } from '@/core/kinds';
import { demoJobs } from '@/demo/demoFirm';
import { newJob, temporaryStore } from '@/server/forTests';
import { gateOf } from '@/server/jobs/askedJob';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { boardJobs, dayOf } from '@/server/jobs/jobList';
import { removeOwnItem, writeOwnItems } from '@/server/ownItems';
import { broughtUp, catchUpSoon } from '@/server/projection/soon';
import type { Store } from '@/server/store';

const weakest = (id: string): OwnItem => ({
  shelf: 'transformer',
  values: { ...SHELVES.transformer.shipped.find((one) => one.id === id), ratedVa: 8 },
});

let store: Store;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ store, end } = await temporaryStore());
});
afterAll(() => end());

describe('the firm’s own items', () => {
  // A door where a transformer is to be put in: what it can be is in the catalogue
  it('are what the Board and the gate propose from, as the job’s page does', async () => {
    const { db, clock } = store;
    const [lodge] = demoJobs(v7, (days, hour) => Date.UTC(2026, 2, 10 + days, hour)).filter(
      ({ title }) => title === 'Turnstone Lodge',
    );
    if (!lodge) throw new Error('no such job');
    const job = newJob(lodge.title);
    await createJob(db, clock, job);
    await appendEntries(
      db,
      clock,
      job.id,
      lodge.entries.map(({ id, at, by, kind, data }) => newEntry(kind, data, { id, at, by })),
    );
    await broughtUp(db);
    const told = async () => {
      const [row] = (await boardJobs(db, '', dayOf(clock.now()))).flatMap(({ jobs }) => jobs);
      const gate = await gateOf(db, { folder: store.folder, jobId: job.id, as: 'ines', at: clock.now() });
      const [point] = (JSON.parse(typeof gate === 'string' ? gate : '') as { points: { verdict: { code: string } }[] })
        .points;
      return { isBehind: row?.isBehind, board: row?.points[0]?.verdict?.word, gate: point?.verdict.code };
    };
    expect(await told()).toEqual({ isBehind: false, board: 'leading', gate: 'leading' });
    // Each that ships is taken the place of by one that is far too weak
    const weak = SHELVES.transformer.shipped.map(({ id }) => weakest(String(id)));
    await writeOwnItems(db, weak);
    expect(await told()).toMatchObject({ isBehind: true, gate: 'fails' });
    catchUpSoon(db);
    await vi.waitFor(async () => expect(await told()).toEqual({ isBehind: false, board: 'fails', gate: 'fails' }));
    for (const { values } of weak) await removeOwnItem(db, 'transformer', String(values.id));
    expect(await told()).toMatchObject({ isBehind: true });
    // Asked again while it is at it: what was marked meanwhile is not left behind
    catchUpSoon(db);
    catchUpSoon(db);
    await vi.waitFor(async () => expect(await told()).toEqual({ isBehind: false, board: 'leading', gate: 'leading' }));
  });
});
