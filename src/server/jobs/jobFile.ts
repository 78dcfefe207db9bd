import { ProblemError } from '@/contract/problem';
import { JOB_FILE_FORMAT, JOB_FILE_VERSION, type JobContainer, type JobFile } from '@/contract/job';
import type { Job } from '@/core/job';
import type { Clock } from '../clock';
import type { Database } from '../db/open';
import { FileStore } from '../files';
import { bringUp } from '../projection/project';
import { addTo } from './entryStore';
import { jobLog, jobOf, type JobLog } from './jobLog';
import { headOf } from './rows';

/** So much of photos goes into a job file, bytes: it is read and written whole. More go into a container. */
const MOST_FILE_BYTES = 48 * 1024 * 1024;

/** A job as a file: its head, its whole log, its attachments. @throws ProblemError 404 · 413 too much for a job file */
export async function exportJob(db: Database, files: FileStore, jobId: string): Promise<JobFile> {
  const { head, entries } = await jobLog(db, jobId);
  const rows = await db.selectFrom('attachments').selectAll().where('job_id', '=', jobId).orderBy('id').execute();
  let bytes = 0;
  for (const { sha256 } of rows) bytes += await files.sizeOf(sha256);
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
      rows.map(async ({ id, media_type: mediaType, sha256 }) => ({
        id,
        mediaType,
        sha256,
        base64: (await files.read(sha256)).toString('base64'),
      })),
    ),
  };
}

/** Checks every attachment against its hash before anything is written. @throws ProblemError 422 */
async function keepAttachments(files: FileStore, file: JobFile): Promise<void> {
  const contents = file.attachments.map((attachment, i) => {
    const bytes = Buffer.from(attachment.base64, 'base64');
    if (FileStore.nameOf(bytes) !== attachment.sha256)
      throw new ProblemError(422, 'An attachment is damaged: it is not what its SHA-256 says.', [
        { path: `attachments[${i}].sha256`, message: 'is not the hash of the content' },
      ]);
    return bytes;
  });
  for (const bytes of contents) await files.keep(bytes);
}

/**
 * Takes a job file in: a new job whole, of a known job what is new, renumbered at its end.
 * @returns whether anything was new
 * @throws ProblemError 409 where ids are taken by other content · 422 where something is impossible
 */
export async function importJob(
  db: Database,
  clock: Clock,
  files: FileStore,
  file: JobFile,
): Promise<{ readonly made: boolean; readonly job: Job }> {
  await keepAttachments(files, file);
  return importLog({ db, clock }, file);
}

/** Takes the log of a file in, whose attachments are kept already. */
export async function importLog(
  { db, clock }: { readonly db: Database; readonly clock: Clock },
  file: Pick<JobContainer, 'job' | 'entries' | 'attachments'>,
): Promise<{ readonly made: boolean; readonly job: Job }> {
  const taken = await db.transaction().execute(async (trx) => {
    const { id, title, createdAt } = file.job;
    const known = await trx.selectFrom('jobs').selectAll().where('id', '=', id).executeTakeFirst();
    if (known && (known.title !== title || known.created_at !== createdAt))
      throw new ProblemError(409, 'A job with this id is there already, with another title or beginning.');
    let log: JobLog;
    if (known) log = await jobLog(trx, id);
    else {
      const row = { id, title, created_at: createdAt, received_at: clock.now(), by_id: null, by_name: null };
      await trx.insertInto('jobs').values(row).execute();
      log = { head: headOf(row), entries: [] };
    }
    const there = await trx.selectFrom('attachments').select('id').where('job_id', '=', id).execute();
    const news = file.attachments.filter((attachment) => !there.some((row) => row.id === attachment.id));
    for (const attachment of news)
      await trx
        .insertInto('attachments')
        .values({ job_id: id, id: attachment.id, media_type: attachment.mediaType, sha256: attachment.sha256 })
        .execute();
    const grown = await addTo(trx, clock, log, file.entries, 'imported');
    return {
      made: !known || grown.entries.length > log.entries.length || news.length > 0,
      job: jobOf(grown),
    };
  });
  await bringUp(db, taken.job.id);
  return taken;
}
