import { Readable } from 'node:stream';
import { extract, pack, type Pack } from 'tar-stream';
import { parseContainer, JOB_CONTAINER_FORMAT, JOB_CONTAINER_VERSION, type JobContainer } from '@/contract/job';
import { FILE_LIMITS, checkSize } from '@/contract/jsonSize';
import { ProblemError } from '@/contract/problem';
import type { Job } from '@/core/job';
import type { Database } from '../db/open';
import { FileStore } from '../files';
import type { BesideFile } from '../papers/paperOf';
import { ensureKey } from '../sealing/keys';
import type { Store } from '../storeOf';
import { attachmentsOf, contentOfFile, type AttachmentRow, type KeptFile } from './attachments';
import { importLog, isThere, keepForeign } from './jobFile';
import { jobLog } from './jobLog';

// A job with all its photos as one archive: `entries.json`, then every file under its hash. Streamed both ways: however many
// photos there are, one piece of one of them is in memory at a time. Its form stands in docs/formats.

export const ENTRIES_NAME = 'entries.json';
const FILE_NAME = /^files\/([0-9a-f]{64})$/;
/** What lies beside the job for who has no such program: it follows from the rest, and is passed over. */
const BESIDE = 'beside/';
/** Largest list of entries, and largest file, in a container. */
const MOST_BYTES = { entries: 24 * 1024 * 1024, file: 64 * 1024 * 1024 } as const;

export const damaged = (detail: string): ProblemError =>
  new ProblemError(422, detail, [{ path: '', message: 'is damaged' }]);

/** Puts a part into an archive. Whoever reads slowly holds it up: else all of them would be in memory. */
export const put = (archive: Pack, name: string, content: Buffer): Promise<void> =>
  new Promise((resolve, reject) => {
    archive.entry({ name, size: content.length, mtime: new Date(0) }, content, (error) =>
      error ? reject(error) : resolve(),
    );
  });

/** What goes into an archive, by the one who fills it. */
export type Fill = (archive: Pack) => Promise<void>;

/** An archive as it is read: it is filled while it leaves. */
export function archiveOf(fill: Fill): Readable {
  const archive = pack();
  fill(archive)
    .then(() => archive.finalize())
    .catch((error: unknown) => archive.destroy(error instanceof Error ? error : new Error(String(error))));
  // The archive’s own stream is not Node’s, whatever its types say: a web stream can’t be made of it
  return Readable.from(archive, { objectMode: false });
}

type Shelf = { readonly db: Database; readonly files: FileStore };

/**
 * A job’s parts of an archive: one file at a time is opened and in memory.
 * @param under what stands before their names
 * @throws ProblemError 404
 */
export async function partsOfJob(
  shelf: Shelf,
  jobId: string,
): Promise<{ title: string; fill: (under: string) => Fill }> {
  const { head, entries } = await jobLog(shelf.db, jobId);
  const rows = head.erasedAt === undefined ? await attachmentsOf(shelf.db, jobId) : [];
  const container: JobContainer = {
    format: JOB_CONTAINER_FORMAT,
    version: JOB_CONTAINER_VERSION,
    job: { id: head.id, createdAt: head.createdAt, title: head.title },
    entries,
    attachments: rows.map(({ id, media_type: mediaType, sha256 }) => ({ id, mediaType, sha256 })),
  };
  const byHash = new Map(rows.map((row) => [row.sha256, row]));
  const fill = (under: string) => async (archive: Pack) => {
    await put(archive, `${under}${ENTRIES_NAME}`, Buffer.from(JSON.stringify(container)));
    for (const [sha256, row] of byHash)
      await put(archive, `${under}files/${sha256}`, Buffer.from(await contentOfFile(shelf, row)));
  };
  return { title: head.title, fill };
}

/**
 * A job as a container, as it is read.
 * @param beside what lies beside it: its papers and what else can be read without this program
 * @throws ProblemError 404
 */
export async function containerOf(
  db: Database,
  files: FileStore,
  jobId: string,
  beside: AsyncIterable<BesideFile> | null = null,
): Promise<{ readonly title: string; readonly stream: Readable }> {
  const { title, fill } = await partsOfJob({ db, files }, jobId);
  const stream = archiveOf(async (archive) => {
    await fill('')(archive);
    if (beside) for await (const { name, bytes } of beside) await put(archive, `${BESIDE}${name}`, Buffer.from(bytes));
  });
  return { title, stream };
}

/** A part of an archive, whole. @throws ProblemError 413 where it is larger than a part may be */
export async function bytesOf(entry: AsyncIterable<Buffer>, mostBytes: number, tooLarge: string): Promise<Buffer> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of entry) {
    size += part.length;
    if (size > mostBytes) throw new ProblemError(413, tooLarge);
    parts.push(part);
  }
  return Buffer.concat(parts);
}

/** A part of an archive that is JSON. @throws ProblemError 413, 422 */
export async function jsonOf(entry: AsyncIterable<Buffer>): Promise<unknown> {
  const bytes = await bytesOf(entry, MOST_BYTES.entries, 'The list of entries of this container is too large.');
  checkSize(bytes, FILE_LIMITS);
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw damaged('The entries of this container are not text in UTF-8.');
  }
  try {
    return JSON.parse(text);
  } catch {
    throw damaged('The entries of this container are no JSON, or were cut off.');
  }
}

/** A job of an archive while its parts come, one after the other: its entries, then its files. */
export class JobTaken {
  private readonly kept: KeptFile[] = [];
  private readonly seen = new Set<string>();

  private constructor(
    private readonly store: Store,
    private readonly container: JobContainer,
    private readonly there: readonly AttachmentRow[],
  ) {}

  /**
   * @param id of the job, where it is known beforehand
   * @throws ProblemError 400, 410, 413, 422
   */
  static async begun(store: Store, entry: AsyncIterable<Buffer>, id?: string): Promise<JobTaken> {
    const container = parseContainer(await jsonOf(entry));
    if (id !== undefined && container.job.id !== id) throw damaged(`What stands under ${id} is another job.`);
    await ensureKey(store.db, container.job.id);
    return new JobTaken(store, container, await attachmentsOf(store.db, container.job.id));
  }

  /** Takes a file in, held against its name. @throws ProblemError 413, 422 */
  async file(name: string, entry: AsyncIterable<Buffer>): Promise<void> {
    const { job, attachments } = this.container;
    const sha256 = FILE_NAME.exec(name)?.[1];
    const named = attachments.filter((one) => one.sha256 === sha256);
    if (sha256 === undefined || named.length === 0)
      throw damaged(`The container holds “${name.slice(0, 80)}”, which none of its entries names.`);
    const bytes = await bytesOf(entry, MOST_BYTES.file, `The file ${sha256} of this container is too large.`);
    if (FileStore.nameOf(bytes) !== sha256)
      throw damaged(`The file ${sha256} of this container is damaged: it is not what its name says.`);
    this.seen.add(sha256);
    for (const attachment of named)
      if (!isThere(this.there, attachment)) this.kept.push(await keepForeign(this.store, job.id, attachment, bytes));
  }

  /** Once all parts have come: takes the entries in. @throws ProblemError 409, 410, 422 */
  ended(): ReturnType<typeof importLog> {
    const missing = this.container.attachments.find((one) => !this.seen.has(one.sha256) && !isThere(this.there, one));
    if (missing) throw damaged(`The file ${missing.sha256} is missing from this container.`);
    return importLog(this.store, this.container, this.kept);
  }
}

/**
 * Takes a container in: its files first, each held against its name, then the job as from a job file.
 * @throws ProblemError 400, 413, 422 where it is none, too large, or damaged · 409 as for a job file
 */
export async function takeContainer(
  store: Store,
  reading: Readable,
): Promise<{ readonly made: boolean; readonly job: Job }> {
  const archive = extract();
  reading.on('error', (error) => archive.destroy(error));
  reading.pipe(archive);
  let taken: JobTaken | null = null;
  try {
    for await (const entry of archive) {
      const { name } = entry.header;
      if (taken === null) {
        if (name !== ENTRIES_NAME) throw damaged('This is no container of a job: it does not begin with its entries.');
        taken = await JobTaken.begun(store, entry);
      } else if (name.startsWith(BESIDE))
        await bytesOf(entry, MOST_BYTES.file, `“${name.slice(0, 80)}” of this container is too large.`);
      else await taken.file(name, entry);
    }
  } catch (error) {
    if (error instanceof ProblemError) throw error;
    throw damaged('This is no container of a job, or it was cut off. Nothing was taken in.');
  } finally {
    reading.destroy();
  }
  if (taken === null) throw damaged('This is no container of a job, or it was cut off.');
  return taken.ended();
}
