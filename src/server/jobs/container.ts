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

const ENTRIES_NAME = 'entries.json';
const FILE_NAME = /^files\/([0-9a-f]{64})$/;
/** What lies beside the job for who has no such program: it follows from the rest, and is passed over. */
const BESIDE = 'beside/';
/** Largest list of entries, and largest file, in a container. */
const MOST_BYTES = { entries: 24 * 1024 * 1024, file: 64 * 1024 * 1024 } as const;

const damaged = (detail: string): ProblemError => new ProblemError(422, detail, [{ path: '', message: 'is damaged' }]);

/** Puts a part into an archive. Whoever reads slowly holds it up: else all of them would be in memory. */
const put = (archive: Pack, name: string, content: Buffer): Promise<void> =>
  new Promise((resolve, reject) => {
    archive.entry({ name, size: content.length, mtime: new Date(0) }, content, (error) =>
      error ? reject(error) : resolve(),
    );
  });

/** Fills an archive: one file at a time is opened and in memory. */
async function fill(
  archive: Pack,
  shelf: { readonly db: Database; readonly files: FileStore },
  container: JobContainer,
  rows: readonly AttachmentRow[],
  beside: AsyncIterable<BesideFile> | null,
): Promise<void> {
  await put(archive, ENTRIES_NAME, Buffer.from(JSON.stringify(container)));
  const byHash = new Map(rows.map((row) => [row.sha256, row]));
  for (const [sha256, row] of byHash) {
    await put(archive, `files/${sha256}`, Buffer.from(await contentOfFile(shelf, row)));
  }
  if (beside) for await (const { name, bytes } of beside) await put(archive, `${BESIDE}${name}`, Buffer.from(bytes));
  archive.finalize();
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
  const { head, entries } = await jobLog(db, jobId);
  const rows = head.erasedAt === undefined ? await attachmentsOf(db, jobId) : [];
  const archive = pack();
  const container: JobContainer = {
    format: JOB_CONTAINER_FORMAT,
    version: JOB_CONTAINER_VERSION,
    job: { id: head.id, createdAt: head.createdAt, title: head.title },
    entries,
    attachments: rows.map(({ id, media_type: mediaType, sha256 }) => ({ id, mediaType, sha256 })),
  };
  fill(archive, { db, files }, container, rows, beside).catch((error: unknown) =>
    archive.destroy(error instanceof Error ? error : new Error(String(error))),
  );
  // The archive’s own stream is not Node’s, whatever its types say: a web stream can’t be made of it
  return { title: head.title, stream: Readable.from(archive, { objectMode: false }) };
}

/** A part of an archive, whole. @throws ProblemError 413 where it is larger than a part may be */
async function bytesOf(entry: AsyncIterable<Buffer>, mostBytes: number, tooLarge: string): Promise<Buffer> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of entry) {
    size += part.length;
    if (size > mostBytes) throw new ProblemError(413, tooLarge);
    parts.push(part);
  }
  return Buffer.concat(parts);
}

async function textOf(entry: AsyncIterable<Buffer>): Promise<string> {
  const bytes = await bytesOf(entry, MOST_BYTES.entries, 'The list of entries of this container is too large.');
  checkSize(bytes, FILE_LIMITS);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw damaged('The entries of this container are not text in UTF-8.');
  }
}

function readContainer(text: string): JobContainer {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw damaged('The entries of this container are no JSON, or were cut off.');
  }
  return parseContainer(value);
}

/**
 * Takes a container in: its files first, each held against its name, then the job as from a job file.
 * @throws ProblemError 400, 413, 422 where it is none, too large, or damaged · 409 as for a job file
 */
export async function takeContainer(
  { db, clock, files }: Store,
  reading: Readable,
): Promise<{ readonly made: boolean; readonly job: Job }> {
  const archive = extract();
  reading.on('error', (error) => archive.destroy(error));
  reading.pipe(archive);
  let container: JobContainer | null = null;
  let there: readonly AttachmentRow[] = [];
  const kept: KeptFile[] = [];
  const seen = new Set<string>();
  try {
    for await (const entry of archive) {
      const { name } = entry.header;
      if (container === null) {
        if (name !== ENTRIES_NAME) throw damaged('This is no container of a job: it does not begin with its entries.');
        container = readContainer(await textOf(entry));
        await ensureKey(db, container.job.id);
        there = await attachmentsOf(db, container.job.id);
        continue;
      }
      if (name.startsWith(BESIDE)) {
        await bytesOf(entry, MOST_BYTES.file, `“${name.slice(0, 80)}” of this container is too large.`);
        continue;
      }
      const sha256 = FILE_NAME.exec(name)?.[1];
      const named = container.attachments.filter((one) => one.sha256 === sha256);
      if (sha256 === undefined || named.length === 0)
        throw damaged(`The container holds “${name.slice(0, 80)}”, which none of its entries names.`);
      const bytes = await bytesOf(entry, MOST_BYTES.file, `The file ${sha256} of this container is too large.`);
      if (FileStore.nameOf(bytes) !== sha256)
        throw damaged(`The file ${sha256} of this container is damaged: it is not what its name says.`);
      seen.add(sha256);
      for (const attachment of named)
        if (!isThere(there, attachment))
          kept.push(await keepForeign({ db, files }, container.job.id, attachment, bytes));
    }
  } catch (error) {
    if (error instanceof ProblemError) throw error;
    throw damaged('This is no container of a job, or it was cut off. Nothing was taken in.');
  } finally {
    reading.destroy();
  }
  if (container === null) throw damaged('This is no container of a job, or it was cut off.');
  const missing = container.attachments.find((one) => !seen.has(one.sha256) && !isThere(there, one));
  if (missing) throw damaged(`The file ${missing.sha256} is missing from this container.`);
  return importLog({ db, clock }, container, kept);
}
