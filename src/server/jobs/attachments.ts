import type { Selectable } from 'kysely';
import { ProblemError } from '@/contract/problem';
import type { Database } from '../db/open';
import type { Tables } from '../db/tables';
import { FileStore } from '../files';
import { siteKey, writingKey } from '../sealing/keys';
import { openBytes, sealBytes } from '../sealing/seal';

// The files of a job lie sealed by the key of its site, each under the hash of what lies there. Entries name a file by the
// hash of its content, or by the id that it came in with.

type Shelf = { readonly db: Database; readonly files: FileStore };
export type AttachmentRow = Selectable<Tables['attachments']>;
/** A file that is kept and not named by its job yet. */
export type KeptFile = Omit<AttachmentRow, 'job_id'>;

const about = (jobId: string, sha256: string): string => `${jobId}/files/${sha256}`;

export const attachmentsOf = (db: Database, jobId: string): Promise<readonly AttachmentRow[]> =>
  db.selectFrom('attachments').selectAll().where('job_id', '=', jobId).orderBy('id').execute();

/** Keeps a file's content sealed, before anything names it. @throws ProblemError 410 where the customer was erased */
export async function keepFile(
  { db, files }: Shelf,
  jobId: string,
  { id, mediaType }: { readonly id: string; readonly mediaType: string },
  bytes: Uint8Array,
): Promise<KeptFile> {
  const sha256 = FileStore.nameOf(bytes);
  const key = await writingKey(db, jobId);
  const file = await files.keep(sealBytes(key, about(jobId, sha256), bytes));
  return { id, media_type: mediaType, sha256, file };
}

/** What a job's file holds. @throws ProblemError 404 it is not there · 410 its customer was erased */
export async function contentOfFile({ db, files }: Shelf, row: AttachmentRow): Promise<Uint8Array> {
  const { key } = await siteKey(db, row.job_id);
  if (!key) throw new ProblemError(410, 'The customer of this job was erased, and with them this picture.');
  const name = row.file ?? row.sha256;
  if (!files.has(name)) throw new ProblemError(404, 'This job has no such picture.');
  const bytes = await files.read(name);
  return row.file === null ? bytes : openBytes(key, about(row.job_id, row.sha256), bytes);
}

/** Small pictures lie sealed too, under the name of the file that they were made of. */
export const keepSmall = async ({ db }: Shelf, thumbs: FileStore, row: AttachmentRow, bytes: Buffer): Promise<void> =>
  thumbs.keepAs(row.file ?? row.sha256, sealBytes(await writingKey(db, row.job_id), about(row.job_id, 'small'), bytes));

/** A small picture that was made before; null where none was, or it can’t be opened. */
export async function smallOf({ db }: Shelf, thumbs: FileStore, row: AttachmentRow): Promise<Uint8Array | null> {
  const name = row.file ?? row.sha256;
  const { key } = await siteKey(db, row.job_id);
  if (!key || !thumbs.has(name)) return null;
  try {
    return openBytes(key, about(row.job_id, 'small'), await thumbs.read(name));
  } catch {
    // From before, when they lay in the clear
    await thumbs.drop(name);
    return null;
  }
}

/**
 * Seals files of a database from before, one after the other, so that requests come in between; what lay in the clear
 * goes once no job needs it.
 * @returns how many
 */
export async function sealOldFiles({ db, files }: Shelf, thumbs: FileStore): Promise<number> {
  const rows = await db.selectFrom('attachments').selectAll().where('file', 'is', null).execute();
  for (const row of rows) {
    const { key } = await siteKey(db, row.job_id);
    if (key && files.has(row.sha256)) {
      const { file } = await keepFile(
        { db, files },
        row.job_id,
        { id: row.id, mediaType: row.media_type },
        await files.read(row.sha256),
      );
      await db
        .updateTable('attachments')
        .set({ file })
        .where('job_id', '=', row.job_id)
        .where('id', '=', row.id)
        .execute();
    }
    const clear = await db
      .selectFrom('attachments')
      .select('id')
      .where('sha256', '=', row.sha256)
      .where('file', 'is', null)
      .executeTakeFirst();
    if (clear) continue;
    await files.drop(row.sha256);
    await thumbs.drop(row.sha256);
  }
  return rows.length;
}
