import { ProblemError } from '@/contract/problem';
import type { KeptPhoto } from '@/contract/photo';
import type { Database } from '../db/open';
import { FileStore } from '../files';
import { contentOfFile, keepFile, keepSmall, smallOf, type AttachmentRow } from '../jobs/attachments';
import type { Store } from '../storeOf';
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
  const sha256 = FileStore.nameOf(bytes);
  const kept = { sha256, mediaType: PHOTO_MEDIA_TYPE, widthPx, heightPx, bytes: bytes.length };
  if (await rowOf(db, jobId, sha256)) return kept;
  const shelf = { db, files };
  const row = { job_id: jobId, ...(await keepFile(shelf, jobId, { id: sha256, mediaType: PHOTO_MEDIA_TYPE }, bytes)) };
  await keepSmall(shelf, thumbs, row, await thumbOf(bytes));
  await db
    .insertInto('attachments')
    .values(row)
    .onConflict((conflict) => conflict.doNothing())
    .execute();
  return kept;
}

/** The row of a job’s file, by its hash or by the id that it came in with. */
const rowOf = (db: Database, jobId: string, name: string): Promise<AttachmentRow | undefined> =>
  db
    .selectFrom('attachments')
    .selectAll()
    .where('job_id', '=', jobId)
    .where((row) => row.or([row('sha256', '=', name), row('id', '=', name)]))
    .executeTakeFirst();

export interface StoredPhoto {
  readonly bytes: Uint8Array;
  readonly mediaType: string;
  readonly shown: boolean;
}

/** A picture of a job, whole or small. @throws ProblemError 404 · 410 its customer was erased · 422 it can’t be read */
export async function readPhoto(
  { db, files, thumbs }: Store,
  jobId: string,
  name: string,
  size: 'whole' | 'thumb',
): Promise<StoredPhoto> {
  const row = await rowOf(db, jobId, name);
  if (!row) throw new ProblemError(404, 'This job has no such picture.');
  const shelf = { db, files };
  const shown = SHOWN.has(row.media_type);
  if (size === 'whole' || !shown) return { bytes: await contentOfFile(shelf, row), mediaType: row.media_type, shown };
  const before = await smallOf(shelf, thumbs, row);
  if (before) return { bytes: before, mediaType: PHOTO_MEDIA_TYPE, shown };
  // One that came in a job file has no small picture yet
  const bytes = await contentOfFile(shelf, row);
  let small: Buffer;
  try {
    small = await thumbOf(bytes);
  } catch (cause) {
    throw new ProblemError(422, 'This picture can’t be read.', [], { cause });
  }
  await keepSmall(shelf, thumbs, row, small);
  return { bytes: small, mediaType: PHOTO_MEDIA_TYPE, shown };
}
