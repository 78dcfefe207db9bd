import { CREW, DEMO_JOBS, demoEntry } from '@/demo/demoFirm';
import { addToCrew } from '@/server/crew';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { dataFolder, openStore } from '@/server/store';

// Builds the made-up firm by appending ordinary entries.
const { db, clock } = await openStore(dataFolder());
const by = CREW[0] ?? { id: 'ines', name: 'Ines' };
for (const person of CREW) await addToCrew(db, person);
for (const { title, lines } of DEMO_JOBS) {
  const id = clock.newId();
  await createJob(db, clock, { id, at: clock.now(), by, title });
  const entries = lines.map((line) => demoEntry(line, clock.newId(), clock.now(), by));
  await appendEntries(db, clock, id, entries);
}
await db.destroy();
