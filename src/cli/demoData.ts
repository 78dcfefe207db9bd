import { cpSync, existsSync, rmSync } from 'node:fs';
import path from 'node:path';
import { set, addDays } from 'date-fns';
import { CREW, INES } from '@/demo/crew';
import { demoJobs } from '@/demo/demoFirm';
import { addToCrew, listCrew } from '@/server/crew';
import { DATABASE_FILE, openDatabase } from '@/server/db/open';
import { DEMO_PICTURES } from '@/demo/pictures';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { keepPhoto } from '@/server/photos/photoStore';
import { broughtUp } from '@/server/projection/soon';
import { writeSettings } from '@/server/settings';
import { dataFolder, openStore } from '@/server/store';
import { newEntry, type NewEntry } from '@/core/kinds';
import sharp from 'sharp';

const MINUTE_MS = 60_000;

/** Whether nobody has written anything in a folder: no job, nobody in the crew. */
async function isUntouched(folder: string): Promise<boolean> {
  if (!existsSync(path.join(folder, DATABASE_FILE))) return true;
  const db = await openDatabase(folder);
  try {
    const job = await db.selectFrom('jobs').select('id').limit(1).executeTakeFirst();
    return job === undefined && (await listCrew(db)).length === 0;
  } finally {
    await db.destroy();
  }
}

/** Builds the made-up firm by appending ordinary entries. */
async function makeFirm(folder: string): Promise<void> {
  const store = await openStore(folder);
  const { db, clock } = store;
  const today = new Date(clock.now());
  const day = (days: number, hour: number): number =>
    set(addDays(today, days), { hours: hour, minutes: 0, seconds: 0, milliseconds: 0 }).getTime();
  for (const person of CREW) await addToCrew(db, person);
  for (const { title, entries } of demoJobs(() => clock.newId(), day)) {
    const id = clock.newId();
    // Made in the morning, a visit of today would lie ahead: it is told as if it had just ended
    const ahead = Math.max(0, Date.parse(entries.at(-1)?.at ?? '') + MINUTE_MS - today.getTime());
    const timeOf = (at: string): string => new Date(Date.parse(at) - ahead).toISOString();
    await createJob(db, clock, { id, at: timeOf(entries[0]?.at ?? clock.now()), by: INES, title });
    await appendEntries(
      db,
      clock,
      id,
      entries.map(({ seq: _seq, receivedAt: _receivedAt, imported: _imported, ...entry }) => ({
        ...entry,
        at: timeOf(entry.at),
      })),
    );
    for (const { svg, caption, trial, marks } of DEMO_PICTURES.filter(({ site }) => site === title)) {
      const drawn = await sharp(Buffer.from(svg)).png().toBuffer();
      const { sha256, widthPx, heightPx } = await keepPhoto(store, id, drawn);
      const photoId = clock.newId();
      const made = { at: timeOf(entries.at(-1)?.at ?? clock.now()), by: INES };
      const pinned = { photoId, rung: 'look' as const, pointOf: 'front', caption, trial, marks: [...marks] };
      const added: NewEntry[] = [
        newEntry('photoAttached', { photoId, sha256, widthPx, heightPx }, { id: clock.newId(), ...made }),
        newEntry('photoDescribed', pinned, { id: clock.newId(), ...made }),
      ];
      await appendEntries(db, clock, id, added);
    }
  }
  // The demo has no meter but the simulated one
  await writeSettings(db, { simulatedDevices: true, currency: 'USD' });
  await broughtUp(db);
  await db.destroy();
}

const folder = dataFolder();
if (await isUntouched(folder)) {
  console.log('• demo data');
  // Made beside and put in place when it is whole: a demo that was broken off half-way leaves nothing half-made
  const making = `${folder}-making`;
  rmSync(making, { recursive: true, force: true });
  await makeFirm(making);
  for (const part of ['', '-wal', '-shm']) rmSync(path.join(folder, `${DATABASE_FILE}${part}`), { force: true });
  cpSync(making, folder, { recursive: true });
  rmSync(making, { recursive: true, force: true });
}
