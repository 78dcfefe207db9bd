import { set, addDays } from 'date-fns';
import { CREW, INES } from '@/demo/crew';
import { demoJobs } from '@/demo/demoFirm';
import { addToCrew } from '@/server/crew';
import { DEMO_PICTURES } from '@/demo/pictures';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { keepPhoto } from '@/server/photos/photoStore';
import { writeSettings } from '@/server/settings';
import { dataFolder, openStore } from '@/server/store';
import type { NewEntry } from '@/core/job';
import sharp from 'sharp';

// Builds the made-up firm by appending ordinary entries.
const store = await openStore(dataFolder());
const { db, clock } = store;
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
  for (const { svg, caption, trial, marks } of DEMO_PICTURES.filter(({ site }) => site === title)) {
    const drawn = await sharp(Buffer.from(svg)).png().toBuffer();
    const { sha256, widthPx, heightPx } = await keepPhoto(store, id, drawn);
    const photoId = clock.newId();
    const made = { at: entries.at(-1)?.at ?? clock.now(), by: INES };
    const pinned = { photoId, rung: 'look' as const, pointOf: 'front', caption, trial, marks: [...marks] };
    const added: NewEntry[] = [
      { id: clock.newId(), ...made, kind: 'photoAttached', data: { photoId, sha256, widthPx, heightPx } },
      { id: clock.newId(), ...made, kind: 'photoDescribed', data: pinned },
    ];
    await appendEntries(db, clock, id, added);
  }
}
// The demo has no meter but the simulated one
await writeSettings(db, { simulatedDevices: true });
await db.destroy();
