import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import { newEntry } from '@/core/kinds';
import { INES } from '@/demo/crew';
import { containerOf } from '@/server/jobs/container';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { keepPhoto } from '@/server/photos/photoStore';
import { broughtUp } from '@/server/projection/soon';
import { openStore, type Store } from '@/server/store';
import { line } from './measured';

const FEW = 25;
const MANY = 250;
const PICTURE = { width: 1200, height: 900, channels: 3 as const };
const MB = 1024 * 1024;

/** A job with so many photos, no two alike. @returns its id */
async function jobWith(store: Store, photos: number): Promise<string> {
  const { db, clock } = store;
  const id = clock.newId();
  await createJob(db, clock, { id, at: clock.now(), by: INES, title: `House with ${photos} photos` });
  const noise = Buffer.alloc(PICTURE.width * PICTURE.height * 3);
  for (let n = 0; n < photos; n++) {
    for (let i = 0; i < noise.length; i++) noise[i] = ((i + n * 7919) * 2654435761) >>> 24;
    const input = await sharp(noise, { raw: PICTURE }).blur(1).jpeg({ quality: 70 }).toBuffer();
    const { sha256, widthPx, heightPx } = await keepPhoto(store, id, input);
    const made = { id: clock.newId(), at: clock.now(), by: INES };
    await appendEntries(db, clock, id, [
      newEntry('photoAttached', { photoId: `photo-${n}`, sha256, widthPx, heightPx }, made),
    ]);
  }
  return id;
}

/** Streams a job as a container to nowhere. @returns how much it was, and by how much the process grew meanwhile, bytes */
async function drained({ db, files }: Store, id: string): Promise<{ bytes: number; grew: number }> {
  global.gc?.();
  const before = process.memoryUsage().rss;
  let [bytes, most] = [0, before];
  const { stream } = await containerOf(db, files, id, null);
  for await (const chunk of stream) {
    bytes += (chunk as Buffer).length;
    most = Math.max(most, process.memoryUsage().rss);
  }
  return { bytes, grew: most - before };
}

/** A job as one archive while it streams, with few photos and with ten times as many. */
export async function benchArchive(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-archive-'));
  const store = await openStore(folder);
  try {
    const few = await jobWith(store, FEW);
    const many = await jobWith(store, MANY);
    await drained(store, few);
    const small = await drained(store, few);
    const large = await drained(store, many);
    line(
      `archive of ${MANY} photos beside one of ${FEW}: ${(large.bytes / small.bytes).toFixed(1)} times the bytes`,
      `${Math.round(large.bytes / MB)} MB streamed, process grew by ${(large.grew / MB).toFixed(0)} MB, beside ${(small.grew / MB).toFixed(0)} MB`,
    );
  } finally {
    await broughtUp(store.db);
    await store.db.destroy();
    rmSync(folder, { recursive: true, force: true });
  }
}
