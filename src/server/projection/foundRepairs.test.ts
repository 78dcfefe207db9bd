import { afterAll, beforeAll, expect, it } from 'vitest';
import type { EntryData } from '@/core/kinds';
import { entry, newJob, temporaryStore } from '../forTests';
import { appendEntries, createJob } from '../jobs/entryStore';
import type { Store } from '../store';
import { repairsFound } from './foundRepairs';
import { broughtUp } from './soon';

let store: Store;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ store, end } = await temporaryStore());
});
afterAll(() => end());

const door = {
  pointId: 'front',
  pointKind: 'doorbell',
  name: 'Front',
  supplyId: 's',
  chimeId: 'c',
  boxId: 'b',
} as const;
type Repair = Omit<EntryData<'repairTried'>, 'troubleId' | 'pointId'>;
const trouble = { troubleId: 'dark', pointId: 'front' };

/** A job whose doorbell was out of order, with what was tried. @returns the entries of those repairs */
async function repaired(...repairs: readonly Repair[]) {
  const job = newJob();
  await createJob(store.db, store.clock, job);
  const opened = [entry('pointAdded', door), entry('troubleOpened', { ...trouble, symptom: 'offline' })];
  const tried = repairs.map((repair) => entry('repairTried', { ...trouble, ...repair }));
  await appendEntries(store.db, store.clock, job.id, [...opened, ...tried]);
  await broughtUp(store.db);
  return { jobId: job.id, tried };
}

it('what repairs have taught is counted over all jobs: what helped, not what was tried in vain', async () => {
  expect(await repairsFound(store.db)).toEqual({ counts: {}, deadNew: [] });
  await repaired({ fault: 'deviceDead', fixed: false }, { fault: 'openToDoor', fixed: true });
  await repaired({ fault: 'openToDoor+fuseOpen', fixed: true });
  const { jobId, tried } = await repaired({ fault: 'noModule', fixed: true, deadNew: true, batch: 'L 4' });
  expect(await repairsFound(store.db)).toEqual({
    counts: { openToDoor: 2, fuseOpen: 1, noModule: 1 },
    deadNew: [{ fault: 'noModule', batch: 'L 4' }],
  });
  // Struck out it has taught nothing
  const [struck] = tried;
  await appendEntries(store.db, store.clock, jobId, [
    entry('entryStruck', { target: struck?.id ?? '', reason: 'another house' }),
  ]);
  await broughtUp(store.db);
  expect((await repairsFound(store.db)).counts).toEqual({ openToDoor: 2, fuseOpen: 1 });
});

it('a row that somebody has meddled with teaches nothing', async () => {
  for (const repairs of ['[{"fault":7},4]', '{', '7']) {
    await store.db.updateTable('board').set({ repairs }).execute();
    expect(await repairsFound(store.db)).toEqual({ counts: {}, deadNew: [] });
  }
});
