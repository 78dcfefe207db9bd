import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import sharp from 'sharp';
import { v7 } from 'uuid';
import { ProblemError } from '@/contract/problem';
import { fold } from '@/core/job';
import { entry, newJob, temporaryStore } from '../forTests';
import { appendEntries, createJob } from '../jobs/entryStore';
import { jobLog } from '../jobs/jobLog';
import { exportJob, importJob } from '../jobs/jobFile';
import type { Store } from '../storeOf';
import { encodePhoto } from './encodePhoto';
import { keepPhoto, readPhoto } from './photoStore';

let store: Store;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ store, end } = await temporaryStore());
});
afterAll(() => end());

/** A picture whose left half is red, so that turning shows. */
const picture = (width = 60, height = 40): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: '#0000ff' } })
    .composite([
      {
        input: { create: { width: Math.floor(width / 2), height, channels: 3, background: '#ff0000' } },
        left: 0,
        top: 0,
      },
    ])
    .jpeg()
    .toBuffer();
const refusal = (work: Promise<unknown>): Promise<ProblemError> =>
  work.then(
    () => {
      throw new Error('was taken');
    },
    (error: unknown) => {
      if (error instanceof ProblemError) return error;
      throw error;
    },
  );
const make = async (): Promise<string> => {
  const job = newJob();
  await createJob(store.db, store.clock, job);
  return job.id;
};

describe('a picture', () => {
  it('is turned upright and loses where and by what it was taken', async () => {
    const turned = await sharp(await picture())
      .withExif({
        IFD0: { Model: 'camera', Orientation: '6' },
        IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '50/1 4/1 0/1' },
      })
      .withMetadata({ orientation: 6 })
      .toBuffer();
    expect((await sharp(turned).metadata()).exif).toBeDefined();
    const { bytes, widthPx, heightPx } = await encodePhoto(turned);
    expect([widthPx, heightPx]).toEqual([40, 60]);
    const metadata = await sharp(bytes).metadata();
    expect(metadata.exif).toBeUndefined();
    expect(metadata.orientation).toBeUndefined();
    // Turned clockwise the red half stands at the top
    const { data } = await sharp(bytes)
      .extract({ left: 20, top: 5, width: 1, height: 1 })
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect((data[0] ?? 0) > (data[2] ?? 0)).toBe(true);
  });
  it('of 40 megapixels is shrunk, of more than 64 refused', async () => {
    const large = await sharp({ create: { width: 8000, height: 5000, channels: 3, background: '#888888' } })
      .png()
      .toBuffer();
    expect(await encodePhoto(large)).toMatchObject({ widthPx: 2400, heightPx: 1500 });
    const huge = await sharp({ create: { width: 9000, height: 8000, channels: 3, background: '#888888' } })
      .png()
      .toBuffer();
    expect((await refusal(encodePhoto(huge))).detail).toContain('72 megapixels');
  });
  it('that is text, a drawing or cut off is refused', async () => {
    const whole = await picture(600, 400);
    const broken = [
      Buffer.from('this is a text file, not a picture'),
      Buffer.from(''),
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"></svg>'),
      whole.subarray(0, Math.floor(whole.length / 2)),
    ];
    for (const bytes of broken) expect((await refusal(encodePhoto(bytes))).status).toBe(422);
  });
});

describe('pictures of a job', () => {
  it('are kept by what is in them, once, with a small one', async () => {
    const id = await make();
    const first = await keepPhoto(store, id, await picture(900, 700));
    expect(await keepPhoto(store, id, await picture(900, 700))).toEqual(first);
    const thumb = await readPhoto(store, id, first.sha256, 'thumb');
    expect((await sharp(thumb.bytes).metadata()).width).toBe(400);
    expect((await readPhoto(store, id, first.sha256, 'whole')).mediaType).toBe('image/jpeg');
  });
  it('belong to their job alone', async () => {
    const [id, other] = [await make(), await make()];
    const { sha256 } = await keepPhoto(store, id, await picture(90, 70));
    expect((await refusal(readPhoto(store, other, sha256, 'whole'))).status).toBe(404);
    expect((await refusal(keepPhoto(store, v7(), await picture()))).status).toBe(404);
  });
  it('are named by an entry only when they are there', async () => {
    const id = await make();
    const named = (sha256: string) =>
      appendEntries(store.db, store.clock, id, [
        entry('photoAttached', { photoId: 'f', sha256, widthPx: 60, heightPx: 40 }),
      ]);
    expect((await refusal(named('a'.repeat(64)))).errors[0]?.path).toBe('entries[0].data.sha256');
    const { sha256 } = await keepPhoto(store, id, await picture());
    await named(sha256);
    const lost = appendEntries(store.db, store.clock, id, [entry('photoDescribed', { photoId: 'g', caption: 'x' })]);
    expect((await refusal(lost)).status).toBe(422);
  });
  it('go out in the job file and come back with it', async () => {
    const id = await make();
    const { sha256 } = await keepPhoto(store, id, await picture(120, 90));
    await appendEntries(store.db, store.clock, id, [
      entry('photoAttached', { photoId: 'f', sha256, widthPx: 120, heightPx: 90 }),
      entry('photoDescribed', { photoId: 'f', caption: 'the board', rung: 'look' }),
    ]);
    const file = await exportJob(store.db, store.files, id);
    expect(file.attachments).toMatchObject([{ sha256, mediaType: 'image/jpeg' }]);
    const elsewhere = await temporaryStore();
    const { db, clock, files } = elsewhere.store;
    await importJob(db, clock, files, file);
    const { head, entries } = await jobLog(db, id);
    expect(fold(head, entries).photos).toMatchObject([{ sha256, caption: 'the board' }]);
    expect((await readPhoto(elsewhere.store, id, sha256, 'thumb')).bytes.length).toBeGreaterThan(100);
    await elsewhere.end();
  });
});
