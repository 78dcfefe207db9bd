import { ProblemError } from '@/contract/problem';
import type { KeptPhoto } from '@/contract/photo';
import type { Store } from '../store';
import { PHOTO_MEDIA_TYPE, encodePhoto, thumbOf } from './encodePhoto';

/** Only these are shown in the browser; anything else that a job file brought is handed out as a file. */
const SHOWN = new Set([PHOTO_MEDIA_TYPE, 'image/png', 'image/webp']);

/**
 * Takes a picture in for a job: kept and synced as a file before anything names it. The same picture again changes
 * nothing.
 * @throws ProblemError 404 no such job · 422 no picture
 */
export async function keepPhoto({ db, files, thumbs }: Store, jobId: string, input: Buffer): Promise<KeptPhoto> {
  const job = await db.selectFrom('jobs').select('id').where('id', '=', jobId).executeTakeFirst();
  if (!job) throw new ProblemError(404, `There is no job ${jobId.slice(0, 64)} here.`);
  const { bytes, widthPx, heightPx } = await encodePhoto(input);
  const sha256 = await files.keep(bytes);
  await thumbs.keepAs(sha256, await thumbOf(bytes));
  await db
    .insertInto('attachments')
    .values({ job_id: jobId, id: sha256, media_type: PHOTO_MEDIA_TYPE, sha256 })
    .onConflict((conflict) => conflict.doNothing())
    .execute();
  return { sha256, mediaType: PHOTO_MEDIA_TYPE, widthPx, heightPx, bytes: bytes.length };
}

export interface StoredPhoto {
  readonly bytes: Buffer;
  readonly mediaType: string;
  readonly shown: boolean;
}

/** A picture of a job, whole or small. @throws ProblemError 404 */
export async function readPhoto(
  { db, files, thumbs }: Store,
  jobId: string,
  sha256: string,
  size: 'whole' | 'thumb',
): Promise<StoredPhoto> {
  const row = await db
    .selectFrom('attachments')
    .select('media_type')
    .where('job_id', '=', jobId)
    .where('sha256', '=', sha256)
    .executeTakeFirst();
  if (!row || !files.has(sha256)) throw new ProblemError(404, 'This job has no such picture.');
  const shown = SHOWN.has(row.media_type);
  if (size === 'whole' || !shown) return { bytes: await files.read(sha256), mediaType: row.media_type, shown };
  // One that came in a job file has no small picture yet
  if (!thumbs.has(sha256))
    try {
      await thumbs.keepAs(sha256, await thumbOf(await files.read(sha256)));
    } catch (cause) {
      throw new ProblemError(422, 'This picture can’t be read.', [], { cause });
    }
  return { bytes: await thumbs.read(sha256), mediaType: PHOTO_MEDIA_TYPE, shown };
}
