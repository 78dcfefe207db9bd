import { set, addDays } from 'date-fns';
import { CREW, INES } from '@/demo/crew';
import { demoJobs } from '@/demo/demoFirm';
import { addToCrew } from '@/server/crew';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { dataFolder, openStore } from '@/server/store';

// Builds the made-up firm by appending ordinary entries.
const { db, clock } = await openStore(dataFolder());
const today = new Date(clock.now());
const day = (days: number, hour: number): number =>
  set(addDays(today, days), { hours: hour, minutes: 0, seconds: 0, milliseconds: 0 }).getTime();
for (const person of CREW) await addToCrew(db, person);
for (const { title, entries } of demoJobs(() => clock.newId(), day)) {
  const id = clock.newId();
  await createJob(db, clock, { id, at: entries[0]?.at ?? clock.now(), by: INES, title });
  await appendEntries(
    db,
    clock,
    id,
    entries.map(({ seq: _seq, receivedAt: _receivedAt, ...entry }) => entry),
  );
}
await db.destroy();
