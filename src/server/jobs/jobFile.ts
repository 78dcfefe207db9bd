import { ProblemError } from '@/contract/problem';
import { JOB_FILE_FORMAT, JOB_FILE_VERSION, type Attachment, type JobContainer, type JobFile } from '@/contract/job';
import type { Job } from '@/core/job';
import type { Clock } from '../clock';
import type { Database } from '../db/open';
import { FileStore } from '../files';
import { bringUp } from '../projection/project';
import { PHOTO_MEDIA_TYPE, withoutPosition } from '../photos/encodePhoto';
import { ensureKey, writingKey } from '../sealing/keys';
import { sealedTitle } from '../sealing/sealedRows';
import { attachmentsOf, contentOfFile, keepFile, type AttachmentRow, type KeptFile } from './attachments';
import { addTo } from './entryStore';
import { jobLog, jobOf } from './jobLog';

/** So much of photos goes into a job file, bytes: it is read and written whole. More go into a container. */
const MOST_FILE_BYTES = 24 * 1024 * 1024;

/** A job as a file: its head, its whole log, its attachments. @throws ProblemError 404 · 413 too much for a job file */
export async function exportJob(db: Database, files: FileStore, jobId: string): Promise<JobFile> {
  const { head, entries } = await jobLog(db, jobId);
  const rows = head.erasedAt === undefined ? await attachmentsOf(db, jobId) : [];
  let bytes = 0;
  for (const { file, sha256 } of rows) bytes += await files.sizeOf(file ?? sha256);
  if (bytes > MOST_FILE_BYTES)
    throw new ProblemError(
      413,
      `The ${rows.length} pictures of this job have ${Math.round(bytes / 1024 / 1024)} MB: too much for a job file. Take it as a container: /api/v1/jobs/${jobId}/container`,
    );
  return {
    format: JOB_FILE_FORMAT,
    version: JOB_FILE_VERSION,
    job: { id: head.id, createdAt: head.createdAt, title: head.title },
    entries,
    attachments: await Promise.all(
      rows.map(async (row) => ({
        id: row.id,
        mediaType: row.media_type,
        sha256: row.sha256,
        base64: Buffer.from(await contentOfFile({ db, files }, row)).toString('base64'),
      })),
    ),
  };
}

/**
 * Keeps a file that came with a job, without what its camera wrote beside it. Its entries name it by the hash it came with:
 * where the content changed, that is its id here.
 */
export async function keepForeign(
  shelf: { readonly db: Database; readonly files: FileStore },
  jobId: string,
  { id, mediaType, sha256 }: Omit<Attachment, 'base64'>,
  content: Buffer,
): Promise<KeptFile> {
  const bytes = await withoutPosition(content);
  const isSame = bytes === content;
  return keepFile(shelf, jobId, { id: isSame ? id : sha256, mediaType: isSame ? mediaType : PHOTO_MEDIA_TYPE }, bytes);
}

/** Whether a job has a file already that it is brought again. */
export const isThere = (rows: readonly AttachmentRow[], { id, sha256 }: Omit<Attachment, 'base64'>): boolean =>
  rows.some((row) => row.id === id || row.id === sha256);

/** Reads the content of an attachment by its `base64`; null where that is none. */
export type ContentOf = (base64: string) => Buffer | null | Promise<Buffer | null>;

/** Keeps the attachments that are new here, one after the other, each held against its hash. @throws ProblemError 400, 422 */
async function keepAttachments(
  shelf: { readonly db: Database; readonly files: FileStore },
  { job, attachments }: JobFile,
  contentOf: ContentOf,
): Promise<readonly KeptFile[]> {
  const there = await attachmentsOf(shelf.db, job.id);
  const kept: KeptFile[] = [];
  for (const [i, attachment] of attachments.entries()) {
    const bytes = await contentOf(attachment.base64);
    if (!bytes)
      throw new ProblemError(400, 'An attachment is not base64.', [
        { path: `attachments[${i}].base64`, message: 'is not base64' },
      ]);
    if (FileStore.nameOf(bytes) !== attachment.sha256)
      throw new ProblemError(422, 'An attachment is damaged: it is not what its SHA-256 says.', [
        { path: `attachments[${i}].sha256`, message: 'is not the hash of the content' },
      ]);
    if (!isThere(there, attachment)) kept.push(await keepForeign(shelf, job.id, attachment, bytes));
  }
  return kept;
}

/**
 * Takes a job file in: a new job whole, of a known job what is new, renumbered at its end.
 * @param contentOf where the attachments' content stands elsewhere than in the file
 * @returns whether anything was new
 * @throws ProblemError 409 where ids are taken by other content · 410 its customer was erased · 422 where something is impossible
 */
export async function importJob(
  db: Database,
  clock: Clock,
  files: FileStore,
  file: JobFile,
  contentOf: ContentOf = (base64) => Buffer.from(base64, 'base64'),
): Promise<{ readonly made: boolean; readonly job: Job }> {
  await ensureKey(db, file.job.id);
  return importLog({ db, clock }, file, await keepAttachments({ db, files }, file, contentOf));
}

/**
 * Takes the log of a file in.
 * @param kept files of it that are new here, kept already
 */
export async function importLog(
  { db, clock }: { readonly db: Database; readonly clock: Clock },
  { job: { id, title, createdAt }, entries }: Pick<JobContainer, 'job' | 'entries'>,
  kept: readonly KeptFile[],
): Promise<{ readonly made: boolean; readonly job: Job }> {
  const taken = await db.transaction().execute(async (trx) => {
    const key = await writingKey(trx, id);
    const row = { id, title: sealedTitle(key, id, title), created_at: createdAt, received_at: clock.now() };
    const known = await trx.selectFrom('jobs').select('id').where('id', '=', id).executeTakeFirst();
    if (!known)
      await trx
        .insertInto('jobs')
        .values({ ...row, by_id: null, by_name: null })
        .execute();
    const log = await jobLog(trx, id);
    if (log.head.title !== title || log.head.createdAt !== createdAt)
      throw new ProblemError(409, 'A job with this id is there already, with another title or beginning.');
    for (const file of kept)
      await trx
        .insertInto('attachments')
        .values({ job_id: id, ...file })
        .onConflict((conflict) => conflict.doNothing())
        .execute();
    const grown = await addTo(trx, clock, log, entries, 'imported');
    return {
      made: !known || grown.entries.length > log.entries.length || kept.length > 0,
      job: jobOf(grown),
    };
  });
  await bringUp(db, taken.job.id);
  return taken;
}
